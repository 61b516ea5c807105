import { coverHeat, outsideWPerM2K, type Balance } from "./balance";
import type { Cover } from "./cover";
import { BARREL_J_PER_LITRE_K } from "./values";

/** Heat that crossed the balance's edge in its last step, J/m² of ground; only for covered ground. */
export function crossedJ(
  balance: Balance,
  airC: number,
  windMps: number,
  stepS: number,
): { inJ: number; outJ: number } {
  const solved = balance.system.right;
  const { count, outward, moist, pathShare, longwave } = balance;
  const outer = balance.covers[0] as Cover;
  let lossW = outer.areaRatio * outsideWPerM2K(windMps) * outward * (solved[0] - airC);
  lossW += moist * outer.leakWPerK * (solved[count] - airC) + balance.vapourOutW;
  lossW += (1 - pathShare) * balance.bedSoil.deepLossW(solved[2 * count]);
  if (pathShare > 0) lossW += pathShare * balance.pathSoil.deepLossW(solved[2 * count + 1]);
  return {
    inJ: (longwave.inW() + balance.sunW) * stepS,
    outJ: (longwave.outW(solved) + lossW) * stepS,
  };
}

/** Heat held by all that is reckoned, J/m² of ground. */
export function heldJ(balance: Balance): number {
  const { bedSoil, pathSoil, pathShare, count, barrelLitres, barrelC } = balance;
  let sum = (1 - pathShare) * bedSoil.held();
  if (pathShare > 0) sum += pathShare * pathSoil.held();
  for (let at = 0; at < count; at += 1) {
    const cover = balance.covers[at] as Cover;
    sum += coverHeat(cover) * cover.tempC + cover.airHeatJPerK * cover.airC;
  }
  return sum + barrelLitres * BARREL_J_PER_LITRE_K * barrelC;
}
