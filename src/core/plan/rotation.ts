import { civilDate, dayNumber, type DayNumber } from "../calendar";
import type { Crop } from "../crops";
import { cropsOf, type Bed, type Garden, type Planting } from "../garden";

/** The planting of the same family that stood in a bed too lately. */
export interface TooSoon {
  planting: Planting;
  crop: Crop;
  sowDay: DayNumber;
  /** From this day on the family may come back. */
  againDay: DayNumber;
}

/** Crops that are in and out before what rotation guards against has built up (usual exception). */
function isExcepted(planting: Pick<Planting, "stage">, crop: Crop): boolean {
  return planting.stage === "baby" || crop.group === "shoots";
}

/**
 * Whether a crop of this family stood in the bed within the years of the rotation before a day: the
 * latest such planting; null when none did, when the rotation is off, or when the crop is excepted.
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
  if (years <= 0 || isExcepted({ stage }, crop)) return null;
  const crops = cropsOf(garden);
  let latest: TooSoon | null = null;
  for (const planting of garden.plantings.values()) {
    if (planting.bedId !== bed.id) continue;
    const before = crops.get(planting.cropId);
    const sowDay = dayNumber(planting.sowOn);
    if (!before || before.family !== crop.family || isExcepted(planting, before)) continue;
    const againDay = yearsAfter(sowDay, years);
    if (sowDay < day && againDay > day && sowDay > (latest?.sowDay ?? -Infinity)) {
      latest = { planting, crop: before, sowDay, againDay };
    }
  }
  return latest;
}

const DAYS_PER_YEAR = 365.25;

/** The same day so many years on. */
function yearsAfter(day: DayNumber, years: number): DayNumber {
  return day + Math.round(years * DAYS_PER_YEAR);
}

/** Rotation in a sentence. */
export function tooSoonWords({ crop, sowDay, againDay }: TooSoon): string {
  return `${crop.name} of the same family (${crop.family}) was sown here in ${civilDate(sowDay).year}; wait until ${civilDate(againDay).year}.`;
}
