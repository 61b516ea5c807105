import type { DailyRecord } from "./dailyRecord";
import { curveOf, daysOfYear, harmonicFit, type SeasonalCurve } from "./seasonalCurve";

/** Rain of at least this much makes a day wet. */
export const WET_DAY_MM = 0.3;

/** Usual highs and lows of dry or of wet days over the year, and how far days stray, °C. */
export interface DayKind {
  maxMeanC: SeasonalCurve;
  maxSdC: SeasonalCurve;
  minMeanC: SeasonalCurve;
  minSdC: SeasonalCurve;
}

/**
 * How a day's departure (high, low; in standard deviations) follows from the day before:
 * `x = carry · x₋₁ + fresh · e` with independent normal `e`.
 */
export interface Residuals {
  /** Row by row: high from high, high from low, low from high, low from low. */
  carry: readonly [number, number, number, number];
  /** Lower triangle: high from e₁, low from e₁, low from e₂. */
  fresh: readonly [number, number, number];
}

/**
 * A place's daily weather as a random process.
 *
 * @source C. W. Richardson (1981), Stochastic simulation of daily precipitation, temperature, and
 *         solar radiation, Water Resources Research 17, 182–190
 */
export interface WeatherModel {
  /** Chance that a day is wet, after a dry and after a wet day. */
  wetAfterDry: SeasonalCurve;
  wetAfterWet: SeasonalCurve;
  dry: DayKind;
  wet: DayKind;
  residuals: Residuals;
  /**
   * Share of the departures' variance that goes with the season of a year, not with the day: some
   * autumns are mild and some winters hard beyond what day-to-day weather adds up to.
   */
  seasonShare: number;
  /** Mean rain of a wet day, mm. */
  wetDayMm: SeasonalCurve;
  /** Mean wind at 2 m, m/s. */
  windMps: number;
}

/** Mean wind where nobody has measured it (estimate for a garden with some hedges). */
export const USUAL_WIND_MPS = 2;
/** Mean rain of a wet day where nobody has measured it, mm (estimate). */
export const USUAL_WET_DAY_MM = 5;
const LEAST_SD_C = 0.5;
const HARMONICS_OF_MEANS = 3;
const HARMONICS_OF_SPREAD = 2;
/** Fewer days of a kind than this do not make a yearly course. */
const LEAST_DAYS = 120;

/** Fits the weather model to a record. A record without rain counts all days as dry. */
export function fitWeatherModel(record: DailyRecord, windMps = USUAL_WIND_MPS): WeatherModel {
  const kinds = wetOrDry(record);
  const seasons = daysOfYear(record.firstDay, kinds.length);
  const dry = fitKind(record, kinds, seasons, DRY);
  const wetCount = kinds.filter((kind) => kind === WET).length;
  const wet = wetCount < LEAST_DAYS ? dry : fitKind(record, kinds, seasons, WET);
  const departures = departuresOf(record, kinds, seasons, { dry, wet });
  return {
    ...fitRain(record, kinds, seasons),
    dry,
    wet,
    residuals: fitResiduals(departures),
    seasonShare: fitSeasonShare(departures),
    windMps,
  };
}

const DRY = 0;
const WET = 1;
const UNKNOWN = 2;

function wetOrDry(record: DailyRecord): Uint8Array {
  const known = record.precipitationMm.some((mm) => !Number.isNaN(mm));
  return Uint8Array.from(record.precipitationMm, (mm) => {
    if (Number.isNaN(mm)) return known ? UNKNOWN : DRY;
    return mm >= WET_DAY_MM ? WET : DRY;
  });
}

function fitKind(
  record: DailyRecord,
  kinds: Uint8Array,
  seasons: Uint16Array,
  wanted: number,
): DayKind {
  const course = (values: Float32Array) => {
    const means = harmonicFit(HARMONICS_OF_MEANS);
    eachDay(kinds, seasons, wanted, (index, dayOfYearNumber) => {
      const value = values[index] ?? NaN;
      if (!Number.isNaN(value)) means.add(dayOfYearNumber, value);
    });
    const mean = means.curve(0);
    const squares = harmonicFit(HARMONICS_OF_SPREAD);
    eachDay(kinds, seasons, wanted, (index, dayOfYearNumber) => {
      const value = values[index] ?? NaN;
      if (Number.isNaN(value)) return;
      squares.add(dayOfYearNumber, (value - (mean[dayOfYearNumber - 1] ?? 0)) ** 2);
    });
    const sd = squares
      .curve(1)
      .map((square) => Math.max(LEAST_SD_C, Math.sqrt(Math.max(0, square))));
    return { mean, sd };
  };
  const high = course(record.maxTempC);
  const low = course(record.minTempC);
  return { maxMeanC: high.mean, maxSdC: high.sd, minMeanC: low.mean, minSdC: low.sd };
}

