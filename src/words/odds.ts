import { plural, table } from "./table";

const say = table({
  everyYear: "every year",
  almostEveryYear: "almost every year",
  almostNever: "almost never",
  inTen: ({ years }: { years: number }) => `${years} ${plural(years, "year", "years")} in 10`,
  oneYearIn: ({ years }: { years: number }) => `1 year in ${years}`,
});

/**
 * How often something comes out well, as growers say it: "always", never "100 years in 100".
 *
 * @param chance of 0 to 1, of a year taken at random
 */
export function oddsIn10(chance: number): string {
  if (chance >= 0.995) return say.everyYear;
  if (chance > 0.95) return say.almostEveryYear;
  if (chance < 0.02) return say.almostNever;
  return say.inTen({ years: Math.max(1, Math.round(chance * 10)) });
}

/** "1 year in 3" says 33 %; what is further from it by more than this is said in tenths. */
const NEAR = 0.06;

/**
 * A chance as growers say it.
 *
 * @example chanceWords(0.2) // "1 year in 5"
 */
export function chanceWords(chance: number): string {
  if (chance < 0.005) return say.almostNever;
  if (chance > 0.95) return say.almostEveryYear;
  const years = Math.round(1 / chance);
  const isNear = years > 1 && Math.abs(1 / years - chance) <= NEAR * chance;
  return isNear || chance < 0.15
    ? say.oneYearIn({ years })
    : say.inTen({ years: Math.round(chance * 10) });
}
