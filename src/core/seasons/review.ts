import { dayNumber, DAYS_PER_WEEK, type DayNumber } from "../calendar";
import { byFoodGroup, FOOD_GROUPS, foodGroupOf, needInWeek, type FoodGroup } from "../food";
import {
  coversOver,
  cropsOf,
  type Bed,
  type Garden,
  type KeptPlanting,
  type KeptSeason,
} from "../garden";
import type { Site } from "../growth";
import { gardenOfSeason } from "../learn";
import type { LogEntry, LossCause } from "../log";
import { factsOf, growingOf, timelineIfSown } from "../plantings";
import type { Facts } from "../schedule";

const GRAMS_PER_KG = 1000;
/** Sooner or later than this is as planned, days. */
const AS_PLANNED_DAYS = 3;
/** A week is short where less than this share of what was wanted came, over three weeks. */
const SHORT_BELOW_SHARE = 0.7;
const FEWEST_SHORT_WEEKS = 2;
/** Of what was ready, its picking has to be logged for the others to count as never picked. */
const LOGGED_SHARE = 0.5;

/** A planting whose first picking came later than planned, and by what. */
export interface CameLate {
  kept: KeptPlanting;
  days: number;
  /** Of these, how many it was sown or set out late, and how many it took longer. */
  sownLateDays: number;
  slowerDays: number;
  /** What it gave less than usual, g; null where it was not weighed. */
  lessG: number | null;
}

/** Weeks in which less of a kind of food came than was wanted. */
export interface SeasonGap {
  group: FoodGroup;
  fromDay: DayNumber;
  untilDay: DayNumber;
  /** By how much it was short each week, g. */
  shortG: number;
}

/** A season on one page. */
export interface SeasonReview {
  plantings: number;
  harvestedG: number;
  /** What all of it would usually have given, g. */
  usualG: number;
  /** What was weighed each week, in the open and under covers, g. */
  weeks: { fromDay: DayNumber; openG: number; coveredG: number }[];
  late: CameLate[];
  /** Stood ready, and nothing of it was picked. */
  neverPicked: KeptPlanting[];
  /** What was lost, by its cause, the most first. */
  lost: { cause: LossCause; grams: number; plantings: KeptPlanting[] }[];
  /** What rotted in the store, by its crop. */
  rotted: { cropId: string; grams: number }[];
  gaps: SeasonGap[];
  /** What was picked under covers after the day on which cold would have taken it in the open. */
  covers: { bedId: string; grams: number; plantings: number }[];
}

/** What a season came to. Its plantings are those of the season; what is in store may still lie there. */
export function reviewOf(site: Site, kept: KeptSeason, now: Garden): SeasonReview {
  const then = gardenOfSeason(kept);
  const facts = new Map(
    kept.plantings.map(({ planting }) => [planting.id, factsOf(then, planting.id)]),
  );
  const factsFor = (one: KeptPlanting) => facts.get(one.planting.id) as Facts;
  // Where few pickings are logged, nothing says that the others were not picked.
  const ready = kept.plantings.filter(({ came }) => came.readyOn !== null);
  const logged = ready.filter((one) => factsFor(one).firstHarvestDay !== null);
  const isPickingLogged = logged.length >= LOGGED_SHARE * ready.length;
  return {
    plantings: kept.plantings.length,
    harvestedG: [...facts.values()].reduce((sum, one) => sum + one.harvestedGrams, 0),
    usualG: kept.plantings.reduce((sum, { usualG }) => sum + usualG, 0),
    weeks: weeksOf(kept, then),
    late: kept.plantings
      .flatMap((one) => cameLate(one, factsFor(one)) ?? [])
      .sort((a, b) => (b.lessG ?? 0) - (a.lessG ?? 0) || b.days - a.days),
    neverPicked: isPickingLogged
      ? kept.plantings
          .filter((one) => isNeverPicked(one, factsFor(one)))
          .sort((a, b) => b.usualG - a.usualG)
      : [],
    lost: lossesIn(kept, factsFor),
    rotted: rottedIn(kept, now),
    gaps: gapsIn(kept, now),
    covers: coversThatPaid(site, kept, then, factsFor),
  };
}