function fitRain(record: DailyRecord, kinds: Uint8Array, seasons: Uint16Array) {
  const afterDry = harmonicFit(HARMONICS_OF_SPREAD);
  const afterWet = harmonicFit(HARMONICS_OF_SPREAD);
  const amount = harmonicFit(1);
  for (let index = 1; index < kinds.length; index += 1) {
    const dayOfYearNumber = seasons[index] ?? 1;
    const [before, now] = [kinds[index - 1], kinds[index]];
    if (now === UNKNOWN) continue;
    if (now === WET) amount.add(dayOfYearNumber, record.precipitationMm[index] ?? 0);
    if (before === DRY) afterDry.add(dayOfYearNumber, now === WET ? 1 : 0);
    if (before === WET) afterWet.add(dayOfYearNumber, now === WET ? 1 : 0);
  }
  const share = (curve: SeasonalCurve) => curve.map((value) => Math.min(0.98, Math.max(0, value)));
  return {
    wetAfterDry: share(afterDry.curve(0)),
    wetAfterWet: share(afterWet.curve(0)),
    wetDayMm: amount.curve(USUAL_WET_DAY_MM).map((mm) => Math.max(WET_DAY_MM, mm)),
  };
}

/** How far each high and low is from its normal, in standard deviations; NaN where it is not known. */
interface Departures {
  high: Float64Array;
  low: Float64Array;
}

function departuresOf(
  record: DailyRecord,
  kinds: Uint8Array,
  seasons: Uint16Array,
  { dry, wet }: { dry: DayKind; wet: DayKind },
): Departures {
  const high = new Float64Array(kinds.length).fill(NaN);
  const low = new Float64Array(kinds.length).fill(NaN);
  for (let index = 0; index < kinds.length; index += 1) {
    if (kinds[index] === UNKNOWN) continue;
    const kind = kinds[index] === WET ? wet : dry;
    const at = (seasons[index] ?? 1) - 1;
    high[index] =
      ((record.maxTempC[index] ?? NaN) - (kind.maxMeanC[at] ?? 0)) / (kind.maxSdC[at] ?? 1);
    low[index] =
      ((record.minTempC[index] ?? NaN) - (kind.minMeanC[at] ?? 0)) / (kind.minSdC[at] ?? 1);
  }
  return { high, low };
}

function fitResiduals(departures: Departures): Residuals {
  // Sums for the correlation of high and low on one day, and from one day to the next.
  let [sameDay, highHigh, highLow, lowHigh, lowLow, pairs, days] = [0, 0, 0, 0, 0, 0, 0];
  let [highBefore, lowBefore] = [NaN, NaN];
  for (let index = 0; index < departures.high.length; index += 1) {
    const high = departures.high[index] ?? NaN;
    const low = departures.low[index] ?? NaN;
    if (!Number.isNaN(high + low)) {
      sameDay += high * low;
      days += 1;
    }
    if (!Number.isNaN(high + low + highBefore + lowBefore)) {
      highHigh += high * highBefore;
      highLow += high * lowBefore;
      lowHigh += low * highBefore;
      lowLow += low * lowBefore;
      pairs += 1;
    }
    [highBefore, lowBefore] = [high, low];
  }
  if (pairs < LEAST_DAYS) return USUAL_RESIDUALS;
  return residualsFrom(sameDay / days, [
    highHigh / pairs,
    highLow / pairs,
    lowHigh / pairs,
    lowLow / pairs,
  ]);
}

/** Days over which a season's departure is followed. */
export const SEASON_DAYS = 60;
/** A season's own share where no record tells it (estimate). */
export const USUAL_SEASON_SHARE = 0.06;
const MOST_SEASON_SHARE = 0.25;
/** So much of a season's departure is left in the mean of its days: it turns into the next one meanwhile. */
const LEFT_IN_MEAN = 0.83;
const FITTING_ROUNDS = 4;
/** Fewer seasons tell nothing of how far they differ. */
const LEAST_SEASONS = 60;

/**
 * What the means of two months stray further than day-to-day weather makes them, as a share of the whole
 * variance. Weather made day by day alone has months too much alike.
 *
 * @source R. W. Katz and M. B. Parlange (1998), Overdispersion phenomenon in stochastic modeling of
 *         precipitation, Journal of Climate 11, 591–601, for the fault; the fit is our own
 */
