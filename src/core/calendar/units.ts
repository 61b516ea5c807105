export const DAYS_PER_WEEK = 7;
/** Of a mean year, leap years counted in. */
export const DAYS_PER_YEAR = 365.25;
/** Of a table with a value for each day of any year, 29 February included. */
export const DAYS_OF_YEAR = 366;
export const MS_PER_DAY = 86_400_000;
