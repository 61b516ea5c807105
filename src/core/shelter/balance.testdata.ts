import "./balance/assembly/asScript";
import { Balance } from "./balance/assembly/balance";
import { AIR_J_PER_M3K } from "./balance/assembly/values";
import { coverLight } from "./coverLight";
import type { Stack } from "./balance/stack";

/** The balance's sources as plain script, built as energyBalance.ts builds the compiled one. */
export function asScript(stack: Stack, startC: number): Balance {
  const balance = new Balance(stack.layers.length, stack.pathShare);
  balance.setLeaves(stack.leafAreaIndex, 1 - Math.exp(-0.6 * stack.leafAreaIndex));
  balance.start(startC);
  balance.barrelLitres = stack.barrelLitresPerM2;
  balance.ventChangesPerHour = stack.ventChangesPerHour;
  balance.sheetGapWPerM2K = stack.layers[0]?.sheetGapWPerM2K ?? 0;
  for (const [at, layer] of stack.layers.entries()) {
    const cover = balance.covers[at] as Balance["covers"][number];
    cover.areaRatio = layer.areaRatio;
    cover.light = coverLight(layer);
    cover.wetLets = layer.longwaveTransmittance.wet;
    cover.dryLets = layer.longwaveTransmittance.dry;
    cover.isRemovable = layer.removable;
    cover.airHeatJPerK = AIR_J_PER_M3K * layer.heightM * cover.share;
    cover.leakStillPerHour = layer.leakPerHour.still;
    cover.leakPerMps = layer.leakPerHour.perMps;
  }
  for (let layer = 0; layer < 7; layer += 1) {
    balance.bedSoil.set(layer, startC);
    balance.pathSoil.set(layer, startC);
  }
  return balance;
}