function fitSeasonShare({ low }: Departures): number {
  let [squares, seasons, product, square] = [0, 0, 0, 0];
  for (let from = 0; from + SEASON_DAYS <= low.length; from += SEASON_DAYS) {
    let [sum, known] = [0, 0];
    for (let index = from; index < from + SEASON_DAYS; index += 1) {
      const value = low[index] ?? NaN;
      if (Number.isNaN(value)) continue;
      sum += value;
      known += 1;
      square += value * value;
      const next = low[index + 1] ?? NaN;
      if (!Number.isNaN(next)) product += value * next;
    }
    if (known < SEASON_DAYS / 2) continue;
    squares += (sum / known) ** 2;
    seasons += 1;
  }
  if (seasons < LEAST_SEASONS) return USUAL_SEASON_SHARE;
  const carry = product / square;
  let share = 0;
  for (let round = 0; round < FITTING_ROUNDS; round += 1) {
    // What days carry over without their season; the variance of a mean of them: (1 + r) / (1 − r) for each.
    const ofDays = (carry - share) / (1 - share);
    const byDays = (1 + ofDays) / (1 - ofDays) / SEASON_DAYS;
    const found = (squares / seasons - byDays) / (LEFT_IN_MEAN - byDays);
    share = Math.min(MOST_SEASON_SHARE, Math.max(0, found));
  }
  return share;
}

/**
 * The process whose departures are correlated as given.
 *
 * @param sameDay correlation of a day's high and low
 * @param nextDay correlations with the day before: high–high, high–low, low–high, low–low
 * @source N. C. Matalas (1967), Mathematical assessment of synthetic hydrology: A = M₁ M₀⁻¹, BBᵀ = M₀ − A M₁ᵀ
 */
export function residualsFrom(
  sameDay: number,
  nextDay: readonly [number, number, number, number],
): Residuals {
  const r = Math.min(0.98, Math.max(-0.98, sameDay));
  const [hh, hl, lh, ll] = nextDay;
  const determinant = 1 - r * r;
  const carry = [
    (hh - hl * r) / determinant,
    (hl - hh * r) / determinant,
    (lh - ll * r) / determinant,
    (ll - lh * r) / determinant,
  ] as const;
  const [a, b, c, d] = carry;
  const highVariance = Math.max(0.01, 1 - (a * hh + b * hl));
  const covariance = r - (a * lh + b * ll);
  const lowVariance = Math.max(0.01, 1 - (c * lh + d * ll));
  const first = Math.sqrt(highVariance);
  const second = covariance / first;
  return {
    carry,
    fresh: [first, second, Math.sqrt(Math.max(0.001, lowVariance - second * second))],
  };
}

/** Correlation of a day's high with its low where there is no record to fit (WGEN, as below). */
export const USUAL_HIGH_WITH_LOW = 0.633;

/**
 * Correlations where there is no record to fit.
 *
 * @source C. W. Richardson and D. A. Wright (1984), WGEN, USDA ARS-8: table 1, temperatures only
 */
export const USUAL_RESIDUALS: Residuals = residualsFrom(
  USUAL_HIGH_WITH_LOW,
  [0.621, 0.445, 0.563, 0.674],
);

/** The usual daily low over wet and dry days, and how far nights stray from it, °C. */
export function nightCourse(model: WeatherModel): { mean: SeasonalCurve; sd: SeasonalCurve } {
  return mixture(model, "min");
}

/** The usual daily high over wet and dry days, and how far days stray from it, °C. */
export function dayCourse(model: WeatherModel): { mean: SeasonalCurve; sd: SeasonalCurve } {
  return mixture(model, "max");
}

function mixture(model: WeatherModel, which: "min" | "max") {
  const { wet, dry } = model;
  const parts =
    which === "min"
      ? [wet.minMeanC, wet.minSdC, dry.minMeanC, dry.minSdC]
      : [wet.maxMeanC, wet.maxSdC, dry.maxMeanC, dry.maxSdC];
  const [wetMean, wetSd, dryMean, drySd] = parts as [
    SeasonalCurve,
    SeasonalCurve,
    SeasonalCurve,
    SeasonalCurve,
  ];
  const mean = curveOf((day) => {
    const share = wetShareOn(model, day);
    return share * (wetMean[day - 1] ?? 0) + (1 - share) * (dryMean[day - 1] ?? 0);
  });
  const sd = curveOf((day) => {
    const share = wetShareOn(model, day);
    const apart = (wetMean[day - 1] ?? 0) - (dryMean[day - 1] ?? 0);
    return Math.sqrt(
      share * (wetSd[day - 1] ?? 0) ** 2 +
        (1 - share) * (drySd[day - 1] ?? 0) ** 2 +
        share * (1 - share) * apart ** 2,
    );
  });
  return { mean, sd };
}

/** Share of days that are wet around a day of the year. */
export function wetShareOn(model: WeatherModel, dayOfYearNumber: number): number {
  const afterDry = model.wetAfterDry[dayOfYearNumber - 1] ?? 0;
  const afterWet = model.wetAfterWet[dayOfYearNumber - 1] ?? 0;
  return afterDry / (1 - afterWet + afterDry);
}

function eachDay(
  kinds: Uint8Array,
  seasons: Uint16Array,
  wanted: number,
  visit: (index: number, dayOfYearNumber: number) => void,
): void {
  for (let index = 0; index < kinds.length; index += 1) {
    if (kinds[index] === wanted) visit(index, seasons[index] ?? 1);
  }
}
