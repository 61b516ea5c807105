import winterJson from "@data/winter.json";

const {
  alpha: ALPHA,
  tunedForWinters: TUNED_FOR,
  fewestWinters: FEWEST,
  nothingShare: NOTHING_SHARE,
} = winterJson.paired;

/** A change against the plan on the same winters. */
export interface Paired {
  winters: number;
  betterIn: number;
  /** Winters in which both come to the same. */
  sameIn: number;
  /** More than the plan, on average, kg. */
  meanKg: number;
  /** Where the true mean lies, kg: holds at every look, not only at the last. */
  interval: readonly [number, number];
  /** `better` or `worse` once that is clear; `same` once it is clear that it hardly matters; null before. */
  verdict: "better" | "worse" | "same" | null;
}

/**
 * How a change does against the plan, winter by winter. The interval may be looked at after every winter
 * and stopped at any: it holds for all looks together.
 *
 * @param plan   harvest of each winter in all, by its number, kg
 * @param change the same with the change; only winters that both have been through count
 * @source I. Waudby-Smith, D. Arbour, R. Sinha, E. H. Kennedy and A. Ramdas (2024), Time-uniform central
 *         limit theory and asymptotic confidence sequences, Annals of Statistics 52, 2613–2640, eq. 5
 */
export function pairedOf(
  plan: ReadonlyMap<number, number>,
  change: ReadonlyMap<number, number>,
): Paired {
  const winters = [...plan.keys()].filter((winter) => change.has(winter)).sort((a, b) => a - b);
  const differences = winters.map((winter) => (change.get(winter) ?? 0) - (plan.get(winter) ?? 0));
  const count = differences.length;
  const mean = count === 0 ? 0 : sumOf(differences) / count;
  const variance = count < 2 ? 0 : sumOf(differences.map((one) => (one - mean) ** 2)) / (count - 1);
  const radius = radiusOf(count) * Math.sqrt(variance);
  const usualKg = count === 0 ? 0 : sumOf(winters.map((winter) => plan.get(winter) ?? 0)) / count;
  const interval = [mean - radius, mean + radius] as const;
  return {
    winters: count,
    betterIn: differences.filter((one) => one > 0).length,
    sameIn: differences.filter((one) => one === 0).length,
    meanKg: mean,
    interval,
    verdict: count < FEWEST ? null : verdictOf(interval, NOTHING_SHARE * usualKg),
  };
}

function verdictOf([from, to]: readonly [number, number], nothingKg: number): Paired["verdict"] {
  if (from >= -nothingKg && to <= nothingKg) return "same";
  if (from > 0) return "better";
  return to < 0 ? "worse" : null;
}

/** Half the width of the interval after so many winters, in standard deviations of one. */
function radiusOf(count: number): number {
  if (count === 0) return 0;
  // Narrowest about the number of winters that such questions usually take.
  const rho2 = (-2 * Math.log(ALPHA) + Math.log(1 - 2 * Math.log(ALPHA))) / TUNED_FOR;
  const grown = count * rho2 + 1;
  return Math.sqrt(((2 * grown) / (count * count * rho2)) * Math.log(Math.sqrt(grown) / ALPHA));
}

const sumOf = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0);
