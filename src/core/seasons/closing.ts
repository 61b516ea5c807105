import { civilDate, dayNumber, isoDate, type DayNumber, type Season } from "../calendar";
import { takenGrams } from "../food";
import type { Change, Garden, KeptDates, KeptPlanting, KeptSeason } from "../garden";
import type { Site } from "../growth";
import type { LogEntry } from "../log";
import { plannedTimeline, plantingState, type PlantingState } from "../plantings";
import { bedDays, type Timeline } from "../schedule";
import type { Tray, TraySowing } from "../trays";

const GRAMS_PER_KG = 1000;
/** What rounding of a scale may leave, g. */
const SLACK_G = 0.5;
/** Feedings stay so long: what was given last year still counts in a bed. */
const FEEDING_COUNTS_DAYS = 365;

/** The year by which a season is known: the one in which it begins. */
export function yearOf({ startDay }: Season): number {
  return civilDate(startDay).year;
}

export function keptSeasonId(year: number): string {
  return `season-${year}`;
}

/** What goes into a season that is closed on a day: what is over, and nothing that still stands. */
interface Over {
  season: Season;
  states: PlantingState[];
}

/**
 * What would be closed on a day: the season before its own while something of it is left, else its own.
 *
 * @returns null where nothing is over, or the season is closed already
 */
export function seasonToClose(site: Site, garden: Garden, day: DayNumber): Over | null {
  const own = site.season(day);
  const before = site.season(own.startDay - 1);
  for (const season of [before, own]) {
    if (garden.keptSeasons.has(keptSeasonId(yearOf(season)))) continue;
    const states = overIn(site, garden, season, day);
    if (states.length > 0) return { season, states };
  }
  return null;
}

/** The plantings of a season, and of those before it, that are over by a day. */
function overIn(site: Site, garden: Garden, season: Season, day: DayNumber): PlantingState[] {
  const lastDay = Math.min(day, season.endDay);
  // What is left for seed stands until its seed lies in the box.
  const forSeed = new Set(
    [...garden.seedPlans.values()].flatMap(({ lotId, plantingId }) =>
      lotId === null ? [plantingId] : [],
    ),
  );
  return [...garden.plantings.values()].flatMap((planting) => {
    if (forSeed.has(planting.id)) return [];
    const state = plantingState(garden, site, planting);
    if (!state) return [];
    const { fromDay, untilDay } = bedDays(state.timeline);
    const overDay = state.facts.overDay ?? untilDay;
    return fromDay <= season.endDay && overDay <= lastDay ? [state] : [];
  });
}

/** A season closed: as it is kept, and the changes that leave the garden with what goes on. */
export interface Closed {
  kept: KeptSeason;
  changes: Change[];
}

