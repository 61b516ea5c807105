import { Balance } from "./balance";
import { Cover } from "./cover";

// What the program calls: a balance is a pointer to it.

export function balanceOf(covers: i32, pathShare: f64): Balance {
  return new Balance(covers, pathShare);
}

/** Begins anew; how it is built is set after it. */
export function start(balance: Balance, startC: f64, leafAreaIndex: f64, leavesHide: f64): void {
  balance.setLeaves(leafAreaIndex, leavesHide);
  balance.start(startC);
}

export function build(
  balance: Balance,
  barrelLitres: f64,
  ventChangesPerHour: f64,
  sheetGapWPerM2K: f64,
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
  areaRatio: f64,
  light: f64,
  wetLets: f64,
  dryLets: f64,
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
  heatJPerM2K: f64,
  leakStillPerHour: f64,
  leakPerMps: f64,
): void {
  const cover: Cover = balance.covers[at];
  cover.airHeatJPerK = heatJPerM2K * cover.share;
  cover.leakStillPerHour = leakStillPerHour;
  cover.leakPerMps = leakPerMps;
}

/** Sets a layer of soil, in bed and path alike; the surface with the first. */
export function startSoil(balance: Balance, layer: i32, tempC: f64): void {
  balance.bedSoil.set(layer, tempC);
  balance.pathSoil.set(layer, tempC);
}

export function startSurface(balance: Balance, tempC: f64): void {
  balance.surfaceC = tempC;
  balance.pathC = tempC;
}

export function step(
  balance: Balance,
  airC: f64,
  skyWPerM2: f64,
  sunWPerM2: f64,
  windMps: f64,
  deepC: f64,
  stepS: f64,
  vent: f64,
  opensAtC: f64,
  wideAtC: f64,
  innerOn: bool,
  snow: bool,
): void {
  balance.step(
    airC,
    skyWPerM2,
    sunWPerM2,
    windMps,
    deepC,
    stepS,
    vent,
    opensAtC,
    wideAtC,
    innerOn,
    snow,
  );
}

export function cropC(balance: Balance, outsideC: f64): f64 {
  return balance.cropC(outsideC);
}

export function spaceC(balance: Balance, at: i32): f64 {
  return (balance.covers[at] as Cover).airC;
}

export function coverC(balance: Balance, at: i32): f64 {
  return (balance.covers[at] as Cover).tempC;
}

export function isWet(balance: Balance, at: i32): bool {
  return (balance.covers[at] as Cover).isWet;
}

export function surfaceC(balance: Balance): f64 {
  return balance.surfaceC;
}

export function soilC(balance: Balance, layer: i32): f64 {
  return balance.bedSoil.tempC[layer];
}
