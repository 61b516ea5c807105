import shelterJson from "@data/shelter.json";
import { coverLight } from "../coverLight";
import { AIR_J_PER_M3K } from "./assembly/values";
import { BALANCE_CODE } from "./balanceCode";
import type { Stack } from "./stack";

const { layersCm } = shelterJson.soil;
/** Index of the layer whose middle is nearest to 5 cm. */
export const LAYER_AT_5_CM = 2;

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

/** No air gets so warm. */
const NEVER_C = 1000;

/** The compiled balance, as assembly/entry.ts gives it: a balance is an address in its memory. */
interface Compiled {
  balanceOf(covers: number, pathShare: number): number;
  start(at: number, startC: number, leafAreaIndex: number, leavesHide: number): void;
  build(at: number, barrels: number, vents: number, gap: number, staysDry: boolean): void;
  coverAt(
    at: number,
    cover: number,
    areaRatio: number,
    light: number,
    wetLets: number,
    dryLets: number,
    isRemovable: boolean,
  ): void;
  airBelow(at: number, cover: number, heatJ: number, still: number, perMps: number): void;
  startSoil(at: number, layer: number, tempC: number): void;
  startSurface(at: number, tempC: number): void;
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
  if (machine) return machine;
  const code = new WebAssembly.Module(bytesOf(BALANCE_CODE));
  machine = new WebAssembly.Instance(code).exports as unknown as Compiled;
  return machine;
}

/** Balances in memory that nobody holds any more, by their shape: a new one begins in an old one's place. */
const spare = new Map<string, number[]>();
const held = new FinalizationRegistry<{ shape: string; at: number }>(({ shape, at }) => {
  spare.set(shape, [...(spare.get(shape) ?? []), at]);
});

function bytesOf(base64: string): Uint8Array<ArrayBuffer> {
  return Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));
}

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
    const leavesHide = 1 - Math.exp(-shelterJson.canopy.shadesByLeafArea * leafAreaIndex);
    compiled.start(this.at, startC, leafAreaIndex, leavesHide);
    const { barrelLitresPerM2, ventChangesPerHour, staysDry } = stack;
    const gapWPerM2K = layers[0]?.sheetGapWPerM2K ?? 0;
    compiled.build(this.at, barrelLitresPerM2, ventChangesPerHour, gapWPerM2K, staysDry);
    for (const [cover, layer] of layers.entries()) {
      const { areaRatio, heightM, leakPerHour, longwaveTransmittance: lets, removable } = layer;
      const light = coverLight(layer);
      compiled.coverAt(this.at, cover, areaRatio, light, lets.wet, lets.dry, removable);
      const heatJ = AIR_J_PER_M3K * heightM;
      compiled.airBelow(this.at, cover, heatJ, leakPerHour.still, leakPerHour.perMps);
    }
    this.startSoil(() => startC);
  }

  /** Begins with a soil whose temperature goes with depth. */
  startSoil(tempAtC: (depthM: number) => number): void {
    let topM = 0;
    for (const [layer, cm] of layersCm.entries()) {
      this.compiled.startSoil(this.at, layer, tempAtC(topM + cm / 200));
      topM += cm / 100;
    }
    this.compiled.startSurface(this.at, tempAtC(0));
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