/** Closes a season on a day: what is over is kept whole, what still stands goes on. */
export function closedSeason(
  site: Site,
  garden: Garden,
  { season, states }: Over,
  day: DayNumber,
): Closed {
  const gone = new Set(states.map(({ planting }) => planting.id));
  const lastDay = Math.min(day, season.endDay);
  const used = usedUp(garden, lastDay);
  const entries = entriesOf(garden, gone, used, lastDay);
  const isOver = (sowing: TraySowing) =>
    sowing.plantingId !== null
      ? gone.has(sowing.plantingId)
      : sowing.cells.length === 0 && dayNumber(sowing.sownOn) <= lastDay;
  const trays = [...garden.trays.values()].filter(({ sowings }) => sowings.some(isOver));
  const rests = [...garden.rests.values()].filter(({ untilOn }) => dayNumber(untilOn) <= lastDay);
  const feedings = [...garden.feedings.values()].filter(
    ({ on }) => dayNumber(on) <= lastDay - FEEDING_COUNTS_DAYS,
  );
  const goesOn = new Set(
    [...garden.plantings.values()].flatMap(({ id, successionId }) =>
      successionId === null || gone.has(id) ? [] : [successionId],
    ),
  );
  const began = new Set(states.map(({ planting }) => planting.successionId));
  const successions = [...garden.successions.values()].filter(({ id }) => began.has(id));
  const year = yearOf(season);
  const kept: KeptSeason = {
    id: keptSeasonId(year),
    year,
    fromOn: isoDate(season.startDay),
    untilOn: isoDate(season.endDay),
    closedOn: isoDate(day),
    place: garden.place,
    settings: garden.settings,
    need: garden.need,
    shelters: [...garden.shelters.values()],
    beds: [...garden.beds.values()],
    ownCrops: [...garden.ownCrops.values()],
    ownVarieties: [...garden.ownVarieties.values()],
    ownNumbers: [...garden.ownNumbers.values()],
    successions,
    plantings: states.map((state) => keptPlanting(site, garden, state)),
    rests,
    feedings,
    trays: trays.map((tray) => ({ ...tray, sowings: tray.sowings.filter(isOver) })),
    storeLots: [...garden.storeLots.values()].filter(({ id }) => used.has(id)),
    entries,
    wishes: [],
  };
  const removed = (kind: Change["kind"], list: readonly { id: string }[]) =>
    list.map((one) => ({ kind, id: one.id, before: one, after: null }) as Change);
  const changes: Change[] = [
    { kind: "keptSeason", id: kept.id, before: null, after: kept },
    ...removed("logEntry", entries),
    ...removed(
      "planting",
      states.map(({ planting }) => planting),
    ),
    ...removed(
      "seedPlan",
      [...garden.seedPlans.values()].filter(({ plantingId }) => gone.has(plantingId)),
    ),
    ...removed("rest", rests),
    ...removed("feeding", feedings),
    ...removed(
      "succession",
      successions.filter(({ id }) => !goesOn.has(id)),
    ),
    ...removed("storeLot", kept.storeLots),
    ...trays.map((before): Change => {
      const after: Tray = { ...before, sowings: before.sowings.filter((one) => !isOver(one)) };
      return { kind: "tray", id: before.id, before, after };
    }),
    ...[...garden.storeLots.values()].flatMap((before): Change[] =>
      !used.has(before.id) && before.plantingId !== null && gone.has(before.plantingId)
        ? [{ kind: "storeLot", id: before.id, before, after: { ...before, plantingId: null } }]
        : [],
    ),
  ];
  return { kept, changes };
}

/** Lots of the store of which nothing is left. */
function usedUp({ storeLots, logEntries }: Garden, lastDay: DayNumber): Set<string> {
  return new Set(
    [...storeLots.values()].flatMap(({ id, grams, since }) =>
      dayNumber(since) <= lastDay && takenGrams(logEntries, id) >= grams - SLACK_G ? [id] : [],
    ),
  );
}

/** What was written down of what is over, and of nothing in particular until a day. */
function entriesOf(
  { logEntries }: Garden,
  plantings: ReadonlySet<string>,
  lots: ReadonlySet<string>,
  lastDay: DayNumber,
): LogEntry[] {
  return [...logEntries.values()].filter(({ on, what }) => {
    if (what.kind === "taken") return lots.has(what.storeLotId);
    if ("plantingId" in what && what.plantingId !== null) return plantings.has(what.plantingId);
    return dayNumber(on) <= lastDay;
  });
}

function keptPlanting(site: Site, garden: Garden, state: PlantingState): KeptPlanting {
  const { planting, name, usualYieldKg, timeline, facts } = state;
  const planned = plannedTimeline(garden, site, state);
  return {
    planting,
    name: name.slice(0, 300),
    planned: datesOf(planned),
    came: {
      ...datesOf(timeline),
      upOn: dateOf(facts.emergedDay ?? timeline.emergeDay),
      untilOn: dateOf(facts.overDay ?? bedDays(timeline).untilDay),
    },
    usualG: usualYieldKg * GRAMS_PER_KG,
  };
}

function datesOf(timeline: Timeline): KeptDates {
  const { untilDay } = bedDays(timeline);
  return {
    sowOn: isoDate(timeline.sowDay),
    plantOutOn: dateOf(timeline.plantOutDay),
    upOn: dateOf(timeline.emergeDay),
    readyOn: dateOf(timeline.readyDay),
    untilOn: dateOf(untilDay),
  };
}

function dateOf(day: DayNumber | null) {
  return day === null || !Number.isFinite(day) ? null : isoDate(day);
}
