/**
 * How far an answer is from the best that can still be proven possible: 0 where it is the best, as a
 * share of what stays unmet with it.
 */
export function gapToBest(objective: number, bound: number): number {
  return objective <= 0 ? 0 : Math.max(0, objective - Math.max(0, bound)) / objective;
}
