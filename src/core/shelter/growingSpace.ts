import { derive } from "../derive";
import { DAYS_OF_YEAR, dayNumberOf, dayOfYear, type DayNumber } from "../calendar";
import type { Climate } from "../climate";
import { dayLengthOnDay, directSun, lightShareOf, type Horizon } from "../sky";
import type { CoverIds } from "./materials";
import { courseAtCropC, type CoveredDays } from "./dayCourse";
import { cropDay, nightGainC } from "./ruleOfThumb";
import { usualYear, type UsualYear } from "./usualYear";

/** How much warmer it is under a grower's covers than reckoned, by their own thermometer, °C. */
export interface OwnBias {
  nightC: number;
  dayC: number;
}

/** By what the degrees under covers are told: the growers' rule, or the balance and one's own readings. */
export interface Degrees {
  by: "rule" | "balance";
  /** What one's own thermometer adds; null where there is none, or it is not to count. */
  own: OwnBias | null;
}

export const BY_BALANCE: Degrees = { by: "balance", own: null };
export const BY_RULE: Degrees = { by: "rule", own: null };

/** The usual days of one spot under its covers, over a stretch of days, ready for fast loops. */
export interface GrowingSpace {
  covers: CoverIds;
  /** The skyline around the spot. */
  horizon: Horizon;
  firstDay: DayNumber;
  /**
   * Day of the year, 0 for 1 January, of each day from `firstDay` on. These are usual days: two of the
   * same day of the year are the same, and what is computed from one need not be computed again.
   */
  dayOfYear: Uint16Array;
  /** For each day of the year the first index at which it comes; −1 where the stretch has none. */
  firstIndexOf: Int32Array;
  /** One value a day from `firstDay` on. */
  minTempC: Float64Array;
  maxTempC: Float64Array;
  dliMol: Float64Array;
  /** The usual course of temperature at the crop: twelve values for each day of the year, °C. */
  courseC: Float32Array;
  /** What the covers add to a cold night's minimum, by the day of the year, °C. */
  coldGainC: Float64Array;
  /** What the covers add to the soil's mean, by the day of the year, °C; null where the air tells it. */
  soilGainC: Float64Array | null;
  /** Share of the open light that the skyline leaves, by the day of the year. */
  skyShare: Float64Array;
  degrees: Degrees;
  /** How long the soil of the containers takes to follow the air, hours; nothing in the ground. */
  potLagHours?: number;
  climate: Climate;
}

/**
 * Usual days at the crop for every day of a stretch.
 *
 * @param days    length of the stretch
 * @param degrees by what the degrees under the covers are told
 */
export function growingSpace(
  climate: Climate,
  covers: CoverIds,
  horizon: Horizon,
  firstDay: DayNumber,
  days: number,
  degrees: Degrees = BY_BALANCE,
): GrowingSpace {
  const year = usualUnder(climate, covers, degrees);
  const lightShare = lightShares(climate, horizon);
  const minTempC = new Float64Array(days);
  const maxTempC = new Float64Array(days);
  const dliMol = new Float64Array(days);
  const places = new Uint16Array(days);
  const firstIndexOf = new Int32Array(DAYS_OF_YEAR).fill(-1);
  for (let index = 0; index < days; index += 1) {
    const place = dayOfYear(firstDay + index) - 1;
    places[index] = place;
    const before = firstIndexOf[place] ?? -1;
    if (before >= 0) {
      minTempC[index] = minTempC[before] ?? 0;
      maxTempC[index] = maxTempC[before] ?? 0;
      dliMol[index] = dliMol[before] ?? 0;
      continue;
    }
    const share = lightShare[place] ?? 1;
    const openMaxC = climate.maxTempC(firstDay + index);
    minTempC[index] = year.minTempC[place] ?? 0;
    // What the sun adds to a day goes with the sun that is left of it.
    const underC = openMaxC + ((year.maxTempC[place] ?? 0) - openMaxC) * share;
    maxTempC[index] = Math.max(underC, minTempC[index] ?? underC);
    dliMol[index] = climate.dliMol(firstDay + index) * (year.lightShare[place] ?? 1) * share;
    firstIndexOf[place] = index;
  }
  return {
    covers,
    horizon,
    firstDay,
    dayOfYear: places,
    firstIndexOf,
    minTempC,
    maxTempC,
    dliMol,
    courseC: courseAtCropC(climate, year, lightShare),
    coldGainC: year.coldGainC,
    soilGainC: year.soilGainC,
    skyShare: lightShare,
    degrees,
    climate,
  };
}

