import { randomStream } from "../climate";

/** Pairs of which every change of signs is counted; more are drawn by lot. */
const COUNTED_PAIRS = 15;
const DRAWN = 20_000;
const SEED = 1935;
/** Sums that differ by less are the same: weights are read to the gram. */
const SAME = 1e-9;

/** What pairs say of a difference. */
export interface PairedResult {
  pairs: number;
  mean: number;
  /** How often chance alone makes such a difference, to either side. */
  p: number;
  /** The differences that chance does not rule out; null where there are too few pairs for an end. */
  interval: { low: number; high: number } | null;
}

/**
 * A difference between pairs by permutation: had the treatment done nothing, each difference could as well
 * have been the other way round. The interval holds every difference that this test would not rule out.
 *
 * @param differences one a pair
 * @param confidence  0.95 leaves one time in twenty outside
 * @source R. A. Fisher, The Design of Experiments (1935), section 21
 */
export function pairedPermutation(differences: readonly number[], confidence = 0.95): PairedResult {
  const pairs = differences.length;
  const mean = pairs === 0 ? 0 : differences.reduce((sum, one) => sum + one, 0) / pairs;
  if (pairs === 0) return { pairs, mean, p: 1, interval: null };
  const p = chanceOf(differences);
  return { pairs, mean, p, interval: intervalOf(differences, (1 - confidence) / 2) };
}

/**
 * The differences that are not ruled out: a difference is as likely to lie between any two neighbours
 * among the means of all groups of pairs.
 *
 * @param tail share left outside at each end
 * @returns null where so few pairs have no such end
 * @source J. A. Hartigan, Using subsample values as typical values, JASA 64 (1969) 1303–1317
 */
function intervalOf(differences: readonly number[], tail: number): PairedResult["interval"] {
  const means = meansOfGroups(differences);
  const outside = Math.floor(tail * (means.length + 1));
  if (outside < 1) return null;
  return { low: means[outside - 1] ?? 0, high: means[means.length - outside] ?? 0 };
}

/** The means of all groups of pairs in order, or of many drawn by lot. */
function meansOfGroups(differences: readonly number[]): Float64Array {
  const pairs = differences.length;
  const isCounted = pairs <= COUNTED_PAIRS;
  const random = randomStream(SEED);
  const means = new Float64Array(isCounted ? 2 ** pairs - 1 : DRAWN);
  for (let group = 0; group < means.length; group += 1) {
    let [sum, size] = [0, 0];
    while (size === 0) {
      for (let at = 0; at < pairs; at += 1) {
        const isIn = isCounted ? ((group + 1) >> at) & 1 : random.uniform() < 0.5;
        if (!isIn) continue;
        sum += differences[at] ?? 0;
        size += 1;
      }
    }
    means[group] = sum / size;
  }
  return means.sort();
}

/** How often changed signs come to a sum as far from nothing as this one. */
function chanceOf(differences: readonly number[]): number {
  const pairs = differences.length;
  const seen = Math.abs(differences.reduce((sum, one) => sum + one, 0)) - SAME;
  if (pairs <= COUNTED_PAIRS) return counted(differences, seen);
  const random = randomStream(SEED);
  let as = 1;
  for (let draw = 0; draw < DRAWN; draw += 1) {
    let sum = 0;
    for (let at = 0; at < pairs; at += 1) {
      const one = differences[at] ?? 0;
      sum += random.uniform() < 0.5 ? one : -one;
    }
    if (Math.abs(sum) >= seen) as += 1;
  }
  return as / (DRAWN + 1);
}

/** The same over every change of signs: one sign changes from one to the next (Gray's code). */
function counted(differences: readonly number[], seen: number): number {
  const pairs = differences.length;
  const signs = new Int8Array(pairs).fill(1);
  let sum = differences.reduce((total, one) => total + one, 0);
  let as = Math.abs(sum) >= seen ? 1 : 0;
  const all = 2 ** pairs;
  for (let turn = 1; turn < all; turn += 1) {
    const at = 31 - Math.clz32(turn & -turn);
    const sign = signs[at] ?? 1;
    signs[at] = -sign as 1 | -1;
    sum -= 2 * sign * (differences[at] ?? 0);
    if (Math.abs(sum) >= seen) as += 1;
  }
  return as / all;
}
