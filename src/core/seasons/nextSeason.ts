import { clashesIn, freeGroundAt } from "../bedSpace";
import {
  civilDate,
  dayNumber,
  dayNumberOf,
  isoDate,
  type DayNumber,
  type IsoDate,
} from "../calendar";
import { AS_PACKETS_SAY } from "../crops";
import {
  cropsOf,
  type Garden,
  type KeptPlanting,
  type KeptSeason,
  type Planting,
  type Succession,
  type Wish,
} from "../garden";
import type { Site } from "../growth";
import { exactM } from "../layout";
import { growingOf } from "../plantings";
import { latestSowingFor, type Growing } from "../schedule";
import type { Rest } from "../soil";
import { comesTooSoon, movedOn, rotations, type Rotation } from "./rotated";

/** Why a planting of the season before comes otherwise, or not at all. */
export type DraftNote = "leftOut" | "noRoom" | "tooSoon" | "gone" | "wish" | "learned";

/** A planting as it would come in the next season. */
export interface Draft {
  planting: Planting;
  /** What it was in the season before. */
  before: KeptPlanting;
  /** Days by which it is sown sooner than a year after the last time; later below 0. */
  soonerDays: number;
  notes: DraftNote[];
  /** Whether it goes into the plan unless somebody says otherwise. */
  comes: boolean;
}

/** A rest under green manure or mulch, moved on. */
export interface RestDraft {
  rest: Rest;
  before: Rest;
  comes: boolean;
}

export interface NextSeason {
  year: number;
  rotations: Rotation[];
  plantings: Draft[];
  rests: RestDraft[];
  successions: Succession[];
}

/** Learned numbers move a sowing only so far, days. */
const MOST_MOVED_DAYS = 45;
const LEAST_MOVED_DAYS = 2;

/**
 * The season after one that is closed: its plantings a year on, in beds where their families have not
 * stood lately, sown when they will come as they were planned by what was learned since, and as was wished
 * for. What still stands, stands; nothing is put on ground that is taken.
 *
 * @param day what would have been sown before it comes too late
 */
export function nextSeason(
  site: Site,
  garden: Garden,
  kept: KeptSeason,
  day: DayNumber,
): NextSeason {
  const year = kept.year + 1;
  const wishes = new Map(kept.wishes.map(({ plantingId, change }) => [plantingId, change]));
  const idOf = (id: string) => `s${year}-${id.replace(/^s\d{4}-/, "")}`.slice(0, 64);
  const ayearOn = kept.plantings.map((before) => yearsOn(before, idOf, day));
  const turned = rotations(
    garden,
    ayearOn.map(({ planting }) => planting),
  );
  let working = garden;
  const plantings = [...ayearOn]
    .sort((a, b) => (a.planting.sowOn < b.planting.sowOn ? -1 : 1))
    .map(({ before, planting, years }): Draft => {
      const wish = wishes.get(before.planting.id) ?? null;
      const draft = drafted(site, working, { before, planting, years, wish, turned, day });
      if (draft.comes) {
        working = {
          ...working,
          plantings: new Map([...working.plantings, [draft.planting.id, draft.planting]]),
        };
      }
      return draft;
    });
  const rests = kept.rests.map((before) => {
    const rest = restMovedOn(garden, turned, before, idOf, day);
    const bed = working.beds.get(rest.bedId);
    const withIt = { ...working, rests: new Map([...working.rests, [rest.id, rest]]) };
    const clashes = bed ? clashesIn(site, withIt, bed) : [];
    const comes =
      bed !== undefined &&
      dayNumber(rest.fromOn) >= day &&
      !clashes.some(({ earlier, later }) => earlier.id === rest.id || later.id === rest.id);
    if (comes) working = withIt;
    return { rest, before, comes };
  });
  const used = new Set(plantings.map(({ planting }) => planting.successionId));
  const successions = kept.successions
    .map((one) => ({ ...one, id: idOf(one.id) }))
    .filter(({ id }) => used.has(id));
  return { year, rotations: turned, plantings, rests, successions };
}

/** A planting as new, in the next year in which its day is still to come. */
function yearsOn(before: KeptPlanting, idOf: (id: string) => string, day: DayNumber) {
  const { planting } = before;
  let years = 1;
  while (dayNumber(yearsAfter(planting.sowOn, years)) < day) years += 1;
  const again: Planting = {
    ...planting,
    id: idOf(planting.id),
    sowOn: yearsAfter(planting.sowOn, years),
    clearOn: planting.clearOn && yearsAfter(planting.clearOn, years),
    worth: "full",
    successionId: planting.successionId && idOf(planting.successionId),
  };
  return { before, planting: again, years };
}

/** The same day so many years later; the 28th where it has no 29th of February. */
function yearsAfter(on: IsoDate, years: number): IsoDate {
  const { year, month, dayOfMonth } = civilDate(dayNumber(on));
  const isLeapDay = month === 2 && dayOfMonth === 29;
  return isoDate(dayNumberOf(year + years, month, isLeapDay ? 28 : dayOfMonth));
}

interface Asked {
  before: KeptPlanting;
  planting: Planting;
  years: number;
  wish: Wish["change"] | null;
  turned: readonly Rotation[];
  day: DayNumber;
}

