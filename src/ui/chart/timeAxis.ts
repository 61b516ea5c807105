import { civilDate, dayNumberOf, type DayNumber } from "@/core/calendar";

/** Days to pixels, and with `invert` back. */
export interface TimeScale {
  (day: number): number;
  invert(pixel: number): number;
  /** The first and the last day drawn. */
  domain(): [number, number];
}

/**
 * The scale under every strand and ribbon. Written out: the first view draws with nothing else of a
 * scale, and the library brings its clocks, colours and formats along (14 kB gzipped).
 */
export function timeScale(from: DayNumber, to: DayNumber, left: number, right: number): TimeScale {
  const perDay = (right - left) / Math.max(to - from, 1);
  return Object.assign((day: number) => left + (day - from) * perDay, {
    invert: (pixel: number) => (perDay === 0 ? from : from + (pixel - left) / perDay),
    domain: (): [number, number] => [from, to],
  });
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
