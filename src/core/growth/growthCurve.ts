import boltingJson from "@data/bolting.json";
import { derive, newTable } from "../derive";
import type { DayNumber } from "../calendar";
import {
  cardinalsKey,
  lightResponse,
  packetGrowth,
  placeOf,
  responseTable,
  sproutingRate,
  type Crop,
  type GrowthNeeds,
} from "../crops";
import { COURSE_STEPS, soilMeansC, type GrowingSpace } from "../shelter";

/** A sum that runs on over a stretch of days: of what each is worth, or of the odds of its night. */
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
    const places = derive([space.courseC], placesIn);
    warmth = new Float64Array(space.firstIndexOf.length);
    for (let day = 0; day < warmth.length; day += 1) {
      const from = day * COURSE_STEPS;
      let sum = 0;
      for (let at = from; at < from + COURSE_STEPS; at += 1) sum += response[places[at] ?? 0] ?? 0;
      warmth[day] = sum / COURSE_STEPS;
    }
    known.set(key, warmth);
  }
  return warmth;
}

/** The day's course as places in the tables of response. */
function placesIn(courseC: Float32Array): Uint16Array {
  const places = new Uint16Array(courseC.length);
  for (let at = 0; at < places.length; at += 1) places[at] = placeOf(courseC[at] ?? 0);
  return places;
}

/** A value for each day of the year, computed once for each that a space has. */
export function byDayOfYear(space: GrowingSpace, valueOf: (index: number) => number): Float64Array {
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
export function runningSum(
  { firstDay, dayOfYear }: GrowingSpace,
  ofYear: Float64Array,
): RunningSum {
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

/** Days of chill in a space, as a running sum. */
export function chillCurve(space: GrowingSpace): RunningSum {
  return runningSum(
    space,
    byDayOfYear(space, (index) =>
      courseMeanC(space, index) < boltingJson.chillsBelowMeanC ? 1 : 0,
    ),
  );
}

/** Degrees by which the means of days in a space are above one, as a running sum. */
export function heatCurve(space: GrowingSpace, aboveMeanC: number): RunningSum {
  return runningSum(
    space,
    byDayOfYear(space, (index) => Math.max(0, courseMeanC(space, index) - aboveMeanC)),
  );
}

function courseMeanC({ courseC, dayOfYear }: GrowingSpace, index: number): number {
  const from = (dayOfYear[index] ?? 0) * COURSE_STEPS;
  let sumC = 0;
  for (let at = from; at < from + COURSE_STEPS; at += 1) sumC += courseC[at] ?? 0;
  return sumC / COURSE_STEPS;
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
