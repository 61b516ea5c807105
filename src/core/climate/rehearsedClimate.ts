import { DAYS_OF_YEAR, dayOfYear, type DayNumber } from "../calendar";
import { dailyLightIntegralMol, extraterrestrialRadiationMJ } from "../sky";
import type { Climate } from "./climate";
import { CLEAR_SHARE, OVERCAST_SHARE, type GeneratedWeather } from "./generator";
import { logChanceAbove } from "./sketchModel";

/** A winter that is lived through on trial in place of the usual one. */
export interface RehearsedWinter {
  /** Tells it from every other. */
  key: string;
  /** Its number, from 0. */
  winter: number;
  /** Its weather, over less than a year. */
  daily: GeneratedWeather;
}

/** How far a known night may still be off at the plants, °C: it comes, and is no chance any more. */
const KNOWN_NIGHT_SD_C = 0.5;

/**
 * A climate in which the days of a winter are what is usual: everything that goes by usual days then goes
 * by that winter's. Other days stay as they are.
 *
 * @param daily less than a year, so that each day of the year comes once
 */
export function rehearsedClimate(climate: Climate, { daily }: RehearsedWinter): Climate {
  const { latitudeDeg } = climate;
  const at = new Int32Array(DAYS_OF_YEAR).fill(-1);
  for (let index = 0; index < daily.minTempC.length; index += 1) {
    at[dayOfYear(daily.firstDay + index) - 1] = index;
  }
  const indexOn = (day: DayNumber) => at[dayOfYear(day) - 1] ?? -1;
  const clearness = (day: DayNumber) => {
    const index = indexOn(day);
    if (index < 0) return climate.clearness(day);
    const cloudShare = daily.cloudShare[index] ?? 0;
    return OVERCAST_SHARE + (CLEAR_SHARE - OVERCAST_SHARE) * (1 - cloudShare);
  };
  const value = (values: Float32Array, usual: (day: DayNumber) => number) => (day: DayNumber) => {
    const index = indexOn(day);
    return index < 0 ? usual(day) : (values[index] ?? 0);
  };
  const logChanceOnPlace = (place: number, thresholdC: number) => {
    const index = at[place] ?? -1;
    return index < 0
      ? climate.logChanceOnPlace(place, thresholdC)
      : logChanceAbove(daily.minTempC[index] ?? 0, KNOWN_NIGHT_SD_C, thresholdC, 1);
  };
  return {
    ...climate,
    minTempC: value(daily.minTempC, climate.minTempC),
    maxTempC: value(daily.maxTempC, climate.maxTempC),
    usualRainMm: value(daily.precipitationMm, climate.usualRainMm),
    clearness,
    dliMol: (day) =>
      dailyLightIntegralMol(
        Math.max(0, extraterrestrialRadiationMJ(latitudeDeg, day)) * clearness(day),
      ),
    logChanceOnPlace,
    logChanceNightStaysAbove: (day, thresholdC) => logChanceOnPlace(dayOfYear(day) - 1, thresholdC),
  };
}
