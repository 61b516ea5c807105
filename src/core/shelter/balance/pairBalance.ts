import {
  buildStack,
  instanceOf,
  LAYER_AT_5_CM,
  leavesHide,
  NEVER_C,
  startSoil,
  type CompiledStack,
} from "./compiledStack";
import { PAIR_CODE } from "./pairCode";
import type { Stack } from "./stack";

/** The compiled balance of two winters, as assembly/entryPair.ts gives it. */
interface Compiled extends CompiledStack {
  memory: WebAssembly.Memory;
  inputAt(): number;
  start(at: number, firstC: number, secondC: number, leafArea: number, leavesHide: number): void;
  step(at: number, stepS: number, opensAtC: number, wideAtC: number, snow: boolean): void;
  cropC(at: number, outsideFirstC: number, outsideSecondC: number): void;
  spaceC(at: number, cover: number, second: boolean): number;
  soilC(at: number, layer: number, second: boolean): number;
}

let machine: Compiled | null = null;

function compiledPair(): Compiled {
  return (machine ??= instanceOf<Compiled>(PAIR_CODE));
}

/** Places of what drives a step, each with a value for the first winter and one for the second. */
export const PAIR_INPUT = {
  airC: 0,
  skyWPerM2: 2,
  sunWPerM2: 4,
  windMps: 6,
  deepC: 8,
  vent: 10,
  innerOn: 12,
} as const;
const INPUTS = 14;

/**
 * The temperatures under nested covers in two winters at once, in the two lanes of a vector: the same
 * equations as `EnergyBalance`, and for each winter the same temperatures whatever the other is.
 */
export class PairBalance {
  private readonly compiled = compiledPair();
  private readonly at: number;
  private values: Float64Array;

  constructor(readonly stack: Stack) {
    const { layers, pathShare } = stack;
    this.at = this.compiled.balanceOf(layers.length, pathShare);
    this.values = this.view();
  }

  /** Begins two winters, with covers and air at a temperature each, and a soil that goes with depth. */
  start(firstC: number, secondC: number, tempAtC: (depthM: number) => number): void {
    const { compiled, at, stack } = this;
    compiled.start(at, firstC, secondC, stack.leafAreaIndex, leavesHide(stack));
    buildStack(compiled, at, stack);
    startSoil(compiled, at, tempAtC);
  }

  /** Where a step's driving values go, by `PAIR_INPUT`; also where `readCropC` puts what it reads. */
  get input(): Float64Array {
    // The memory may have grown since, and left the view behind.
    if (this.values.length === 0) this.values = this.view();
    return this.values;
  }

  /** Carries both winters on by one step, by what has been put into `input`. */
  step(stepS: number, opens: { fromC: number; wideAtC: number } | null, snow: boolean): void {
    this.compiled.step(this.at, stepS, opens?.fromC ?? NEVER_C, opens?.wideAtC ?? NEVER_C, snow);
  }

  /** Puts the air at the crop of both winters into the first two places of `input`. */
  readCropC(outsideFirstC: number, outsideSecondC: number): void {
    this.compiled.cropC(this.at, outsideFirstC, outsideSecondC);
  }

  /** Air below a cover in one of the winters. */
  spaceC(cover: number, second: boolean): number {
    return this.compiled.spaceC(this.at, cover, second);
  }

  /** The bed's soil at 5 cm in one of the winters. */
  soil5cmC(second: boolean): number {
    return this.compiled.soilC(this.at, LAYER_AT_5_CM, second);
  }

  private view(): Float64Array {
    return new Float64Array(this.compiled.memory.buffer, this.compiled.inputAt(), INPUTS);
  }
}
