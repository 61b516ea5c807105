import type { Balance } from "./balance";
import type { Cover } from "./cover";
import type { Same } from "./lanes";

// How what stands is built, for one winter and for two at a time: it is the same in both.

export function build(
  balance: Balance,
  barrelLitres: Same,
  ventChangesPerHour: Same,
  sheetGapWPerM2K: Same,
  staysDry: bool,
): void {
  balance.barrelLitres = barrelLitres;
  balance.ventChangesPerHour = ventChangesPerHour;
  balance.sheetGapWPerM2K = sheetGapWPerM2K;
  balance.staysDry = staysDry;
}

export function coverAt(
  balance: Balance,
  at: i32,
  areaRatio: Same,
  light: Same,
  wetLets: Same,
  dryLets: Same,
  isRemovable: bool,
): void {
  const cover: Cover = balance.covers[at];
  cover.areaRatio = areaRatio;
  cover.light = light;
  cover.wetLets = wetLets;
  cover.dryLets = dryLets;
  cover.isRemovable = isRemovable;
}

export function airBelow(
  balance: Balance,
  at: i32,
  heatJPerM2K: Same,
  leakStillPerHour: Same,
  leakPerMps: Same,
): void {
  const cover: Cover = balance.covers[at];
  cover.airHeatJPerK = heatJPerM2K * cover.share;
  cover.leakStillPerHour = leakStillPerHour;
  cover.leakPerMps = leakPerMps;
}
