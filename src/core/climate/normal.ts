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

/**
 * Standard deviations below which a share of a normal distribution lies.
 *
 * @param share above 0 and below 1
 * @source Abramowitz & Stegun 26.2.23 for a first guess, then Newton's method
 */
export function normalQuantile(share: number): number {
  if (share > 0.5) return -normalQuantile(1 - share);
  const t = Math.sqrt(-2 * Math.log(share));
  let z = -(
    t -
    (2.515517 + t * (0.802853 + t * 0.010328)) /
      (1 + t * (1.432788 + t * (0.189269 + t * 0.001308)))
  );
  for (let pass = 0; pass < 2; pass += 1) {
    const density = Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI);
    z -= (normalShareBelow(z) - share) / Math.max(density, 1e-12);
  }
  return z;
}
