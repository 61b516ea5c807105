import snowJson from "@data/snow.json";
import { generateTemperatures } from "./generator";
import { DAYS_OF_CURVE, daysOfYear, type SeasonalCurve } from "./seasonalCurve";
import type { WeatherModel } from "./weatherModel";

const { fallsBelowC, meltMmPerDegreeDay, freshKgPerM3, oldKgPerM3, settlesInDays } = snowJson;

/** Made years whose snow is averaged: the same ones for every climate. */
const YEARS = 20;
const SEED = 1816;
const FIRST_DAY = 0;

/**
 * Snow that usually lies, by day of the year, m: the mean over made years of what falls on days cold
 * enough, less what the degrees above freezing melt; it settles as it lies.
 *
 * @source melt by degree days; densities from fresh to old snow, as published (see `data/snow.json`)
 */
export function usualSnow(model: WeatherModel): SeasonalCurve {
  const days = Math.round(YEARS * 365.25);
  const made = generateTemperatures(model, FIRST_DAY, days, SEED);
  const places = daysOfYear(FIRST_DAY, days);
  const depthM = new Float64Array(DAYS_OF_CURVE);
  const seen = new Float64Array(DAYS_OF_CURVE);
  let waterMm = 0;
  let ageDays = 0;
  for (let index = 0; index < days; index += 1) {
    const meanC = ((made.minTempC[index] ?? 0) + (made.maxTempC[index] ?? 0)) / 2;
    if (meanC < fallsBelowC) waterMm += made.precipitationMm[index] ?? 0;
    waterMm = Math.max(0, waterMm - meltMmPerDegreeDay * Math.max(0, meanC));
    ageDays = waterMm > 0 ? ageDays + 1 : 0;
    const settled = Math.min(1, ageDays / settlesInDays);
    const at = (places[index] ?? 1) - 1;
    depthM[at] =
      (depthM[at] ?? 0) + waterMm / (freshKgPerM3 + (oldKgPerM3 - freshKgPerM3) * settled);
    seen[at] = (seen[at] ?? 0) + 1;
  }
  return depthM.map((sum, at) => sum / Math.max(1, seen[at] ?? 1));
}
