import { normalQuantile, normalShareBelow } from "./normal";

/**
 * Spread of the date of first or last frost from year to year, days. Used only beyond the earliest
 * and the latest date on record (estimate; published standard deviations run from 8 to 15 days).
 */
const USUAL_SPREAD_DAYS = 12;
const LEAST_CHANCE = 1e-4;

/** On which day of the season something has happened, by odds, from the years on record. */
export interface EmpiricalOdds {
  /** Seasons the odds rest on, those without the event among them. */
  seasons: number;
  /** Day of the season by which it has happened in a share of seasons; null when never so likely. */
  dayAt(chance: number): number | null;
  /** Share of seasons in which it has happened by a day of the season. */
  chanceBy(day: number): number;
}

/**
 * Odds from the days of an event in the seasons that had it.
 *
 * Weibull plotting positions i / (n + 1), linear between them; seasons without the event stay in the
 * denominator. Beyond the earliest and the latest date on record the odds run on along a normal
 * curve, so that few years give wider odds instead of certainty.
 *
 * @param days days of the season, one for each season that had the event, in any order
 * @param seasons number of seasons looked at, with or without it
 */
export function empiricalOdds(days: readonly number[], seasons: number): EmpiricalOdds {
  const sorted = Float64Array.from(days).sort();
  const had = sorted.length;
  const position = (index: number) => (index + 1) / (seasons + 1);
  const first = sorted[0] ?? 0;
  const last = sorted[had - 1] ?? 0;
  const always = had === seasons;
  const beyond = (edgeDay: number, edgeChance: number, chance: number) =>
    edgeDay + USUAL_SPREAD_DAYS * (normalQuantile(chance) - normalQuantile(edgeChance));
  return {
    seasons,
    dayAt(chance) {
      if (had === 0) return null;
      const rank = chance * (seasons + 1) - 1;
      if (rank < 0) return beyond(first, position(0), Math.max(LEAST_CHANCE, chance));
      if (rank > had - 1 + 1e-9) {
        if (!always) return null;
        return beyond(last, position(had - 1), Math.min(1 - LEAST_CHANCE, chance));
      }
      const below = Math.min(had - 1, Math.floor(rank + 1e-9));
      const from = sorted[below] ?? first;
      const to = sorted[Math.min(had - 1, below + 1)] ?? from;
      return from + (to - from) * Math.max(0, rank - below);
    },
    chanceBy(day) {
      if (had === 0) return 0;
      const along = (edgeDay: number, edgeChance: number) =>
        normalShareBelow(normalQuantile(edgeChance) + (day - edgeDay) / USUAL_SPREAD_DAYS);
      if (day < first) return along(first, position(0));
      if (day >= last) {
        return always ? along(last, position(had - 1)) : position(had - 1);
      }
      // The last of equal days counts: by that day all of them have happened.
      const above = upperBound(sorted, day);
      const from = sorted[above - 1] ?? first;
      const to = sorted[above] ?? from;
      return (above + (to > from ? (day - from) / (to - from) : 0)) / (seasons + 1);
    },
  };
}

/** Index of the first value above a limit in a sorted array. */
function upperBound(sorted: Float64Array, limit: number): number {
  let low = 0;
  let high = sorted.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((sorted[middle] ?? 0) <= limit) low = middle + 1;
    else high = middle;
  }
  return low;
}
