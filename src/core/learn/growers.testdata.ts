import { randomStream, type RandomStream } from "../climate";
import { dayNumber, isoDate } from "../calendar";
import { cropLibrary, pacedAt, type Crop } from "../crops";
import { bedOf, plantingOf, SMALL_PLACE } from "../gardenFile/small.testdata";
import { emptyGarden, type Garden, type Planting } from "../garden";
import { dayWhenGathered, USUAL_PLAN_SETTINGS, type Site } from "../growth";
import type { LogEntry, Logged } from "../log";
import { growingOf, siteOf, standOf, standYieldKg } from "../plantings";
import { bedPacketDaysFor, needOf, readyDayFrom } from "../schedule";

/** Crops that a made-up grower sows each year, and when. */
const SOWN: readonly (readonly [cropId: string, monthDay: string])[] = [
  ["spinach", "08-05"],
  ["lettuce", "07-20"],
  ["carrot", "06-25"],
  ["arugula", "08-20"],
  ["turnip", "07-25"],
  ["kale", "06-22"],
  ["radish-daikon", "07-28"],
  ["pak-choi", "08-01"],
  ["chard", "06-24"],
  ["mizuna", "08-12"],
];
const BEDS = 4;

/** How a made-up grower's ground and crops truly are, as logarithms of paces and times. */
export interface Truth {
  garden: number;
  crops: Map<string, number>;
  beds: Map<string, number>;
  emergence: Map<string, number>;
  yields: Map<string, number>;
}

export const CROPS_SOWN = SOWN.map(([id]) => id).filter((id) => cropLibrary.has(id));

export const smallSite: Site = siteOf(SMALL_PLACE, null);

/** A grower whose numbers stray from the library's as far as the library believes they may. */
export interface MadeUpGrower {
  truth: Truth;
  random: RandomStream;
}

export function madeUpGrower(seed: number): MadeUpGrower {
  const random = randomStream(seed);
  const stray = (sd: number) => sd * random.normal();
  const each = (ids: readonly string[], sd: number) => new Map(ids.map((id) => [id, stray(sd)]));
  return {
    random,
    truth: {
      garden: stray(0.12),
      crops: each(CROPS_SOWN, 0.18),
      beds: each(
        Array.from({ length: BEDS }, (_, at) => `bed-${at + 1}`),
        0.08,
      ),
      emergence: each(CROPS_SOWN, 0.2),
      yields: each(CROPS_SOWN, 0.35),
    },
  };
}

/** The plantings of one year, a row of each crop in a bed that moves on from year to year. */
export function sownIn(year: number): Planting[] {
  return SOWN.filter(([id]) => cropLibrary.has(id)).map(([cropId, monthDay], at) =>
    plantingOf(cropId, `${year}-${monthDay}`, {
      id: `${cropId}-${year}`,
      bedId: `bed-${((at + year) % BEDS) + 1}`,
      lengthM: 1,
      fromM: 0,
    }),
  );
}

export function gardenWith(plantings: readonly Planting[], entries: readonly LogEntry[]): Garden {
  const byId = <T extends { id: string }>(list: readonly T[]) =>
    new Map(list.map((one) => [one.id, one]));
  const beds = Array.from({ length: BEDS }, (_, at) => bedOf(`bed-${at + 1}`));
  return {
    ...emptyGarden(),
    place: SMALL_PLACE,
    beds: byId(beds),
    plantings: byId(plantings),
    logEntries: byId(entries),
  };
}

/** What truly becomes of a planting in one year, and what its grower writes down of it. */
export function livedThrough(
  { truth, random }: MadeUpGrower,
  planting: Planting,
  yearLog: number,
): { entries: LogEntry[]; readyDay: number | null } {
  const garden = gardenWith([planting], []);
  const growing = growingOf(garden, planting);
  if (!growing) throw new Error("no such crop");
  const { cropId, bedId } = planting;
  const sowDay = dayNumber(planting.sowOn);
  const pace = (truth.garden ?? 0) + (truth.crops.get(cropId) ?? 0) + (truth.beds.get(bedId) ?? 0);
  const year = yearLog + 0.07 * random.normal();
  const comesUp = Math.exp((truth.emergence.get(cropId) ?? 0) + 0.18 * random.normal());
  const sprouting = smallSite.sprouting(growing.crop, growing, sowDay);
  const upDay = dayWhenGathered(sprouting, sowDay, 1 / comesUp);
  if (upDay === null) return { entries: [], readyDay: null };
  const there: Crop = pacedAt(growing.crop, Math.exp(pace + year));
  const needed = bedPacketDaysFor(growing, needOf(growing), "usable");
  const growth = smallSite.growth(there, growing, sowDay);
  const readyDay = dayWhenGathered(growth, upDay, needed);
  if (readyDay === null) return { entries: [], readyDay };
  const pickedDay = Math.max(upDay + 1, readyDay + Math.round(4 * random.normal()));
  const usualG = standYieldKg(standOf(planting, bedOf(bedId)), growing, planting) * 1000;
  const grams = usualG * Math.exp((truth.yields.get(cropId) ?? 0) + 0.35 * random.normal());
  const entry = (day: number, what: Logged, key: string): LogEntry => ({
    id: `${planting.id}-${key}`,
    on: isoDate(day),
    taskId: null,
    what,
    note: "",
  });
  const of = { plantingId: planting.id };
  return {
    readyDay,
    entries: [
      entry(sowDay, { kind: "sown", ...of, lotId: null, seeds: null }, "sown"),
      entry(upDay, { kind: "emerged", ...of, up: null, outOf: null }, "up"),
      entry(pickedDay, { kind: "harvested", ...of, grams, count: null, isLast: false }, "picked"),
      entry(pickedDay + 21, { kind: "cleared", ...of }, "cleared"),
    ],
  };
}

/** When a planting is expected to be picked first, by the numbers of a garden. */
export function expectedDay(garden: Garden, planting: Planting): number | null {
  const growing = growingOf({ ...garden, plantings: new Map([[planting.id, planting]]) }, planting);
  if (!growing) return null;
  const sowDay = dayNumber(planting.sowOn);
  const sprouting = smallSite.sprouting(growing.crop, growing, sowDay);
  const startDay = dayWhenGathered(sprouting, sowDay, 1);
  const need = needOf(growing);
  const starts = { sowDay, bedDay: sowDay, startDay };
  return readyDayFrom(smallSite, USUAL_PLAN_SETTINGS, growing, need, starts, "usable");
}
