import { dayNumberOf, type DayNumber } from "../calendar";
import type { DailyRecord } from "../climate";
import { fact } from "../facts";

const FIRST_DAY = dayNumberOf(1800, 1, 1);
const LAST_DAY = dayNumberOf(2200, 1, 1);
const MOST_YEARS = 250;

export type Element = "minTempC" | "maxTempC" | "precipitationMm";

/** What weather has been measured to be, with room to spare: −89.2 and 56.7 °C, 1,825 mm in a day (WMO). */
const LIMITS: Record<Element, { least: number; most: number }> = {
  minTempC: { least: -90, most: 60 },
  maxTempC: { least: -90, most: 60 },
  precipitationMm: { least: 0, most: 2000 },
};

/** A value, or NaN where no weather has it. */
export function ofThisWorld(element: Element, value: number): number {
  const limits = LIMITS[element];
  return value >= limits.least && value <= limits.most ? value : NaN;
}

export const NOT_OF_THIS_WORLD = fact("weatherFiles.valuesThatNoWeatherHas");
export const LOW_ABOVE_HIGH = fact("weatherFiles.temperaturesOfDaysWhoseLowIsAbove");
/** A share of days with the low above the high that is no slip but a mistake of columns. */
export const SWAPPED_SHARE = 0.5;

/** Gathers values by day, in any order, and makes a record of them. */
export class DayValues {
  private firstDay = Infinity;
  private lastDay = -Infinity;
  private readonly values = {
    minTempC: filled(LAST_DAY - FIRST_DAY),
    maxTempC: filled(LAST_DAY - FIRST_DAY),
    precipitationMm: filled(LAST_DAY - FIRST_DAY),
  };

  /** Sets a day's value; the first one given stays. False when there was one already. */
  set(element: Element, day: DayNumber, value: number): boolean {
    const values = this.values[element];
    const index = day - FIRST_DAY;
    if (index < 0 || index >= values.length) return true;
    if (!Number.isNaN(values[index] ?? NaN)) return false;
    values[index] = value;
    if (day < this.firstDay) this.firstDay = day;
    if (day > this.lastDay) this.lastDay = day;
    return true;
  }

  /** The stretch from the first to the last day with any value; null when there is none. */
  record(): DailyRecord | null {
    if (this.lastDay < this.firstDay) return null;
    const [from, to] = [this.firstDay - FIRST_DAY, this.lastDay - FIRST_DAY + 1];
    return {
      firstDay: this.firstDay,
      minTempC: this.values.minTempC.slice(from, to),
      maxTempC: this.values.maxTempC.slice(from, to),
      precipitationMm: this.values.precipitationMm.slice(from, to),
    };
  }
}

/** Whether a record is longer than any station has measured. */
export function isTooLong(record: DailyRecord): boolean {
  return record.minTempC.length > MOST_YEARS * 366;
}

function filled(length: number): Float32Array {
  return new Float32Array(length).fill(NaN);
}

export function countKnown(values: Float32Array): number {
  let known = 0;
  for (const value of values) if (!Number.isNaN(value)) known += 1;
  return known;
}