interface YearUnder extends Omit<UsualYear, "soilGainC" | "courseGainC">, CoveredDays {
  minTempC: Float64Array;
  maxTempC: Float64Array;
  soilGainC: Float64Array | null;
}

/** A usual year at the crop, by the way in force. */
function usualUnder(climate: Climate, covers: CoverIds, degrees: Degrees): YearUnder {
  if (degrees.by === "rule") return yearByRule(climate, covers);
  const year = usualYear(climate, covers);
  const { own } = degrees;
  if (!own || covers.length === 0) return { ...year, ownC: null };
  // Where the covers are off there is nothing to correct.
  const worn = (index: number) => ((year.lightShare[index] ?? 1) < 1 ? 1 : 0);
  const none = { nightC: 0, dayC: 0 };
  return {
    ...year,
    ownC: (place) => (worn(place) === 1 ? own : none),
    minTempC: year.minTempC.map((tempC, index) => tempC + own.nightC * worn(index)),
    maxTempC: year.maxTempC.map((tempC, index) => tempC + own.dayC * worn(index)),
    coldGainC: year.coldGainC.map((gainC) => gainC + own.nightC),
    soilGainC: year.soilGainC.map(
      (gainC, index) => gainC + ((own.nightC + own.dayC) / 2) * worn(index),
    ),
  };
}

function yearByRule(climate: Climate, covers: CoverIds): YearUnder {
  const year: YearUnder = {
    minTempC: new Float64Array(DAYS_OF_YEAR),
    maxTempC: new Float64Array(DAYS_OF_YEAR),
    coldGainC: new Float64Array(DAYS_OF_YEAR).fill(nightGainC(covers)),
    courseGainC: null,
    ownC: null,
    soilGainC: null,
    lightShare: new Float64Array(DAYS_OF_YEAR),
  };
  const newYear = dayNumberOf(2000, 1, 1);
  for (let place = 0; place < DAYS_OF_YEAR; place += 1) {
    const usual = cropDay(climate, covers, newYear + place);
    const openMol = climate.dliMol(newYear + place);
    year.minTempC[place] = usual.minTempC;
    year.maxTempC[place] = usual.maxTempC;
    year.lightShare[place] = openMol > 0 ? usual.dliMol / openMol : 1;
  }
  return year;
}

/** The sun's path changes slowly: it is followed on every so many days, and straight between. */
const DAYS_BETWEEN_PATHS = 5;

/** Share of the open light that a skyline leaves, by day of the year; the sun repeats itself. */
function lightShares(climate: Climate, horizon: Horizon): Float64Array {
  return derive([horizon, climate], sharesThroughYear);
}

function sharesThroughYear(horizon: Horizon, climate: Climate): Float64Array {
  const shares = new Float64Array(DAYS_OF_YEAR).fill(1);
  if (horizon.length === 0) return shares;
  const shareOn = (day: DayNumber) =>
    lightShareOf(
      horizon,
      climate.clearness(day),
      directSun(climate.latitudeDeg, day, horizon).beamShare,
      dayLengthOnDay(climate.latitudeDeg, day),
    );
  const newYear = dayNumberOf(2000, 1, 1);
  let from = shareOn(newYear);
  for (let start = 0; start < DAYS_OF_YEAR; start += DAYS_BETWEEN_PATHS) {
    const to = shareOn(newYear + start + DAYS_BETWEEN_PATHS);
    for (let step = 0; step < DAYS_BETWEEN_PATHS && start + step < DAYS_OF_YEAR; step += 1) {
      shares[start + step] = from + ((to - from) * step) / DAYS_BETWEEN_PATHS;
    }
    from = to;
  }
  return shares;
}
