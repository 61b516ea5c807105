import { dayNumberOf, civilDate, type DayNumber } from "../calendar";

/** A date as it stands in a table, its parts not yet told apart. */
export interface RawDate {
  /** The first two numbers and the year; with the year written first the order is settled. */
  first: number;
  second: number;
  year: number;
  settled: boolean;
}

const YEAR_FIRST = /^(\d{4})[-/. ]?(\d{1,2})[-/. ]?(\d{1,2})(?=$|[T\s])/;
const YEAR_LAST = /^(\d{1,2})[-/. ](\d{1,2})[-/. ](\d{4})(?=$|[T\s])/;
const WITH_MONTH_NAME = /^(\d{1,2})[-/. ]([A-Za-z]{3})[A-Za-z]*[-/. ](\d{4})$/;
const MONTH_NAMES = [
  "jan",
  "feb",
  "mar",
  "apr",
  "may",
  "jun",
  "jul",
  "aug",
  "sep",
  "oct",
  "nov",
  "dec",
];

/** Reads the text of a date cell; null when it is none. */
export function readRawDate(text: string): RawDate | null {
  const plain = text.trim();
  const yearFirst = YEAR_FIRST.exec(plain);
  if (yearFirst) {
    const [, year, month, day] = yearFirst;
    return { first: Number(day), second: Number(month), year: Number(year), settled: true };
  }
  const yearLast = YEAR_LAST.exec(plain);
  if (yearLast) {
    const [, first, second, year] = yearLast;
    return { first: Number(first), second: Number(second), year: Number(year), settled: false };
  }
  const named = WITH_MONTH_NAME.exec(plain);
  const month = MONTH_NAMES.indexOf(named?.[2]?.toLowerCase() ?? "") + 1;
  if (!named || month === 0) return null;
  return { first: Number(named[1]), second: month, year: Number(named[3]), settled: true };
}

/** The day of a date by an order of its parts; null when there is no such day. */
export function dayFrom(date: RawDate, dayFirst: boolean): DayNumber | null {
  const inOrder = date.settled || dayFirst;
  return realDay(date.year, inOrder ? date.second : date.first, inOrder ? date.first : date.second);
}

/** The day number of a year, month and day that exist; null otherwise. */
export function realDay(year: number, month: number, dayOfMonth: number): DayNumber | null {
  if (month < 1 || month > 12 || dayOfMonth < 1 || dayOfMonth > 31) return null;
  const day = dayNumberOf(year, month, dayOfMonth);
  return civilDate(day).month === month ? day : null;
}

/** Watches dates go by and finds out which of their parts is the day. */
export class DateOrderEvidence {
  private unsettled = 0;
  private dayFirstFails = 0;
  private monthFirstFails = 0;
  private dayFirstSteps = 0;
  private monthFirstSteps = 0;
  private before: RawDate | null = null;

  see(date: RawDate): void {
    if (date.settled) return;
    const [dayFirst, monthFirst] = [dayFrom(date, true), dayFrom(date, false)];
    // A day that is in no calendar (31.02.) tells nothing about the order.
    if (dayFirst === null && monthFirst === null) return;
    this.unsettled += 1;
    if (dayFirst === null) this.dayFirstFails += 1;
    if (monthFirst === null) this.monthFirstFails += 1;
    if (this.before) {
      // Days follow one another in most tables: the right order shows it.
      const [lastDayFirst, lastMonthFirst] = [
        dayFrom(this.before, true),
        dayFrom(this.before, false),
      ];
      if (dayFirst !== null && lastDayFirst !== null && Math.abs(dayFirst - lastDayFirst) === 1) {
        this.dayFirstSteps += 1;
      }
      if (
        monthFirst !== null &&
        lastMonthFirst !== null &&
        Math.abs(monthFirst - lastMonthFirst) === 1
      ) {
        this.monthFirstSteps += 1;
      }
    }
    this.before = date;
  }

  /** Whether some dates read only one way and others only the other. */
  isMixed(): boolean {
    return this.dayFirstFails > 0 && this.monthFirstFails > 0;
  }

  /** What the dates say: `dayFirst` when there was nothing to settle; null when they do not tell. */
  order(): "dayFirst" | "monthFirst" | null {
    if (this.unsettled === 0) return "dayFirst";
    if (this.dayFirstFails !== this.monthFirstFails) {
      return this.dayFirstFails < this.monthFirstFails ? "dayFirst" : "monthFirst";
    }
    if (this.dayFirstSteps !== this.monthFirstSteps) {
      return this.dayFirstSteps > this.monthFirstSteps ? "dayFirst" : "monthFirst";
    }
    return null;
  }
}
