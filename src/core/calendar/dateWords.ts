import { civilDate, type DayNumber } from "./isoDate";

const MONTHS = [
  "January",
  "February",
  "March",
  "April",
  "May",
  "June",
  "July",
  "August",
  "September",
  "October",
  "November",
  "December",
] as const;

/**
 * A date in plain words for sentences the core writes; the year is added when it differs from
 * that of the day it is told beside.
 *
 * @example dateWords(day, besideDay) // "3 September" or "12 April 2027"
 */
export function dateWords(day: DayNumber, besideDay: DayNumber = day): string {
  const { year, month, dayOfMonth } = civilDate(day);
  const words = `${dayOfMonth} ${MONTHS[month - 1]}`;
  return year === civilDate(besideDay).year ? words : `${words} ${year}`;
}

/** How much later a day is than another: "20 days later", "3 days sooner", "on the same day". */
export function laterWords(days: number): string {
  if (days === 0) return "on the same day";
  return `${daysWords(Math.abs(days))} ${days > 0 ? "later" : "sooner"}`;
}

/** A number of days in words: "1 day", "12 days". */
export function daysWords(days: number): string {
  const whole = Math.round(days);
  return Math.abs(whole) === 1 ? `${whole} day` : `${whole} days`;
}
