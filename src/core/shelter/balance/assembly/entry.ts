import { Balance } from "./balance";
import { Cover } from "./cover";

export { airBelow, build, coverAt } from "./building";

// What the program calls: a balance is a pointer to it.

export function balanceOf(covers: i32, pathShare: f64): Balance {
  return new Balance(covers, pathShare);
}

/** Begins anew; how it is built is set after it. */
export function start(balance: Balance, startC: f64, leafAreaIndex: f64, leavesHide: f64): void {
  balance.setLeaves(leafAreaIndex, leavesHide);
  balance.start(startC);
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
