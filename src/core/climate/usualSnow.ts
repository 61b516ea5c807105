import snowJson from "@data/snow.json";
import type { DailyRecord } from "./dailyRecord";
import { generateTemperatures } from "./generator";
import { DAYS_OF_CURVE, daysOfYear, type SeasonalCurve } from "./seasonalCurve";
import type { WeatherModel } from "./weatherModel";

const { fallsBelowC, meltMmPerDegreeDay, freshKgPerM3, oldKgPerM3, settlesInDays } = snowJson;

/** Made years whose snow is averaged: the same ones for every climate. */
const YEARS = 20;
const SEED = 1816;
const FIRST_DAY = 0;

type DaysOfSnow = Pick<DailyRecord, "minTempC" | "maxTempC" | "precipitationMm">;

/**
 * Snow that usually lies, by day of the year, m: the mean over made years of what falls on days cold
 * enough, less what the degrees above freezing melt; it settles as it lies.
 *
 * @source melt by degree days; densities from fresh to old snow, as published (see `data/snow.json`)
 */
export function usualSnow(model: WeatherModel): SeasonalCurve {
  const days = Math.round(YEARS * 365.25);
  const lies = snowDepthsM(generateTemperatures(model, FIRST_DAY, days, SEED));
  const places = daysOfYear(FIRST_DAY, days);
  const depthM = new Float64Array(DAYS_OF_CURVE);
  const seen = new Float64Array(DAYS_OF_CURVE);
  for (let index = 0; index < days; index += 1) {
    const at = (places[index] ?? 1) - 1;
    depthM[at] = (depthM[at] ?? 0) + (lies[index] ?? 0);
    seen[at] = (seen[at] ?? 0) + 1;
  }
  return depthM.map((sum, at) => sum / Math.max(1, seen[at] ?? 1));
}

/** Snow that lies on each day of a stretch that begins without any, m. */
export function snowDepthsM({ minTempC, maxTempC, precipitationMm }: DaysOfSnow): Float32Array {
  const depthM = new Float32Array(minTempC.length);
  let waterMm = 0;
  let ageDays = 0;
  for (let index = 0; index < depthM.length; index += 1) {
    const meanC = ((minTempC[index] ?? 0) + (maxTempC[index] ?? 0)) / 2;
    // A day without a measurement brings none.
    if (meanC < fallsBelowC) waterMm += precipitationMm[index] || 0;
    waterMm = Math.max(0, waterMm - meltMmPerDegreeDay * Math.max(0, meanC));
    ageDays = waterMm > 0 ? ageDays + 1 : 0;
    const settled = Math.min(1, ageDays / settlesInDays);
    depthM[index] = waterMm / (freshKgPerM3 + (oldKgPerM3 - freshKgPerM3) * settled);
  }
  return depthM;
}
