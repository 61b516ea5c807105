import type { DayNumber } from "../calendar";
import { dayWorthOf, sproutingRate, type Crop } from "../crops";
import { soilMeansC, type GrowingSpace } from "../shelter";

/** Running sums over a stretch of days: what each day is worth, and the odds of deadly nights. */
export interface RunningSum {
  firstDay: DayNumber;
  /** `total[i]` is the sum over all days before `firstDay + i`; one entry more than there are days. */
  total: Float64Array;
}

/** Packet days gathered by a crop in a space, as a running sum over the days. */
export function growthCurve(
  space: GrowingSpace,
  crop: Pick<Crop, "temperature" | "lightHalfMol">,
): RunningSum {
  const worth = dayWorthOf(crop);
  const days = space.dliMol.length;
  const total = new Float64Array(days + 1);
  for (let index = 0; index < days; index += 1) {
    total[index + 1] =
      (total[index] ?? 0) +
      worth(space.minTempC[index] ?? 0, space.maxTempC[index] ?? 0, space.dliMol[index] ?? 0);
  }
  return { firstDay: space.firstDay, total };
}

/** Progress toward emergence in the soil of a space, as a running sum: 1 more is a seedling. */
export function sproutingCurve(space: GrowingSpace, crop: Pick<Crop, "sprouting">): RunningSum {
  const soil = soilMeansC(space);
  const total = new Float64Array(soil.length + 1);
  for (let index = 0; index < soil.length; index += 1) {
    total[index + 1] = (total[index] ?? 0) + sproutingRate(crop, soil[index] ?? 0);
  }
  return { firstDay: space.firstDay, total };
}

/**
 * Running sum of the logarithm of the chance that nights stay above a temperature at the crop.
 * Turned positive, so that it rises like the growth curve and can be searched the same way.
 */
export function coldCurve(space: GrowingSpace, lethalTempC: number): RunningSum {
  const days = space.dliMol.length;
  const total = new Float64Array(days + 1);
  const thresholdOutsideC = lethalTempC - space.nightGainC;
  for (let index = 0; index < days; index += 1) {
    const logStays = space.climate.logChanceNightStaysAbove(
      space.firstDay + index,
      thresholdOutsideC,
    );
    total[index + 1] = (total[index] ?? 0) - logStays;
  }
  return { firstDay: space.firstDay, total };
}

/** Sum over the days from `fromDay` up to, but not including, `toDay`. */
export function sumBetween(curve: RunningSum, fromDay: DayNumber, toDay: DayNumber): number {
  return totalBefore(curve, toDay) - totalBefore(curve, fromDay);
}

/**
 * The first day before which a sum has gathered since `fromDay`: work done through the day before
 * makes the crop ready on it.
 *
 * @returns null when the stretch ends first
 */
export function dayWhenGathered(
  curve: RunningSum,
  fromDay: DayNumber,
  needed: number,
): DayNumber | null {
  // A hair of slack: sums of the same days taken in another order differ in the last digit.
  const wanted = totalBefore(curve, fromDay) + needed - 1e-9;
  const { total } = curve;
  let low = clampIndex(curve, fromDay - curve.firstDay);
  let high = total.length - 1;
  if ((total[high] ?? 0) < wanted) return null;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((total[middle] ?? 0) >= wanted) high = middle;
    else low = middle + 1;
  }
  return curve.firstDay + low;
}

/**
 * The latest day from which a sum still gathers before `byDay`.
 *
 * @returns null when even the whole stretch before `byDay` gathers less
 */
export function latestStart(curve: RunningSum, byDay: DayNumber, needed: number): DayNumber | null {
  const { total } = curve;
  const limit = totalBefore(curve, byDay) - needed + 1e-9;
  let low = 0;
  let high = clampIndex(curve, byDay - curve.firstDay);
  if ((total[0] ?? 0) > limit) return null;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if ((total[middle] ?? 0) <= limit) low = middle;
    else high = middle - 1;
  }
  return curve.firstDay + low;
}

function totalBefore(curve: RunningSum, day: DayNumber): number {
  return curve.total[clampIndex(curve, day - curve.firstDay)] ?? 0;
}

function clampIndex(curve: RunningSum, index: number): number {
  return Math.min(curve.total.length - 1, Math.max(0, Math.floor(index)));
}
