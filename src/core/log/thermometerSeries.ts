import { isoDate, type DayNumber } from "../calendar";
import type { ThermometerDay } from "./thermometerDay";
import { fact, type Fact } from "../facts";

/** One reading of a logger. */
export interface Point {
  /** Minutes since the start of day 0, local time. */
  atMin: number;
  tempC: number;
}

/** A day of a pair of thermometers, not yet anybody's. */
export type DayOfPair = Pick<
  ThermometerDay,
  "on" | "insideMinC" | "outsideMinC" | "insideMaxC" | "outsideMaxC"
>;

/** What came of a series, and what was left out and why. */
export interface SeriesDays {
  days: DayOfPair[];
  left: { reason: Fact; count: number; dates: string[] }[];
}

const DAY_MIN = 24 * 60;
/** A night runs from six in the evening until noon. */
const NIGHT_BEFORE_MIN = 6 * 60;
const NIGHT_AFTER_MIN = 12 * 60;
/** A longer gap can hide the minimum. */
const LONGEST_GAP_MIN = 180;
/** A thermometer that shows one value all night while the other moves by so much is stuck, °C. */
const MOVES_C = 3;
const SAME_C = 0.05;

/** Reasons as they are told, in this order. */
export const GAP = fact("log.theReadingsOfTheNightHaveAGapOf");
export const STUCK = fact("log.theThermometerInsideShowedOneValue");
export const ALONE = fact("log.thereAreReadingsOfOneSideOnly");

/**
 * Days out of a logger's readings: the low of each night, the high of each day. Nights with a gap and
 * nights of a stuck thermometer are left out and told.
 */
export function daysFromSeries(inside: readonly Point[], outside: readonly Point[]): SeriesDays {
  const left = new Map<Fact, string[]>();
  const days: DayOfPair[] = [];
  const series = [inside, outside].map((points) => [...points].sort((a, b) => a.atMin - b.atMin));
  const [within = [], around = []] = series;
  for (const day of daysIn([...within, ...around])) {
    const night = [within, around].map((points) =>
      between(points, day * DAY_MIN - NIGHT_BEFORE_MIN, day * DAY_MIN + NIGHT_AFTER_MIN),
    );
    const [nightIn = [], nightOut = []] = night;
    const reason = problemOf(nightIn, nightOut, day);
    if (reason === "none") continue;
    if (reason) {
      left.set(reason, [...(left.get(reason) ?? []), isoDate(day)]);
      continue;
    }
    const byDay = [within, around].map((points) =>
      between(points, day * DAY_MIN, (day + 1) * DAY_MIN),
    );
    const isWholeDay = byDay.every(
      (points) => longestGap(points, day * DAY_MIN, DAY_MIN) <= LONGEST_GAP_MIN,
    );
    days.push({
      on: isoDate(day),
      insideMinC: lowest(nightIn),
      outsideMinC: lowest(nightOut),
      insideMaxC: isWholeDay ? highest(byDay[0] ?? []) : null,
      outsideMaxC: isWholeDay ? highest(byDay[1] ?? []) : null,
    });
  }
  return {
    days,
    left: [...left].map(([reason, dates]) => ({ reason, count: dates.length, dates })),
  };
}

function daysIn(points: readonly Point[]): DayNumber[] {
  return [...new Set(points.map(({ atMin }) => Math.floor(atMin / DAY_MIN)))].sort((a, b) => a - b);
}

/** Why a night cannot be used; "none" where it has hardly any readings, as at a log's ends. */
function problemOf(
  inside: readonly Point[],
  outside: readonly Point[],
  day: DayNumber,
): Fact | "none" | null {
  const hasMorning = [inside, outside].map((points) =>
    points.some(({ atMin }) => atMin >= day * DAY_MIN && atMin < day * DAY_MIN + 8 * 60),
  );
  if (!hasMorning.includes(true)) return "none";
  if (hasMorning.includes(false)) return ALONE;
  const from = day * DAY_MIN - NIGHT_BEFORE_MIN;
  const length = NIGHT_BEFORE_MIN + 8 * 60;
  const gap = Math.max(longestGap(inside, from, length), longestGap(outside, from, length));
  if (gap > LONGEST_GAP_MIN) return isFirst(inside, from) ? "none" : GAP;
  const moved = highest(outside) - lowest(outside);
  return highest(inside) - lowest(inside) < SAME_C && moved >= MOVES_C ? STUCK : null;
}

/** Whether a log only begins in this night, so that nobody lost anything. */
function isFirst(points: readonly Point[], fromMin: number): boolean {
  const [first] = points;
  return first !== undefined && first.atMin - fromMin > LONGEST_GAP_MIN && points.length > 1;
}

function longestGap(points: readonly Point[], fromMin: number, lengthMin: number): number {
  let last = fromMin;
  let gap = 0;
  for (const { atMin } of points) {
    if (atMin > fromMin + lengthMin) break;
    gap = Math.max(gap, atMin - last);
    last = Math.max(last, atMin);
  }
  return Math.max(gap, fromMin + lengthMin - last);
}

function between(points: readonly Point[], fromMin: number, toMin: number): Point[] {
  return points.filter(({ atMin }) => atMin >= fromMin && atMin < toMin);
}

function lowest(points: readonly Point[]): number {
  return points.reduce((low, { tempC }) => Math.min(low, tempC), Infinity);
}

function highest(points: readonly Point[]): number {
  return points.reduce((high, { tempC }) => Math.max(high, tempC), -Infinity);
}

/** Days of one value in a row that no weather gives. */
const STUCK_DAYS = 3;
const OUTSIDE_MOVES_C = 2;

/** Takes out the days of a thermometer that showed the same low day after day while it changed outside. */
export function withoutStuckDays(days: readonly DayOfPair[]): SeriesDays {
  const sorted = [...days].sort((a, b) => (a.on < b.on ? -1 : 1));
  const stuck = new Set<DayOfPair>();
  for (let from = 0; from < sorted.length;) {
    let to = from + 1;
    while (to < sorted.length && sorted[to]?.insideMinC === sorted[from]?.insideMinC) to += 1;
    const run = sorted.slice(from, to);
    const lows = run.map(({ outsideMinC }) => outsideMinC);
    if (run.length >= STUCK_DAYS && Math.max(...lows) - Math.min(...lows) >= OUTSIDE_MOVES_C) {
      run.forEach((day) => stuck.add(day));
    }
    from = to;
  }
  const dates = [...stuck].map(({ on }) => on);
  return {
    days: sorted.filter((day) => !stuck.has(day)),
    left:
      dates.length > 0
        ? [
            {
              reason: fact("log.theLowInsideStayedTheSameForDays"),
              count: dates.length,
              dates,
            },
          ]
        : [],
  };
}