function weeksOf({ entries, plantings, fromOn, untilOn }: KeptSeason, then: Garden) {
  const firstDay = dayNumber(fromOn);
  const count = Math.ceil((dayNumber(untilOn) + 1 - firstDay) / DAYS_PER_WEEK);
  const weeks = Array.from({ length: count }, (_, week) => ({
    fromDay: firstDay + week * DAYS_PER_WEEK,
    openG: 0,
    coveredG: 0,
  }));
  const covered = new Set(
    plantings.flatMap(({ planting }) => {
      const bed = then.beds.get(planting.bedId);
      return bed && coversOver(then, bed).length > 0 ? [planting.id] : [];
    }),
  );
  for (const { on, what } of entries) {
    if (what.kind !== "harvested") continue;
    const week = weeks[Math.floor((dayNumber(on) - firstDay) / DAYS_PER_WEEK)];
    if (!week) continue;
    if (covered.has(what.plantingId)) week.coveredG += what.grams ?? 0;
    else week.openG += what.grams ?? 0;
  }
  return weeks;
}

function cameLate(kept: KeptPlanting, facts: Facts): CameLate | null {
  const { planned, came, usualG } = kept;
  if (planned.readyOn === null || came.readyOn === null) return null;
  // What nobody met with may have come as planned.
  if (facts.firstHarvestDay === null) return null;
  const days = facts.firstHarvestDay - dayNumber(planned.readyOn);
  if (days <= AS_PLANNED_DAYS) return null;
  const sownLate = dayNumber(came.sowOn) - dayNumber(planned.sowOn);
  const outLate =
    came.plantOutOn && planned.plantOutOn
      ? dayNumber(came.plantOutOn) - dayNumber(planned.plantOutOn)
      : sownLate;
  const sownLateDays = Math.max(0, outLate);
  return {
    kept,
    days,
    sownLateDays,
    slowerDays: Math.max(0, days - sownLateDays),
    lessG: facts.harvestedGrams > 0 ? Math.max(0, usualG - facts.harvestedGrams) : null,
  };
}

function isNeverPicked({ came, planting }: KeptPlanting, facts: Facts): boolean {
  const isLost = facts.losses.reduce((left, { share }) => left * (1 - share), 1) < 0.2;
  const isEaten = planting.worth === "full" || planting.worth === "little";
  return facts.firstHarvestDay === null && came.readyOn !== null && isEaten && !isLost;
}

function lossesIn({ plantings }: KeptSeason, factsFor: (one: KeptPlanting) => Facts) {
  const byCause = new Map<LossCause, { grams: number; plantings: KeptPlanting[] }>();
  for (const one of plantings) {
    let left = 1;
    for (const { cause, share } of factsFor(one).losses) {
      const known = byCause.get(cause) ?? { grams: 0, plantings: [] };
      known.grams += one.usualG * left * share;
      if (!known.plantings.includes(one)) known.plantings.push(one);
      byCause.set(cause, known);
      left *= 1 - share;
    }
  }
  return [...byCause]
    .map(([cause, known]) => ({ cause, ...known }))
    .sort((a, b) => b.grams - a.grams);
}

/** What was taken out of the store in the season: of lots used up, and of those that still lie there. */
function takenIn({ entries, storeLots, fromOn, untilOn }: KeptSeason, now: Garden) {
  const lots = new Map([...now.storeLots, ...storeLots.map((lot) => [lot.id, lot] as const)]);
  const found = [...entries, ...now.logEntries.values()].filter(
    ({ on, what }) => what.kind === "taken" && on >= fromOn && on <= untilOn,
  );
  return found.flatMap(({ on, what }) => {
    const lot = what.kind === "taken" ? lots.get(what.storeLotId) : undefined;
    return what.kind === "taken" && lot
      ? [{ day: dayNumber(on), cropId: lot.cropId, grams: what.grams, why: what.why }]
      : [];
  });
}

function rottedIn(kept: KeptSeason, now: Garden) {
  const byCrop = new Map<string, number>();
  for (const { cropId, grams, why } of takenIn(kept, now)) {
    if (why === "rotted") byCrop.set(cropId, (byCrop.get(cropId) ?? 0) + grams);
  }
  return [...byCrop]
    .map(([cropId, grams]) => ({ cropId, grams }))
    .sort((a, b) => b.grams - a.grams);
}

