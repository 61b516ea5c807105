import type { Garden, Trial } from "../garden";
import { pairedPermutation } from "./permutation";

/** Chance may do such a thing one time in twenty. */
const ALPHA = 0.05;
/** For a difference found four times in five, one in twenty wrong: normal places. */
const PLANNED_Z = 1.96 + 0.84;
/** The fewest pairs of which a permutation can say anything. */
const FEWEST_PAIRS = 6;
/** More than this no garden lays out. */
const MOST_PAIRS = 200;

/** A treatment against the first, over every row and block that has both. */
export interface Comparison {
  treatmentId: string;
  pairs: number;
  /** Times as much for weights and counts; points more for a score. */
  effect: number;
  interval: { low: number; high: number } | null;
  /** How often chance alone does it, held to how many are compared at once (Holm). */
  p: number;
  /** Whether it can be told by now which is more. */
  enough: boolean;
  /** How many plots more would tell, if it goes on like this; null where no garden would. */
  plotsNeeded: number | null;
  mean: number | null;
  usualMean: number | null;
}

/** What a trial says by now. */
export interface TrialFound {
  comparisons: Comparison[];
  /** Plots of which something was measured. */
  plots: number;
  /** One strip of each only: the ground may differ as well as the treatment. */
  isSingleBlock: boolean;
}

/** The treatments of a trial against its first, in pairs that share a block and a row. */
export function trialFound({ treatments, plots, rows, results, measure }: Trial): TrialFound {
  const [usual, ...others] = treatments;
  const plotOf = new Map(plots.map((plot) => [plot.id, plot]));
  const measured = new Map<string, number>();
  const blocks = new Set<number>();
  for (const { plotId, rowId, value } of results) {
    const plot = plotOf.get(plotId);
    if (!plot) continue;
    blocks.add(plot.block);
    measured.set(`${plot.block} ${rowId} ${plot.treatmentId}`, value);
  }
  const isRatio = measure !== "score";
  const found = others.map((treatment): Comparison => {
    const differences: number[] = [];
    const of: number[] = [];
    const than: number[] = [];
    for (const block of blocks) {
      for (const { id } of rows) {
        const value = measured.get(`${block} ${id} ${treatment.id}`);
        const usualValue = measured.get(`${block} ${id} ${usual?.id ?? ""}`);
        if (value === undefined || usualValue === undefined) continue;
        of.push(value);
        than.push(usualValue);
        differences.push(isRatio ? logRatio(value, usualValue) : value - usualValue);
      }
    }
    const { pairs, mean, p, interval } = pairedPermutation(differences);
    const told = (value: number) => (isRatio ? Math.exp(value) : value);
    return {
      treatmentId: treatment.id,
      pairs,
      effect: told(mean),
      interval: interval && { low: told(interval.low), high: told(interval.high) },
      p,
      enough: false,
      plotsNeeded: plotsFor(differences, mean, rows.length),
      mean: meanOf(of),
      usualMean: meanOf(than),
    };
  });
  return {
    comparisons: held(found),
    plots: new Set(results.map(({ plotId }) => plotId)).size,
    isSingleBlock: blocks.size < 2,
  };
}

/** How many times as much, as a logarithm; nothing at all counts as half of the least that is read. */
function logRatio(value: number, than: number): number {
  return Math.log(Math.max(value, 0.5)) - Math.log(Math.max(than, 0.5));
}

function meanOf(values: readonly number[]): number | null {
  return values.length === 0 ? null : values.reduce((sum, one) => sum + one, 0) / values.length;
}

/** Chances held to how many are compared at once. @source Holm (1979) */
function held(found: Comparison[]): Comparison[] {
  const order = [...found].sort((a, b) => a.p - b.p);
  let least = 0;
  for (const [at, one] of order.entries()) {
    least = Math.max(least, Math.min(1, one.p * (order.length - at)));
    one.p = least;
    one.enough = one.p <= ALPHA;
    if (one.enough) one.plotsNeeded = 0;
  }
  return found;
}

/** Plots more, of both treatments, until such a difference would be told four times in five. */
function plotsFor(differences: readonly number[], mean: number, rows: number): number | null {
  const pairs = differences.length;
  const asBlocks = (more: number) => 2 * Math.max(1, Math.ceil(more / rows));
  if (pairs < 3) return asBlocks(FEWEST_PAIRS - pairs);
  const variance = differences.reduce((sum, one) => sum + (one - mean) ** 2, 0) / (pairs - 1);
  const wanted = Math.max(FEWEST_PAIRS, Math.ceil((PLANNED_Z ** 2 * variance) / mean ** 2));
  if (!(wanted <= MOST_PAIRS)) return null;
  return asBlocks(Math.max(1, wanted - pairs));
}

/** The verdicts that are kept, of a crop or of a bed: the latest first. */
export function verdictsOf(
  { trials }: Pick<Garden, "trials">,
  of: { cropId: string } | { bedId: string },
): Trial[] {
  return [...trials.values()]
    .filter(({ verdict, rows, plots }) => {
      if (verdict === null) return false;
      return "cropId" in of
        ? rows.some(({ cropId }) => cropId === of.cropId)
        : plots.some(({ bedId }) => bedId === of.bedId);
    })
    .sort((a, b) => ((a.verdict?.on ?? "") < (b.verdict?.on ?? "") ? 1 : -1));
}
