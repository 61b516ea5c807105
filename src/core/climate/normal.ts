/**
 * Share of a normal distribution below `z` standard deviations.
 *
 * @source Abramowitz & Stegun, Handbook of Mathematical Functions, 26.2.17; error below 7.5e-8
 */
export function normalShareBelow(z: number): number {
  if (z < 0) return 1 - normalShareBelow(-z);
  const t = 1 / (1 + 0.2316419 * z);
  const polynomial =
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return 1 - (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) * polynomial;
}
