import { DAYS_OF_YEAR, dayNumberOf } from "../calendar";
import { hourlyTemperaturesC, type Climate } from "../climate";
import { derive } from "../derive";

/** A day's course is told every two hours, from one o'clock on by the sun's clock. */
export const COURSE_STEPS = 12;

/** A leap year, so that 29 February has its value. */
const NEW_YEAR = dayNumberOf(2000, 1, 1);

/**
 * The usual course of temperature in the open through each day of the year: twelve values a day from
 * 1 January on, °C. A day cools faster than it warms, and is seldom at its middle for long: a cosine
 * between low and high would count autumn days under covers a third too high.
 *
 * @source Parton & Logan (1981), by `hourlyTemperaturesC`
 */
export function openCourseC(climate: Climate): Float32Array {
  return derive([climate], openCourse);
}

function openCourse(climate: Climate): Float32Array {
  const course = new Float32Array(DAYS_OF_YEAR * COURSE_STEPS);
  for (let place = 0; place < DAYS_OF_YEAR; place += 1) {
    const day = NEW_YEAR + place;
    const hours = hourlyTemperaturesC(
      climate.latitudeDeg,
      day,
      climate.minTempC(day),
      climate.maxTempC(day),
      climate.minTempC(day + 1),
      { minTempC: climate.minTempC(day - 1), maxTempC: climate.maxTempC(day - 1) },
    );
    for (let step = 0; step < COURSE_STEPS; step += 1) {
      course[place * COURSE_STEPS + step] = hours[2 * step + 1] ?? 0;
    }
  }
  return course;
}

/** Usual days under covers: their lows and highs, and what the covers add at each place of the day. */
export interface CoveredDays {
  minTempC: ArrayLike<number>;
  maxTempC: ArrayLike<number>;
  /** Twelve values a day, °C; null where only low and high are known. */
  courseGainC: Float32Array | null;
  /** What one's own thermometer adds by night and by day on a day of the year, °C; null for nothing. */
  ownC: ((place: number) => { nightC: number; dayC: number }) | null;
}

/**
 * The usual course of temperature at the crop, twelve values for each day of the year, °C.
 *
 * @param skyShare share of the open light that the skyline leaves, by day of the year: what the sun adds
 *                 under covers goes with it
 */
export function courseAtCropC(
  climate: Climate,
  { minTempC, maxTempC, courseGainC, ownC }: CoveredDays,
  skyShare: ArrayLike<number>,
): Float32Array {
  const open = openCourseC(climate);
  const course = new Float32Array(open.length);
  for (let place = 0; place < DAYS_OF_YEAR; place += 1) {
    const day = NEW_YEAR + place;
    const [low, high] = [climate.minTempC(day), climate.maxTempC(day)];
    const [from, to] = [minTempC[place] ?? low, maxTempC[place] ?? high];
    const sun = skyShare[place] ?? 1;
    const own = ownC?.(place);
    for (let step = 0; step < COURSE_STEPS; step += 1) {
      const at = place * COURSE_STEPS + step;
      const openC = open[at] ?? 0;
      // How far the hour is from the day's low to its high.
      const way = high > low ? Math.min(1, Math.max(0, (openC - low) / (high - low))) : 0.5;
      let tempC = from + (to - from) * way;
      if (courseGainC) {
        const gainC = courseGainC[at] ?? 0;
        const byDay = step >= FIRST_SUN_STEP && step <= LAST_SUN_STEP && gainC > 0;
        tempC = openC + gainC * (byDay ? sun : 1);
      }
      if (own) tempC += own.nightC + (own.dayC - own.nightC) * way;
      course[at] = tempC;
    }
  }
  return course;
}

/** Between nine and five o'clock what covers add is the sun's. */
const FIRST_SUN_STEP = 4;
const LAST_SUN_STEP = 8;
