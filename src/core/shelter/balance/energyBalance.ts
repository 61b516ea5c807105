import { BALANCE_CODE } from "./balanceCode";
import {
  buildStack,
  instanceOf,
  LAYER_AT_5_CM,
  leavesHide,
  NEVER_C,
  startSoil,
  type CompiledStack,
} from "./compiledStack";
import type { Stack } from "./stack";

/** What drives a step, from outside. */
export interface Driving {
  airC: number;
  /** Downward thermal radiation of the sky, W/m². */
  skyWPerM2: number;
  /** Global radiation on the ground in the open, W/m². */
  sunWPerM2: number;
  windMps: number;
  /** Soil below the column. */
  deepC: number;
  stepS: number;
}

/** What the grower has done to the stack for this step. */
export interface Handling {
  /** How far the outermost cover stands open, at least: 0 shut, 1 wide open. */
  vent: number;
  /** Air below it from which it is opened further, and from which it is wide open; null for never. */
  opens: { fromC: number; wideAtC: number } | null;
  /** Inner covers that may be taken off are on. */
  innerOn: boolean;
  snow: boolean;
}

/** The compiled balance, as assembly/entry.ts gives it: a balance is an address in its memory. */
interface Compiled extends CompiledStack {
  start(at: number, startC: number, leafAreaIndex: number, leavesHide: number): void;
  step(
    at: number,
    airC: number,
    skyWPerM2: number,
    sunWPerM2: number,
    windMps: number,
    deepC: number,
    stepS: number,
    vent: number,
    opensAtC: number,
    wideAtC: number,
    innerOn: boolean,
    snow: boolean,
  ): void;
  cropC(at: number, outsideC: number): number;
  spaceC(at: number, cover: number): number;
  coverC(at: number, cover: number): number;
  isWet(at: number, cover: number): number;
  surfaceC(at: number): number;
  soilC(at: number, layer: number): number;
}

let machine: Compiled | null = null;

/** One memory for all balances of this thread: a browser lets a page have few. */
function compiledBalance(): Compiled {
  return (machine ??= instanceOf<Compiled>(BALANCE_CODE));
}

/** Balances in memory that nobody holds any more, by their shape: a new one begins in an old one's place. */
const spare = new Map<string, number[]>();
const held = new FinalizationRegistry<{ shape: string; at: number }>(({ shape, at }) => {
  spare.set(shape, [...(spare.get(shape) ?? []), at]);
});

/**
 * The temperatures under nested covers over a square metre of ground, step by step. The equations are in
 * assembly/balance.ts, which is compiled to WebAssembly: a winter of quarter hours under every stack of a
 * garden is a million steps.
 */
export class EnergyBalance {
  private readonly compiled = compiledBalance();
  private readonly at: number;

  /** @param startC of all covers, air and soil */
  constructor(
    readonly stack: Stack,
    startC: number,
  ) {
    const { compiled } = this;
    const { layers, leafAreaIndex, pathShare } = stack;
    const shape = `${layers.length}, ${pathShare}`;
    this.at = spare.get(shape)?.pop() ?? compiled.balanceOf(layers.length, pathShare);
    held.register(this, { shape, at: this.at });
    compiled.start(this.at, startC, leafAreaIndex, leavesHide(stack));
    buildStack(compiled, this.at, stack);
    this.startSoil(() => startC);
  }

  /** Begins with a soil whose temperature goes with depth. */
  startSoil(tempAtC: (depthM: number) => number): void {
    startSoil(this.compiled, this.at, tempAtC);
  }

  /** Carries all temperatures on by one step. */
  step(driving: Driving, { vent, opens, innerOn, snow }: Handling): void {
    const { airC, skyWPerM2, sunWPerM2, windMps, deepC, stepS } = driving;
    this.compiled.step(
      this.at,
      airC,
      skyWPerM2,
      sunWPerM2,
      windMps,
      deepC,
      stepS,
      vent,
      opens?.fromC ?? NEVER_C,
      opens?.wideAtC ?? NEVER_C,
      innerOn,
      snow,
    );
  }

  /** Air at the crop: below the innermost cover, or outside where there is none. */
  cropC(outsideC: number): number {
    return this.compiled.cropC(this.at, outsideC);
  }

  /** Air below a cover, counted from the outside; undefined where there is no such cover. */
  spaceC(cover: number): number | undefined {
    return cover < this.stack.layers.length ? this.compiled.spaceC(this.at, cover) : undefined;
  }

  coverC(cover: number): number | undefined {
    return cover < this.stack.layers.length ? this.compiled.coverC(this.at, cover) : undefined;
  }

  /** Whether there are drops on a cover. */
  isWet(cover: number): boolean {
    return cover < this.stack.layers.length && this.compiled.isWet(this.at, cover) !== 0;
  }

  get surfaceC(): number {
    return this.compiled.surfaceC(this.at);
  }

  /** The bed's soil at 5 cm. */
  get soil5cmC(): number {
    return this.compiled.soilC(this.at, LAYER_AT_5_CM);
  }
}
