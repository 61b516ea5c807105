/**
 * How often something comes out well, as growers say it: "always", never "100 years in 100".
 *
 * @param chance of 0 to 1, of a year taken at random
 */
export function oddsIn10(chance: number): string {
  if (chance >= 0.995) return "every year";
  if (chance > 0.95) return "almost every year";
  if (chance < 0.02) return "almost never";
  const years = Math.max(1, Math.round(chance * 10));
  return `${years} ${years === 1 ? "year" : "years"} in 10`;
}

/**
 * A chance as growers say it.
 *
 * @example chanceWords(0.2) // "1 year in 5"
 */
export function chanceWords(chance: number): string {
  if (chance < 0.005) return "almost never";
  if (chance > 0.995) return "almost every year";
  if (chance > 0.55) return `${Math.round(chance * 10)} years in 10`;
  return `1 year in ${Math.round(1 / chance)}`;
}
