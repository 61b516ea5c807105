import shelterJson from "@data/shelter.json";
import { coverLight } from "../coverLight";
import { AIR_J_PER_M3K } from "./assembly/values";
import { LAYER_AT_5_CM } from "./energyBalance";
import { PAIR_CODE } from "./pairCode";
import type { Stack } from "./stack";

const { layersCm } = shelterJson.soil;
/** No air gets so warm. */
const NEVER_C = 1000;

/** The compiled balance of two winters, as assembly/entryPair.ts gives it. */
interface Compiled {
  memory: WebAssembly.Memory;
  inputAt(): number;
  balanceOf(covers: number, pathShare: number): number;
  start(at: number, firstC: number, secondC: number, leafArea: number, leavesHide: number): void;
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
  step(at: number, stepS: number, opensAtC: number, wideAtC: number, snow: boolean): void;
  cropC(at: number, outsideFirstC: number, outsideSecondC: number): void;
  spaceC(at: number, cover: number, second: boolean): number;
  soilC(at: number, layer: number, second: boolean): number;
}

let machine: Compiled | null = null;

function compiledPair(): Compiled {
  if (machine) return machine;
  const code = Uint8Array.from(atob(PAIR_CODE), (letter) => letter.charCodeAt(0));
  machine = new WebAssembly.Instance(new WebAssembly.Module(code)).exports as unknown as Compiled;
  return machine;
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
    const { layers, leafAreaIndex, barrelLitresPerM2, ventChangesPerHour, staysDry } = stack;
    const leavesHide = 1 - Math.exp(-shelterJson.canopy.shadesByLeafArea * leafAreaIndex);
    compiled.start(at, firstC, secondC, leafAreaIndex, leavesHide);
    const gapWPerM2K = layers[0]?.sheetGapWPerM2K ?? 0;
    compiled.build(at, barrelLitresPerM2, ventChangesPerHour, gapWPerM2K, staysDry);
    for (const [cover, layer] of layers.entries()) {
      const { areaRatio, heightM, leakPerHour, longwaveTransmittance: lets, removable } = layer;
      compiled.coverAt(at, cover, areaRatio, coverLight(layer), lets.wet, lets.dry, removable);
      const heatJ = AIR_J_PER_M3K * heightM;
      compiled.airBelow(at, cover, heatJ, leakPerHour.still, leakPerHour.perMps);
    }
    let topM = 0;
    for (const [layer, cm] of layersCm.entries()) {
      compiled.startSoil(at, layer, tempAtC(topM + cm / 200));
      topM += cm / 100;
    }
    compiled.startSurface(at, tempAtC(0));
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
