import { scaleLinear, type ScaleLinear } from "d3-scale";
import { civilDate, dayNumberOf, type DayNumber } from "@/core/calendar";

/** Days to pixels and back. */
export type TimeScale = ScaleLinear<number, number>;

export function timeScale(from: DayNumber, to: DayNumber, left: number, right: number): TimeScale {
  return scaleLinear().domain([from, to]).range([left, right]);
}

/** The first days of the months within a stretch. */
export function monthStarts(from: DayNumber, to: DayNumber): DayNumber[] {
  const { year, month } = civilDate(from);
  const starts: DayNumber[] = [];
  for (let index = 0; ; index += 1) {
    const day = dayNumberOf(
      year + Math.floor((month - 1 + index) / 12),
      ((month - 1 + index) % 12) + 1,
      1,
    );
    if (day > to) return starts;
    if (day >= from) starts.push(day);
  }
}
