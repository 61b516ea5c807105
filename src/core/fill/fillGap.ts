/**
 * How far a plan is from the best that can still be proven possible, as a share of what stays unmet with
 * it: 0 where nothing can be better.
 */
export function gapToBest(unmetKg: number, boundKg: number): number {
  return unmetKg <= 0 ? 0 : Math.max(0, unmetKg - Math.max(0, boundKg)) / unmetKg;
}
