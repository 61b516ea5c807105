import { dayNumberOf, dayOfYear, type DayNumber } from "../calendar";
import type { Climate } from "../climate";
import { directSun, lightShareOf, type Horizon } from "../sky";
import type { CoverIds } from "./materials";
import { cropDay, nightGainC } from "./ruleOfThumb";

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
  /** What the covers add to a cold night's minimum. */
  nightGainC: number;
  climate: Climate;
}

/**
 * Usual days at the crop for every day of a stretch.
 *
 * @param days length of the stretch
 */
export function growingSpace(
  climate: Climate,
  covers: CoverIds,
  horizon: Horizon,
  firstDay: DayNumber,
  days: number,
): GrowingSpace {
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
    const usual = cropDay(climate, covers, firstDay + index);
    minTempC[index] = usual.minTempC;
    maxTempC[index] = usual.maxTempC;
    dliMol[index] = usual.dliMol * (lightShare[place] ?? 1);
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
    nightGainC: nightGainC(covers),
    climate,
  };
}

/** The sun's path changes slowly: it is followed on every so many days, and straight between. */
const DAYS_BETWEEN_PATHS = 5;
const DAYS_OF_YEAR = 366;

const sharesKept = new WeakMap<Climate, WeakMap<Horizon, Float64Array>>();

/** Share of the open light that a skyline leaves, by day of the year; the sun repeats itself. */
function lightShares(climate: Climate, horizon: Horizon): Float64Array {
  let ofClimate = sharesKept.get(climate);
  if (!ofClimate) {
    ofClimate = new WeakMap();
    sharesKept.set(climate, ofClimate);
  }
  let shares = ofClimate.get(horizon);
  if (!shares) {
    shares = sharesThroughYear(climate, horizon);
    ofClimate.set(horizon, shares);
  }
  return shares;
}

function sharesThroughYear(climate: Climate, horizon: Horizon): Float64Array {
  const shares = new Float64Array(DAYS_OF_YEAR).fill(1);
  if (horizon.length === 0) return shares;
  const shareOn = (day: DayNumber) =>
    lightShareOf(
      horizon,
      climate.clearness(day),
      directSun(climate.latitudeDeg, day, horizon).beamShare,
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
