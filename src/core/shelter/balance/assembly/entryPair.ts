import { Balance } from "./balance";
import { Cover } from "./cover";

export { airBelow, build, coverAt } from "./building";

// What the program calls for two winters at a time: the other sources are compiled with a pair of numbers
// in place of each (see lanes.ts). What is the same in both is told in building.ts; what a step is
// driven by lies in `input`, two values side by side.

/** Air, sky, sun, wind, depth, vent and whether inner covers are on, for each of the two. */
const INPUTS: i32 = 7;
const input: StaticArray<f64> = new StaticArray<f64>(2 * INPUTS);

export function inputAt(): usize {
  return changetype<usize>(input);
}

export function balanceOf(covers: i32, pathShare: f64): Balance {
  return new Balance(covers, pathShare);
}

export function start(
  balance: Balance,
  firstC: f64,
  secondC: f64,
  leafAreaIndex: f64,
  leavesHide: f64,
): void {
  balance.setLeaves(leafAreaIndex, leavesHide);
  balance.start(pair(firstC, secondC));
}

export function startSoil(balance: Balance, layer: i32, tempC: f64): void {
  balance.bedSoil.set(layer, f64x2.splat(tempC));
  balance.pathSoil.set(layer, f64x2.splat(tempC));
}

export function startSurface(balance: Balance, tempC: f64): void {
  balance.surfaceC = f64x2.splat(tempC);
  balance.pathC = f64x2.splat(tempC);
}

/** A step of both winters by what lies in `input`. */
export function step(balance: Balance, stepS: f64, opensAtC: f64, wideAtC: f64, snow: bool): void {
  const isOn = f64x2.gt(given(6), f64x2.splat(0.5));
  balance.step(
    given(0),
    given(1),
    given(2),
    given(3),
    given(4),
    stepS,
    given(5),
    opensAtC,
    wideAtC,
    isOn,
    snow,
  );
}

export function cropC(balance: Balance, outsideFirstC: f64, outsideSecondC: f64): void {
  store<v128>(inputAt(), balance.cropC(pair(outsideFirstC, outsideSecondC)));
}

export function spaceC(balance: Balance, at: i32, second: bool): f64 {
  return lane((balance.covers[at] as Cover).airC, second);
}

export function soilC(balance: Balance, layer: i32, second: bool): f64 {
  return lane(balance.bedSoil.tempC[layer], second);
}

/** What the crop feels, after `cropC` has put it in the first place of `input`. */
function given(at: i32): v128 {
  return load<v128>(inputAt() + ((<usize>at) << 4));
}

function pair(first: f64, second: f64): v128 {
  return f64x2.replace_lane(f64x2.splat(first), 1, second);
}

function lane(both: v128, second: bool): f64 {
  return second ? f64x2.extract_lane(both, 1) : f64x2.extract_lane(both, 0);
}
