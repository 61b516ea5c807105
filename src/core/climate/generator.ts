import type { DayNumber } from "../calendar";
import { extraterrestrialRadiationMJ, globalRadiationMJ } from "../sky";
import type { DailyRecord } from "./dailyRecord";
import { randomStream } from "./random";
import { daysOfYear } from "./seasonalCurve";
import { SEASON_DAYS, WET_DAY_MM, type DayKind, type WeatherModel } from "./weatherModel";

/** A day is at least this much warmer than its night. */
const LEAST_RANGE_C = 0.5;
/** Mean of a Rayleigh distribution (Weibull of shape 2) over its scale: Γ(1.5). */
const RAYLEIGH_MEAN = Math.sqrt(Math.PI) / 2;
/** Ångström's coefficients of FAO-56 (eq. 35): all cloud lets a quarter through, none three quarters. */
export const OVERCAST_SHARE = 0.25;
export const CLEAR_SHARE = 0.75;
/** Rain makes a day darker than its temperature range alone tells (estimate). */
export const WET_DARKENING = 0.75;

/** Made-up daily weather, with what a record does not hold. */
export interface GeneratedWeather extends DailyRecord {
  /** Share of the sky under cloud, 0 to 1. */
  cloudShare: Float32Array;
  /** Mean wind at 2 m, m/s. */
  windMps: Float32Array;
}

/**
 * Weather of a stretch of days as the model has it: the same for the same seed.
 *
 * @param latitudeDeg for the light that cloud is told by
 * @param days        length of the stretch
 */
export function generateWeather(
  model: WeatherModel,
  latitudeDeg: number,
  firstDay: DayNumber,
  days: number,
  seed: number,
): GeneratedWeather {
  const temperatures = generateTemperatures(model, firstDay, days, seed);
  const random = randomStream(seed + 0x5eed);
  const cloudShare = new Float32Array(days);
  const windMps = new Float32Array(days);
  for (let index = 0; index < days; index += 1) {
    const wet = (temperatures.precipitationMm[index] ?? 0) >= WET_DAY_MM;
    cloudShare[index] = cloudShareOf(
      latitudeDeg,
      firstDay + index,
      temperatures.minTempC[index] ?? 0,
      temperatures.maxTempC[index] ?? 0,
      wet,
    );
    windMps[index] = (model.windMps / RAYLEIGH_MEAN) * Math.sqrt(-Math.log(1 - random.uniform()));
  }
  return { ...temperatures, cloudShare, windMps };
}

/** Temperatures and rain alone, for many winters: the quick part of `generateWeather`. */
export function generateTemperatures(
  model: WeatherModel,
  firstDay: DayNumber,
  days: number,
  seed: number,
): DailyRecord {
  const random = randomStream(seed);
  const minTempC = new Float32Array(days);
  const maxTempC = new Float32Array(days);
  const precipitationMm = new Float32Array(days);
  const { wetAfterDry, wetAfterWet, wetDayMm, residuals, seasonShare } = model;
  const seasonsApart = seasonalDepartures(days, seed);
  const [ofDay, ofSeason] = [Math.sqrt(1 - seasonShare), Math.sqrt(seasonShare)];
  const [highFromHigh, highFromLow, lowFromHigh, lowFromLow] = residuals.carry;
  const [freshHigh, freshShared, freshLow] = residuals.fresh;
  let wet = false;
  let high = random.normal();
  let low = random.normal();
  const seasons = daysOfYear(firstDay, days);
  for (let index = 0; index < days; index += 1) {
    const at = (seasons[index] ?? 1) - 1;
    wet = random.uniform() < ((wet ? wetAfterWet[at] : wetAfterDry[at]) ?? 0);
    const first = random.normal();
    const second = random.normal();
    const nextHigh = highFromHigh * high + highFromLow * low + freshHigh * first;
    low = lowFromHigh * high + lowFromLow * low + freshShared * first + freshLow * second;
    high = nextHigh;
    const kind: DayKind = wet ? model.wet : model.dry;
    const season = ofSeason * (seasonsApart[index] ?? 0);
    let max = (kind.maxMeanC[at] ?? 0) + (kind.maxSdC[at] ?? 0) * (ofDay * high + season);
    let min = (kind.minMeanC[at] ?? 0) + (kind.minSdC[at] ?? 0) * (ofDay * low + season);
    if (max < min + LEAST_RANGE_C) {
      const middle = (max + min) / 2;
      max = middle + LEAST_RANGE_C / 2;
      min = middle - LEAST_RANGE_C / 2;
    }
    maxTempC[index] = max;
    minTempC[index] = min;
    if (wet) {
      const mean = Math.max(0.1, (wetDayMm[at] ?? 0) - WET_DAY_MM);
      precipitationMm[index] = WET_DAY_MM - mean * Math.log(1 - random.uniform());
    }
  }
  return { firstDay, minTempC, maxTempC, precipitationMm };
}

/** How far each season is from the usual, day by day, in standard deviations: one turns into the next. */
function seasonalDepartures(days: number, seed: number): Float64Array {
  const random = randomStream(seed + 0x5ea5);
  let [from, to] = [random.normal(), random.normal()];
  return Float64Array.from({ length: days }, (_, index) => {
    const way = (index % SEASON_DAYS) / SEASON_DAYS;
    if (index > 0 && way === 0) [from, to] = [to, random.normal()];
    const angle = (way * Math.PI) / 2;
    return from * Math.cos(angle) + to * Math.sin(angle);
  });
}

/**
 * Share of the sky under cloud, from the light that the temperature range tells of.
 *
 * @source FAO-56 eq. 35 (Ångström) solved for the sunshine share, radiation by eq. 50 (Hargreaves)
 */
export function cloudShareOf(
  latitudeDeg: number,
  day: DayNumber,
  minTempC: number,
  maxTempC: number,
  wet: boolean,
): number {
  const outside = extraterrestrialRadiationMJ(latitudeDeg, day);
  if (outside <= 0) return wet ? 1 : 0.5; // polar night: nothing to tell it by
  const reaching = globalRadiationMJ(outside, minTempC, maxTempC) * (wet ? WET_DARKENING : 1);
  const sunshine = (reaching / outside - OVERCAST_SHARE) / (CLEAR_SHARE - OVERCAST_SHARE);
  return 1 - Math.min(1, Math.max(0, sunshine));
}
