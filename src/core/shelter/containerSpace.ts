import { DAYS_OF_YEAR, dayOfYear, type DayNumber } from "../calendar";
import { COURSE_STEPS } from "./dayCourse";
import type { GrowingSpace } from "./growingSpace";

/** One of the places in which containers stand, from a day on. */
export interface StaySpace {
  fromDay: DayNumber;
  space: GrowingSpace;
}

/**
 * Usual days at plants in containers that move: on each day of the year those of the place where they
 * then stand. A move counts for the year around the season; what is planned for it comes again in the
 * next.
 *
 * @param stays     in the order of their days, at least one; their spaces are of the same stretch of days
 * @param seasonDay the first day of the season that is looked at
 * @param lagHours  how long their soil takes to follow the air
 */
export function containerSpace(
  stays: readonly StaySpace[],
  seasonDay: DayNumber,
  lagHours: number,
): GrowingSpace {
  const [first] = stays;
  if (!first) throw new Error("containers stand somewhere");
  const placeOf = placesOfYear(stays, seasonDay);
  const { space } = first;
  const days = space.dayOfYear.length;
  const minTempC = new Float64Array(days);
  const maxTempC = new Float64Array(days);
  const dliMol = new Float64Array(days);
  for (let index = 0; index < days; index += 1) {
    const there = placeOf(space.dayOfYear[index] ?? 0);
    minTempC[index] = there.minTempC[index] ?? 0;
    maxTempC[index] = there.maxTempC[index] ?? 0;
    dliMol[index] = there.dliMol[index] ?? 0;
  }
  const courseC = new Float32Array(DAYS_OF_YEAR * COURSE_STEPS);
  const coldGainC = new Float64Array(DAYS_OF_YEAR);
  for (let place = 0; place < DAYS_OF_YEAR; place += 1) {
    const there = placeOf(place);
    coldGainC[place] = there.coldGainC[place] ?? 0;
    const from = place * COURSE_STEPS;
    courseC.set(there.courseC.subarray(from, from + COURSE_STEPS), from);
  }
  return {
    ...space,
    minTempC,
    maxTempC,
    dliMol,
    courseC,
    coldGainC,
    soilGainC: null,
    potLagHours: lagHours,
  };
}

/** The space in which they stand on each day of the year. */
function placesOfYear(
  stays: readonly StaySpace[],
  seasonDay: DayNumber,
): (place: number) => GrowingSpace {
  const [first] = stays as [StaySpace];
  const on = (day: DayNumber) => (stays.findLast(({ fromDay }) => fromDay <= day) ?? first).space;
  const spaces: GrowingSpace[] = new Array<GrowingSpace>(DAYS_OF_YEAR).fill(first.space);
  for (let after = 0; after < DAYS_OF_YEAR; after += 1) {
    // Before they were there the next year tells.
    const day = seasonDay + after;
    spaces[dayOfYear(day) - 1] = on(day < first.fromDay ? day + DAYS_OF_YEAR - 1 : day);
  }
  return (place) => spaces[place] ?? first.space;
}

/**
 * How much of a day's swing the soil of a container shows: a body that follows the air with a lag damps
 * a wave of a day to so much.
 *
 * @source first-order lag, 1 / √(1 + (ω τ)²) with ω of a day
 */
export function potSwing(lagHours: number): number {
  return 1 / Math.hypot(1, ((2 * Math.PI) / 24) * lagHours);
}