/** Weeks short of what was wanted: what was picked and not put by, and what came out of the store. */
function gapsIn(kept: KeptSeason, now: Garden): SeasonGap[] {
  const { need, place } = kept;
  if (!need || !place) return [];
  const firstDay = dayNumber(kept.fromOn);
  const lastDay = Math.min(dayNumber(kept.untilOn), dayNumber(kept.closedOn));
  const weeks = Math.floor((lastDay - firstDay + 1) / DAYS_PER_WEEK);
  if (weeks < FEWEST_SHORT_WEEKS) return [];
  const eaten = byFoodGroup(() => new Float64Array(weeks));
  const crops = cropsOf(now);
  const add = (cropId: string, day: DayNumber, grams: number) => {
    const crop = crops.get(cropId);
    const group = crop && foodGroupOf(crop);
    const week = Math.floor((day - firstDay) / DAYS_PER_WEEK);
    if (group && week >= 0 && week < weeks) eaten[group][week] = (eaten[group][week] ?? 0) + grams;
  };
  const cropOf = new Map(kept.plantings.map(({ planting }) => [planting.id, planting.cropId]));
  for (const [id, planting] of now.plantings) cropOf.set(id, planting.cropId);
  const picked = (entries: Iterable<LogEntry>) => {
    for (const { on, what } of entries) {
      if (what.kind !== "harvested") continue;
      add(cropOf.get(what.plantingId) ?? "", dayNumber(on), what.grams ?? 0);
    }
  };
  picked(kept.entries);
  picked(now.logEntries.values());
  for (const lot of [...kept.storeLots, ...now.storeLots.values()]) {
    add(lot.cropId, dayNumber(lot.since), -lot.grams);
  }
  for (const { cropId, day, grams, why } of takenIn(kept, now)) {
    if (why !== "rotted") add(cropId, day, grams);
  }
  return FOOD_GROUPS.flatMap((group) => shortWeeks(kept, group, eaten[group], firstDay));
}

function shortWeeks(
  { need, place }: KeptSeason,
  group: FoodGroup,
  eaten: Float64Array,
  firstDay: DayNumber,
): SeasonGap[] {
  const found: SeasonGap[] = [];
  // Nothing of a kind was ever weighed: nobody knows whether there was any.
  if (!need || !place || eaten.every((grams) => grams <= 0)) return found;
  let open: { from: number; short: number[] } | null = null;
  const close = (until: number) => {
    if (open && open.short.length >= FEWEST_SHORT_WEEKS) {
      const sum = open.short.reduce((total, one) => total + one, 0);
      found.push({
        group,
        fromDay: firstDay + open.from * DAYS_PER_WEEK,
        untilDay: firstDay + until * DAYS_PER_WEEK - 1,
        shortG: sum / open.short.length,
      });
    }
    open = null;
  };
  for (let week = 0; week < eaten.length; week += 1) {
    const day = firstDay + week * DAYS_PER_WEEK;
    const wantedG = needInWeek(need, day, place.latitudeDeg)[group] * GRAMS_PER_KG;
    // What is picked in one week is eaten in the next, too.
    const around = [week - 1, week, week + 1].filter((at) => at >= 0 && at < eaten.length);
    const cameG = around.reduce((sum, at) => sum + Math.max(0, eaten[at] ?? 0), 0) / around.length;
    if (wantedG > 0 && cameG < SHORT_BELOW_SHARE * wantedG) {
      open ??= { from: week, short: [] };
      open.short.push(wantedG - cameG);
    } else close(week);
  }
  close(eaten.length);
  return found.sort((a, b) => b.shortG - a.shortG);
}

/** What covers brought: picked after the day by which cold would have taken it in the open. */
function coversThatPaid(
  site: Site,
  kept: KeptSeason,
  then: Garden,
  factsFor: (one: KeptPlanting) => Facts,
) {
  const byBed = new Map<string, { grams: number; plantings: number }>();
  for (const one of kept.plantings) {
    const bed = then.beds.get(one.planting.bedId);
    if (!bed || coversOver(then, bed).length === 0) continue;
    const fromDay = openLossDay(site, kept, then, one, bed);
    if (fromDay === null) continue;
    let grams = 0;
    for (const { on, what } of kept.entries) {
      if (what.kind !== "harvested" || what.plantingId !== one.planting.id) continue;
      if (dayNumber(on) >= fromDay) grams += what.grams ?? 0;
    }
    if (grams === 0 || factsFor(one).harvestedGrams === 0) continue;
    const known = byBed.get(bed.id) ?? { grams: 0, plantings: 0 };
    byBed.set(bed.id, { grams: known.grams + grams, plantings: known.plantings + 1 });
  }
  return [...byBed]
    .map(([bedId, known]) => ({ bedId, ...known }))
    .sort((a, b) => b.grams - a.grams);
}

/** The day by which cold would have taken a planting without its covers; null where it would not. */
function openLossDay(
  site: Site,
  { settings }: KeptSeason,
  then: Garden,
  { planting, came }: KeptPlanting,
  bed: Bed,
): DayNumber | null {
  const growing = growingOf(then, planting);
  if (!growing || bed.container) return null;
  const open = { ...growing, covers: [], own: null };
  return timelineIfSown(site, settings, open, dayNumber(came.sowOn)).coldLossDay;
}
