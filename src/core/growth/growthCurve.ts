import { derive, newTable } from "../derive";
import type { DayNumber } from "../calendar";
import {
  cardinalsKey,
  hardenedAfter,
  hourlySteps,
  HOURS_TOLD,
  lightResponse,
  lt50At,
  packetGrowth,
  responseTable,
  sproutingRate,
  type Crop,
  type GrowthNeeds,
  type HardinessRange,
} from "../crops";
import { soilMeansC, type GrowingSpace } from "../shelter";

/** Running sums over a stretch of days: what each day is worth, and the odds of deadly nights. */
export interface RunningSum {
  firstDay: DayNumber;
  /** `total[i]` is the sum over all days before `firstDay + i`; one entry more than there are days. */
  total: Float64Array;
}

/** Packet days gathered by a crop in a space, as a running sum over the days. */
export function growthCurve(space: GrowingSpace, crop: GrowthNeeds): RunningSum {
  const warmth = warmthIn(space, crop.temperature);
  const atPacketWeather = packetGrowth(crop);
  return runningSum(
    space,
    byDayOfYear(space, (index) => {
      const light = lightResponse(crop.lightHalfMol, space.dliMol[index] ?? 0);
      return ((warmth[space.dayOfYear[index] ?? 0] ?? 0) * light) / atPacketWeather;
    }),
  );
}

/** Response to temperature by the day of the year; crops with the same temperatures share it. */
function warmthIn(space: GrowingSpace, cardinals: Crop["temperature"]): Float64Array {
  const known = derive([space], newTable<Float64Array>);
  const key = cardinalsKey(cardinals);
  let warmth = known.get(key);
  if (!warmth) {
    const response = responseTable(cardinals);
    const steps = derive([space], stepsIn);
    warmth = new Float64Array(space.firstIndexOf.length);
    for (let day = 0; day < warmth.length; day += 1) {
      const from = day * HOURS_TOLD;
      let sum = 0;
      for (let hour = from; hour < from + HOURS_TOLD; hour += 1) {
        sum += response[steps[hour] ?? 0] ?? 0;
      }
      warmth[day] = sum / HOURS_TOLD;
    }
    known.set(key, warmth);
  }
  return warmth;
}

/** Twelve places of response for each day of the year. */
function stepsIn({ firstIndexOf, minTempC, maxTempC }: GrowingSpace): Uint16Array {
  const steps = new Uint16Array(firstIndexOf.length * HOURS_TOLD);
  for (let day = 0; day < firstIndexOf.length; day += 1) {
    const index = firstIndexOf[day] ?? -1;
    if (index < 0) continue;
    hourlySteps(minTempC[index] ?? 0, maxTempC[index] ?? 0, steps, day * HOURS_TOLD);
  }
  return steps;
}

/** A value for each day of the year, computed once for each that a space has. */
function byDayOfYear(space: GrowingSpace, valueOf: (index: number) => number): Float64Array {
  const { firstIndexOf } = space;
  const values = new Float64Array(firstIndexOf.length);
  // A plain loop: Float64Array.from goes through an iterator and takes four times as long.
  for (let day = 0; day < values.length; day += 1) {
    const index = firstIndexOf[day] ?? -1;
    if (index >= 0) values[day] = valueOf(index);
  }
  return values;
}

/** The running sum over a space's days of values by the day of the year. */
function runningSum({ firstDay, dayOfYear }: GrowingSpace, ofYear: Float64Array): RunningSum {
  const total = new Float64Array(dayOfYear.length + 1);
  let sum = 0;
  for (let index = 0; index < dayOfYear.length; index += 1) {
    sum += ofYear[dayOfYear[index] ?? 0] ?? 0;
    total[index + 1] = sum;
  }
  return { firstDay, total };
}

/** Progress toward emergence in the soil of a space, as a running sum: 1 more is a seedling. */
export function sproutingCurve(space: GrowingSpace, crop: Pick<Crop, "sprouting">): RunningSum {
  return runningSum(
    space,
    soilMeansC(space).map((soilC) => sproutingRate(crop, soilC)),
  );
}

/**
 * Running sum of the logarithm of the chance that nights spare a crop, hardened as it then is.
 * Turned positive, so that it rises like the growth curve and can be searched the same way.
 */
export function coldCurve(space: GrowingSpace, range: HardinessRange): RunningSum {
  const hardened = hardenedThroughYear(space);
  return runningSum(
    space,
    byDayOfYear(space, (index) => {
      const place = space.dayOfYear[index] ?? 0;
      const thresholdC = lt50At(range, hardened[place] ?? 0) - (space.coldGainC[place] ?? 0);
      return -space.climate.logChanceNightStaysAbove(space.firstDay + index, thresholdC);
    }),
  );
}

/** How far plants are hardened by the usual days of a space, by the day of the year, 0 to 1. */
export function hardenedThroughYear(space: GrowingSpace): Float64Array {
  return derive([space], hardenedIn);
}

function hardenedIn(space: GrowingSpace): Float64Array {
  const shares = new Float64Array(space.firstIndexOf.length);
  let share = 0;
  // The second lap begins where the first has come to.
  for (let lap = 0; lap < 2; lap += 1) {
    for (let day = 0; day < shares.length; day += 1) {
      const index = space.firstIndexOf[day] ?? -1;
      if (index < 0) continue;
      const meanC = ((space.minTempC[index] ?? 0) + (space.maxTempC[index] ?? 0)) / 2;
      share = hardenedAfter(share, meanC);
      shares[day] = share;
    }
  }
  return shares;
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
