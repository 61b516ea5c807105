/** A stream of random numbers that is the same for the same seed, everywhere. */
export interface RandomStream {
  /** Evenly spread from 0 up to, but not including, 1. */
  uniform(): number;
  /** Normally distributed with mean 0 and standard deviation 1. */
  normal(): number;
}

/**
 * A seeded stream of random numbers: Chris Doty-Humphrey's small fast counter (sfc32) with Marsaglia's
 * polar method for normals.
 *
 * @param seed any whole number; streams of neighbouring seeds are unrelated
 */
export function randomStream(seed: number): RandomStream {
  let a = 0;
  let b = seed | 0;
  let c = Math.floor(seed / 0x1_0000_0000) | 0;
  let counter = 1;
  let spare: number | null = null;
  const next = (): number => {
    const sum = (a + b + counter) | 0;
    counter = (counter + 1) | 0;
    a = b ^ (b >>> 9);
    b = (c + (c << 3)) | 0;
    c = ((c << 21) | (c >>> 11)) + sum;
    return sum >>> 0;
  };
  // The first numbers still look like the seed; let it mix.
  for (let pass = 0; pass < 15; pass += 1) next();
  const uniform = () => next() / 0x1_0000_0000;
  return {
    uniform,
    normal() {
      if (spare !== null) {
        const kept = spare;
        spare = null;
        return kept;
      }
      for (;;) {
        const x = 2 * uniform() - 1;
        const y = 2 * uniform() - 1;
        const square = x * x + y * y;
        if (square >= 1 || square === 0) continue;
        const scale = Math.sqrt((-2 * Math.log(square)) / square);
        spare = y * scale;
        return x * scale;
      }
    },
  };
}
