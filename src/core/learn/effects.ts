import learningJson from "@data/learning.json";
import { cholesky, inverseOf, solved } from "./symmetric";

const { robust: ROBUST } = learningJson;

/** Something seen: the sum of some effects, and noise of a known size. */
export interface SumSeen {
  value: number;
  /** Standard deviation of its noise. */
  sd: number;
  /** The effects that add up to it, by their places. */
  effects: readonly number[];
}

/** What a record says of some effects, joined with what was believed before. */
export interface Effects {
  mean: Float64Array;
  sd: Float64Array;
  /** How far each thing that was seen counts, 0 to 1: what lies far from all others counts little. */
  counts: Float64Array;
}

/**
 * Effects by a normal belief about 0 and things seen that are sums of them, whose noise has longer tails
 * than a normal one: nothing that is odd pulls far.
 *
 * @param priorSds standard deviation of the belief in each effect
 * @source the posterior of a linear model with normal priors; weights of a t distribution by iteration:
 *         Lange, Little and Taylor (1989)
 */
export function effectsFrom(seen: readonly SumSeen[], priorSds: readonly number[]): Effects {
  const size = priorSds.length;
  const counts = new Float64Array(seen.length).fill(1);
  const { degreesOfFreedom: nu, rounds } = ROBUST;
  let mean: Float64Array = new Float64Array(size);
  let factor = cholesky(precision(seen, priorSds, counts));
  for (let round = 0; round < rounds; round += 1) {
    mean = solved(factor, pull(seen, size, counts));
    seen.forEach(({ value, sd, effects }, at) => {
      const expected = effects.reduce((sum, effect) => sum + (mean[effect] ?? 0), 0);
      const off = (value - expected) / sd;
      counts[at] = Math.min(1, (nu + 1) / (nu + off * off));
    });
    factor = cholesky(precision(seen, priorSds, counts));
  }
  mean = solved(factor, pull(seen, size, counts));
  return { mean, sd: inverseOf(factor).map(Math.sqrt), counts };
}

function precision(
  seen: readonly SumSeen[],
  priorSds: readonly number[],
  counts: Float64Array,
): Float64Array[] {
  const rows = priorSds.map((sd, at) => {
    const row = new Float64Array(priorSds.length);
    row[at] = 1 / (sd * sd);
    return row;
  });
  seen.forEach(({ sd, effects }, at) => {
    const weight = (counts[at] ?? 0) / (sd * sd);
    for (const one of effects) {
      const row = rows[one];
      if (row) for (const other of effects) row[other] = (row[other] ?? 0) + weight;
    }
  });
  return rows;
}

function pull(seen: readonly SumSeen[], size: number, counts: Float64Array): Float64Array {
  const sums = new Float64Array(size);
  seen.forEach(({ value, sd, effects }, at) => {
    const weight = (counts[at] ?? 0) / (sd * sd);
    for (const effect of effects) sums[effect] = (sums[effect] ?? 0) + weight * value;
  });
  return sums;
}
