/** A calendar date as `YYYY-MM-DD`. No time, no time zone: a grower's day. */
export type IsoDate = string;

/** Whole days since 1970-01-01; the form in which the core computes with dates. */
export type DayNumber = number;

/** A day of the year as `MM-DD`, the same every year. */
export type MonthDay = string;

export const ISO_DATE = /^(\d{4})-(\d{2})-(\d{2})$/;
export const MONTH_DAY = /^(\d{2})-(\d{2})$/;
const DAYS_PER_ERA = 146_097; // 400 Gregorian years
const DAYS_FROM_CIVIL_EPOCH_TO_1970 = 719_468;
const DAYS_FROM_MARCH_TO_NEW_YEAR = 306;
const FIRST_YEAR = 1800;
const LAST_YEAR = 2200;

/**
 * Day number of a date in the Gregorian calendar.
 *
 * @source Howard Hinnant, "chrono-compatible low-level date algorithms", days_from_civil
 * @example dayNumberOf(1970, 1, 2) // 1
 */
export function dayNumberOf(year: number, month: number, dayOfMonth: number): DayNumber {
  // The year is taken to start in March, so that the leap day is the last of its year.
  const marchYear = month <= 2 ? year - 1 : year;
  const era = Math.floor(marchYear / 400);
  const yearOfEra = marchYear - era * 400;
  const dayOfMarchYear =
    Math.floor((153 * (month + (month > 2 ? -3 : 9)) + 2) / 5) + dayOfMonth - 1;
  const dayOfEra =
    yearOfEra * 365 + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100) + dayOfMarchYear;
  return era * DAYS_PER_ERA + dayOfEra - DAYS_FROM_CIVIL_EPOCH_TO_1970;
}

/** Year, month (1 to 12) and day of month of a day number. */
export function civilDate(day: DayNumber): { year: number; month: number; dayOfMonth: number } {
  const shifted = Math.floor(day) + DAYS_FROM_CIVIL_EPOCH_TO_1970;
  const era = Math.floor(shifted / DAYS_PER_ERA);
  const dayOfEra = shifted - era * DAYS_PER_ERA;
  const yearOfEra = yearOfEraOf(dayOfEra);
  const dayOfMarchYear =
    dayOfEra - (365 * yearOfEra + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100));
  const marchMonth = Math.floor((5 * dayOfMarchYear + 2) / 153);
  const dayOfMonth = dayOfMarchYear - Math.floor((153 * marchMonth + 2) / 5) + 1;
  const month = marchMonth < 10 ? marchMonth + 3 : marchMonth - 9;
  return { year: yearOfEra + era * 400 + (month <= 2 ? 1 : 0), month, dayOfMonth };
}

/** Year, counted from March, within the 400 years of an era. */
function yearOfEraOf(dayOfEra: number): number {
  return Math.floor(
    (dayOfEra -
      Math.floor(dayOfEra / 1460) +
      Math.floor(dayOfEra / 36_524) -
      Math.floor(dayOfEra / 146_096)) /
      365,
  );
}

/** Whether the text is a date that exists, between 1800 and 2200. */
export function isIsoDate(text: string): boolean {
  const match = ISO_DATE.exec(text);
  if (!match) return false;
  const year = Number(match[1]);
  if (year < FIRST_YEAR || year > LAST_YEAR) return false;
  const day = dayNumberOf(year, Number(match[2]), Number(match[3]));
  return isoDate(day) === text;
}

/**
 * Day number of an ISO date.
 *
 * @throws RangeError when the text is not a date that exists; check foreign text with `isIsoDate` first
 */
export function dayNumber(date: IsoDate): DayNumber {
  const match = ISO_DATE.exec(date);
  if (!match) throw new RangeError(`"${date}" is not a date like 2026-09-24.`);
  return dayNumberOf(Number(match[1]), Number(match[2]), Number(match[3]));
}

/** ISO date of a day number; a fraction of a day is dropped. */
export function isoDate(day: DayNumber): IsoDate {
  const { year, month, dayOfMonth } = civilDate(day);
  return `${String(year).padStart(4, "0")}-${twoDigits(month)}-${twoDigits(dayOfMonth)}`;
}

/** The date a number of days later (earlier when negative). */
export function addDays(date: IsoDate, days: number): IsoDate {
  return isoDate(dayNumber(date) + days);
}

/** Day of the year, 1 to 366. */
export function dayOfYear(day: DayNumber): number {
  // Asked for by every climate and curve, day by day, and always of the same few years.
  const at = Math.floor(day) - TABLE_FROM_DAY;
  if (at < 0 || at >= TABLE_DAYS) return computedDayOfYear(day);
  return (dayOfYearTable[at] ||= computedDayOfYear(day));
}

const TABLE_FROM_DAY = dayNumberOf(1990, 1, 1);
const TABLE_DAYS = 60 * 366;
/** 0 until it is asked for. */
const dayOfYearTable = new Uint16Array(TABLE_DAYS);

/** The same sums as of a civil date, without an object. */
function computedDayOfYear(day: DayNumber): number {
  const shifted = Math.floor(day) + DAYS_FROM_CIVIL_EPOCH_TO_1970;
  const dayOfEra = shifted - Math.floor(shifted / DAYS_PER_ERA) * DAYS_PER_ERA;
  const yearOfEra = yearOfEraOf(dayOfEra);
  const dayOfMarchYear =
    dayOfEra - (365 * yearOfEra + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100));
  if (dayOfMarchYear >= DAYS_FROM_MARCH_TO_NEW_YEAR) {
    return dayOfMarchYear - DAYS_FROM_MARCH_TO_NEW_YEAR + 1;
  }
  const leap = yearOfEra % 4 === 0 && (yearOfEra % 100 !== 0 || yearOfEra === 0);
  return dayOfMarchYear + (leap ? 61 : 60);
}

/** Day number of a month and day in a year; 29 February becomes 28 February in common years. */
export function monthDayIn(year: number, monthDay: MonthDay): DayNumber {
  const match = MONTH_DAY.exec(monthDay);
  if (!match) throw new RangeError(`"${monthDay}" is not a day of the year like 09-24.`);
  const month = Number(match[1]);
  const dayOfMonth = Number(match[2]);
  const day = dayNumberOf(year, month, dayOfMonth);
  return civilDate(day).month === month ? day : dayNumberOf(year, month, 28);
}

/** Day of the week, 0 for Monday to 6 for Sunday. */
export function dayOfWeek(day: DayNumber): number {
  return (((Math.floor(day) + 3) % 7) + 7) % 7;
}

function twoDigits(value: number): string {
  return String(value).padStart(2, "0");
}
