import type { DayNumber, Season } from "../calendar";
import type { Climate } from "./climate";

/** Thresholds that growers speak of, °C at screen height. */
export const FROST_THRESHOLDS_C = { light: 0, killing: -2.2, hardFreeze: -4.4 } as const;

/**
 * The day by which the first night at or below a threshold has come in a given share of autumns.
 *
 * @param probability 0 to 1; 0.2 is "1 year in 5"
 * @returns null when it never gets that likely in the season
 */
export function firstFrostDay(
  climate: Climate,
  season: Season,
  thresholdC: number,
  probability: number,
): DayNumber | null {
  return dayWhenChanceReaches(climate, thresholdC, probability, season.startDay, season.endDay);
}

/**
 * The day after which no night at or below a threshold comes in all but a given share of springs.
 *
 * @param probability chance of a later frost; 0.2 is "1 year in 5"
 * @returns null when even the whole season is less likely than that
 */
export function lastFrostDay(
  climate: Climate,
  season: Season,
  thresholdC: number,
  probability: number,
): DayNumber | null {
  const wanted = Math.log(1 - probability);
  let logStays = 0;
  for (let day = season.endDay; day >= season.startDay; day -= 1) {
    logStays += climate.logChanceNightStaysAbove(climate.minTempC(day), thresholdC);
    if (logStays <= wanted) return day;
  }
  return null;
}

/** The first day of a stretch by which a night at or below a threshold has come with a given chance. */
export function dayWhenChanceReaches(
  climate: Climate,
  thresholdC: number,
  probability: number,
  fromDay: DayNumber,
  toDay: DayNumber,
): DayNumber | null {
  const wanted = Math.log(1 - probability);
  let logStays = 0;
  for (let day = fromDay; day <= toDay; day += 1) {
    logStays += climate.logChanceNightStaysAbove(climate.minTempC(day), thresholdC);
    if (logStays <= wanted) return day;
  }
  return null;
}

/** How likely it is, day by day of a season, that frost has come since midsummer or is still to come. */
export interface FrostChances {
  /** Chance that a night at or below the threshold has come by each day. */
  comeBy: Float64Array;
  /** Chance that one is still to come after each day. */
  stillToCome: Float64Array;
}

/** Both chances for every day of a season, the first entry for its first day. */
export function frostChances(climate: Climate, season: Season, thresholdC: number): FrostChances {
  const days = season.endDay - season.startDay + 1;
  const comeBy = new Float64Array(days);
  const stillToCome = new Float64Array(days);
  let logStays = 0;
  for (let index = 0; index < days; index += 1) {
    logStays += climate.logChanceNightStaysAbove(
      climate.minTempC(season.startDay + index),
      thresholdC,
    );
    comeBy[index] = 1 - Math.exp(logStays);
  }
  logStays = 0;
  for (let index = days - 1; index >= 0; index -= 1) {
    stillToCome[index] = 1 - Math.exp(logStays);
    logStays += climate.logChanceNightStaysAbove(
      climate.minTempC(season.startDay + index),
      thresholdC,
    );
  }
  return { comeBy, stillToCome };
}
