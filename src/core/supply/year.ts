/**
 * One kind of year, from the worst in ten to the best: how late everything grows and how much of the
 * cold's odds comes true. All plantings have the same year: a cold one is cold for every bed.
 */
export interface Year {
  /** Share of years that are worse, above 0 to below 1. */
  quantile: number;
}

/** The usual year: half are worse. */
export const USUAL_YEAR: Year = { quantile: 0.5 };
/** One year in ten is worse than the first, one better than the last. */
export const NINE_YEARS: readonly Year[] = [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9].map(
  (quantile) => ({ quantile }),
);

/** Standard normal deviates of the nine quantiles (Abramowitz & Stegun, table 26.5). */
const DEVIATES: Readonly<Record<string, number>> = {
  "0.1": -1.2816,
  "0.2": -0.8416,
  "0.3": -0.5244,
  "0.4": -0.2533,
  "0.5": 0,
  "0.6": 0.2533,
  "0.7": 0.5244,
  "0.8": 0.8416,
  "0.9": 1.2816,
};

/** How many standard deviations later than usual a year's dates are: late in bad years. */
export function lateness({ quantile }: Year): number {
  return -(DEVIATES[String(quantile)] ?? 0);
}

/** Whether cold has taken something by a day in such a year, where its odds of that are so large. */
export function isTaken({ quantile }: Year, chance: number): boolean {
  return chance > quantile;
}