function drafted(
  site: Site,
  garden: Garden,
  { before, planting, years, wish, turned, day }: Asked,
): Draft {
  const notes: DraftNote[] = [];
  const wanted = withWish(planting, wish, day, notes);
  const bedId = wish?.kind === "underCover" ? wish.bedId : movedOn(turned, planting.bedId);
  const placed = placeIn(site, garden, { ...wanted, bedId }, { before, years, day }, notes, turned);
  const soonerDays = dayNumber(planting.sowOn) - dayNumber(placed.sowOn);
  const stops: readonly DraftNote[] = ["leftOut", "noRoom", "gone"];
  return {
    planting: placed,
    before,
    soonerDays,
    notes,
    comes: !notes.some((note) => stops.includes(note)),
  };
}

function withWish(
  planting: Planting,
  wish: Wish["change"] | null,
  day: DayNumber,
  notes: DraftNote[],
): Planting {
  if (wish === null) return planting;
  notes.push(wish.kind === "leftOut" ? "leftOut" : "wish");
  switch (wish.kind) {
    case "sooner":
      // Sooner than today nobody sows.
      return { ...planting, sowOn: isoDate(Math.max(day, dayNumber(planting.sowOn) - wish.days)) };
    case "less":
      return { ...planting, lengthM: exactM(Math.max(0.1, planting.lengthM * wish.share)) };
    case "netted": {
      const setup = planting.setup ?? { shade: "byWeather" as const, netting: true, waterDays: 14 };
      return { ...planting, setup: { ...setup, netting: true } };
    }
    default:
      return planting;
  }
}

/** A place for it: in the bed it moves on to, else in another of the same beds, else none. */
function placeIn(
  site: Site,
  garden: Garden,
  planting: Planting,
  before: Pick<Asked, "before" | "years" | "day">,
  notes: DraftNote[],
  turned: readonly Rotation[],
): Planting {
  const group = turned.find(({ bedIds }) => bedIds.includes(planting.bedId));
  const others = (group?.bedIds ?? []).filter((id) => id !== planting.bedId);
  let fallback: { placed: Planting; isLearned: boolean } | null = null;
  for (const bedId of [planting.bedId, ...others]) {
    const bed = garden.beds.get(bedId);
    if (!bed || !cropsOf(garden).has(planting.cropId)) continue;
    const there = timed(site, garden, { ...planting, bedId }, before);
    const fromM = freeGroundAt(site, garden, bed, there.planting);
    if (fromM === null) continue;
    const placed = { ...there.planting, fromM };
    if (comesTooSoon(garden, bed, placed)) {
      fallback ??= { placed, isLearned: there.isLearned };
      continue;
    }
    if (there.isLearned) notes.push("learned");
    return placed;
  }
  if (fallback) {
    notes.push("tooSoon", ...(fallback.isLearned ? (["learned"] as const) : []));
    return fallback.placed;
  }
  notes.push(garden.beds.has(planting.bedId) ? "noRoom" : "gone");
  return planting;
}

/** When it is sown to come as it was planned, by what is known of its crop and bed since. */
function timed(
  site: Site,
  garden: Garden,
  planting: Planting,
  { before: { planned, planting: last }, years, day }: Pick<Asked, "before" | "years" | "day">,
) {
  const asItIs = { planting, isLearned: false };
  const growing = growingOf(garden, planting);
  // Of what nothing was learned, the date stays.
  if (!growing || !isPaced(growing) || planned.readyOn === null) return asItIs;
  const readyDay = dayNumber(yearsAfter(planned.readyOn, years));
  const sowDay = latestSowingFor(site, garden.settings, growing, readyDay);
  const usualDay = dayNumber(yearsAfter(last.sowOn, years));
  if (sowDay === null || Math.abs(sowDay - usualDay) < LEAST_MOVED_DAYS) return asItIs;
  const bounded = Math.max(
    usualDay - MOST_MOVED_DAYS,
    Math.min(usualDay + MOST_MOVED_DAYS, sowDay),
  );
  const wished = dayNumber(planting.sowOn) - usualDay;
  // A wish that says the same is not done twice.
  const movedDay = wished < 0 ? Math.min(bounded, usualDay + wished) : bounded + wished;
  return { planting: { ...planting, sowOn: isoDate(Math.max(day, movedDay)) }, isLearned: true };
}

function isPaced({ crop, pace = 1 }: Growing): boolean {
  const { growthPace, emergencePace } = crop.here ?? AS_PACKETS_SAY;
  return growthPace * emergencePace * pace !== 1;
}

/** A rest a year on: in the next section of its bed where it was a section, in the next bed where it was all of it. */
function restMovedOn(
  garden: Garden,
  turned: readonly Rotation[],
  before: Rest,
  idOf: (id: string) => string,
  day: DayNumber,
): Rest {
  let years = 1;
  while (dayNumber(yearsAfter(before.fromOn, years)) < day) years += 1;
  const rest = {
    ...before,
    id: idOf(before.id),
    fromOn: yearsAfter(before.fromOn, years),
    untilOn: yearsAfter(before.untilOn, years),
  };
  const bed = garden.beds.get(before.bedId);
  const isSection = bed !== undefined && before.lengthM < 0.75 * bed.lengthM;
  if (!isSection) return { ...rest, bedId: movedOn(turned, before.bedId) };
  const nextM = before.fromM + before.lengthM;
  return { ...rest, fromM: nextM + before.lengthM <= bed.lengthM + 1e-6 ? exactM(nextM) : 0 };
}
