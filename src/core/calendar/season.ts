import { civilDate, dayNumberOf, type DayNumber } from "./isoDate";

/** A growing season from one midsummer to the day before the next, as day numbers. */
export interface Season {
  startDay: DayNumber;
  /** The last day of the season (inclusive). */
  endDay: DayNumber;
  /** The winter solstice between them: the darkest day. */
  midwinterDay: DayNumber;
}

/**
 * The season that a day belongs to. Seasons run from midsummer to midsummer of the place, so that
 * one winter is never cut in two by the turn of the year.
 *
 * @param latitudeDeg north positive; the equator counts as north
 * @example seasonOf(47.1, dayNumber("2027-01-10")).startDay // day number of 2026-06-21
 */
export function seasonOf(latitudeDeg: number, day: DayNumber): Season {
  const south = latitudeDeg < 0;
  const month = south ? 12 : 6;
  const year = civilDate(day).year;
  const thisYears = dayNumberOf(year, month, 21);
  const startYear = day >= thisYears ? year : year - 1;
  return {
    startDay: dayNumberOf(startYear, month, 21),
    endDay: dayNumberOf(startYear + 1, month, 21) - 1,
    midwinterDay: south ? dayNumberOf(startYear + 1, 6, 21) : dayNumberOf(startYear, 12, 21),
  };
}
