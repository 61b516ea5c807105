import { DAYS_PER_YEAR, civilDate, dayNumber, type DayNumber } from "../calendar";
import type { Crop } from "../crops";
import { derive } from "../derive";
import { cropsOf, type Bed, type Garden, type Planting } from "../garden";
import { fact, type Fact } from "../facts";

/** The last time that a family stood in a bed too lately. */
export interface TooSoon {
  family: string;
  /** The planting; null for a family written down from before the garden was kept here. */
  planting: Planting | null;
  crop: Crop | null;
  year: number;
  sowDay: DayNumber;
  /** From this day on the family may come back. */
  againDay: DayNumber;
}

/** Not crops that are in and out before what rotation guards against has built up (usual exception). */
export function countsInRotation(planting: Pick<Planting, "stage">, crop: Crop): boolean {
  return planting.stage !== "baby" && crop.group !== "shoots";
}

/** The exceptions of the rotation, in a sentence. */
export const ROTATION_EXCEPTIONS = fact("bedSpace.babyLeafAndShootsDoNotCountTheyAre");

/**
 * Whether a crop of this family stood in the bed within the years of the rotation before a day: the
 * latest time; null when it did not, when the rotation is off, or when the crop is excepted.
 *
 * @param years length of the rotation; 0 for none
 */
export function tooSoonFor(
  garden: Garden,
  bed: Bed,
  crop: Crop,
  day: DayNumber,
  years: number,
  stage: Planting["stage"] = "full",
): TooSoon | null {
  return countsInRotation({ stage }, crop)
    ? familyLately(garden, bed, crop.family, day, years)
    : null;
}

/** The latest time that a family stood in a bed within the years of the rotation before a day; null for none. */
export function familyLately(
  garden: Garden,
  bed: Bed,
  family: string,
  day: DayNumber,
  years: number,
): TooSoon | null {
  if (years <= 0) return null;
  let latest: TooSoon | null = null;
  for (const time of timesIn(garden, bed)) {
    if (time.family !== family) continue;
    const againDay = yearsAfter(time.sowDay, years);
    if (time.sowDay < day && againDay > day && time.sowDay > (latest?.sowDay ?? -Infinity)) {
      latest = { ...time, againDay };
    }
  }
  return latest;
}

/** Every time that a family stood in a bed: as planted, and as written down from before. */
function timesIn(garden: Garden, bed: Bed): Omit<TooSoon, "againDay">[] {
  const crops = cropsOf(garden);
  const written = bed.history.map(({ year, family }) => {
    const sowDay = dayNumber(`${year}-07-01`);
    return { family, planting: null, crop: null, year, sowDay };
  });
  const planted = [...garden.plantings.values()].flatMap((planting) => {
    return planting.bedId === bed.id ? familiesIn(planting, crops) : [];
  });
  const kept = derive([garden.keptSeasons], keptByBed).get(bed.id) ?? [];
  const before = kept.flatMap((planting) => familiesIn(planting, crops));
  return [...written, ...before, ...planted];
}

/** The plantings of seasons that are closed, by the bed they stood in. */
function keptByBed(keptSeasons: Garden["keptSeasons"]): ReadonlyMap<string, Planting[]> {
  const beds = new Map<string, Planting[]>();
  for (const { plantings } of keptSeasons.values()) {
    for (const { planting } of plantings) {
      beds.set(planting.bedId, [...(beds.get(planting.bedId) ?? []), planting]);
    }
  }
  return beds;
}

/** What a planting brings into a bed: its family, and those of what is mixed with it. */
function familiesIn(planting: Planting, crops: ReadonlyMap<string, Crop>) {
  const sowDay = dayNumber(planting.sowOn);
  const { year } = civilDate(sowDay);
  return [planting, ...(planting.mix?.parts ?? [])].flatMap(({ cropId }) => {
    const crop = crops.get(cropId);
    if (!crop || !countsInRotation(planting, crop)) return [];
    return [{ family: crop.family, planting, crop, year, sowDay }];
  });
}

/** The families that stood in a bed within the year before a day, or stand there then. */
export function familiesBefore(garden: Garden, bed: Bed, day: DayNumber): ReadonlySet<string> {
  const lately = timesIn(garden, bed).filter(
    ({ sowDay }) => sowDay <= day && sowDay > day - DAYS_PER_YEAR,
  );
  return new Set(lately.map(({ family }) => family));
}

/** The families that stood in a bed, by the year of their sowing, the latest first. */
export function familiesByYear(garden: Garden, bed: Bed): { year: number; families: string[] }[] {
  const byYear = new Map<number, Set<string>>();
  for (const { year, family } of timesIn(garden, bed)) {
    byYear.set(year, (byYear.get(year) ?? new Set()).add(family));
  }
  return [...byYear]
    .sort(([a], [b]) => b - a)
    .map(([year, families]) => ({ year, families: [...families].sort() }));
}

/** The same day so many years on. */
function yearsAfter(day: DayNumber, years: number): DayNumber {
  return day + Math.round(years * DAYS_PER_YEAR);
}

/** Rotation in a sentence. */
export function tooSoonWords({ family, crop, year, againDay }: TooSoon): Fact {
  const who = crop
    ? fact("bedSpace.ofTheSameFamilyWasSownHereIn", { crop: crop.name, family, year })
    : fact("bedSpace.theSameFamilyStoodHereIn", { family, year });
  return fact("bedSpace.waitUntil", { who, year: civilDate(againDay).year });
}
