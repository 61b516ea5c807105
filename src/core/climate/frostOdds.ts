import type { DayNumber, Season } from "../calendar";
import type { Climate } from "./climate";
import { dayAtPlace, dayOfSeason } from "./frostRecord";

/** Thresholds that growers speak of, °C at screen height. */
export const FROST_THRESHOLDS_C = { light: 0, killing: -2.2, hardFreeze: -4.4 } as const;

/** A climate's own frosts, when it has enough of them to go by. */
function recorded(climate: Climate) {
  return climate.frosts && climate.frosts.seasons.length > 0 ? climate.frosts : null;
}

/**
 * The day by which the first night at or below a threshold has come in a given share of seasons:
 * from the record where there is one, else from the usual nights and their spread.
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
  const frosts = recorded(climate);
  if (frosts) {
    const place = frosts.first(thresholdC).dayAt(probability);
    return place === null ? null : Math.max(season.startDay, dayAtPlace(season, place));
  }
  const wanted = Math.log(1 - probability);
  let logStays = 0;
  for (let day = season.startDay; day <= season.endDay; day += 1) {
    logStays += climate.logChanceNightStaysAbove(day, thresholdC);
    if (logStays <= wanted) return day;
  }
  return null;
}

/**
 * The day after which no night at or below a threshold comes in all but a given share of seasons.
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
  const frosts = recorded(climate);
  if (frosts) {
    const place = frosts.last(thresholdC).dayAfterWhichNone(1 - probability);
    return place === null ? null : Math.min(season.endDay, dayAtPlace(season, place));
  }
  const wanted = Math.log(1 - probability);
  let logStays = 0;
  for (let day = season.endDay; day >= season.startDay; day -= 1) {
    logStays += climate.logChanceNightStaysAbove(day, thresholdC);
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
  const frosts = recorded(climate);
  if (frosts) {
    const [first, last] = [frosts.first(thresholdC), frosts.last(thresholdC)];
    const place = (index: number) => dayOfSeason(season, season.startDay + index);
    return {
      comeBy: Float64Array.from({ length: days }, (_, index) => first.chanceBy(place(index))),
      stillToCome: Float64Array.from({ length: days }, (_, index) =>
        index === days - 1 ? 0 : last.chanceAfter(place(index)),
      ),
    };
  }
  const comeBy = new Float64Array(days);
  const stillToCome = new Float64Array(days);
  let logStays = 0;
  for (let index = 0; index < days; index += 1) {
    logStays += climate.logChanceNightStaysAbove(season.startDay + index, thresholdC);
    comeBy[index] = 1 - Math.exp(logStays);
  }
  logStays = 0;
  for (let index = days - 1; index >= 0; index -= 1) {
    stillToCome[index] = 1 - Math.exp(logStays);
    logStays += climate.logChanceNightStaysAbove(season.startDay + index, thresholdC);
  }
  return { comeBy, stillToCome };
}
