import shelterJson from "@data/shelter.json";
import { coverLight } from "../coverLight";
import { AIR_J_PER_M3K } from "./assembly/values";
import type { Stack } from "./stack";

const { layersCm } = shelterJson.soil;
/** Index of the layer whose middle is nearest to 5 cm. */
export const LAYER_AT_5_CM = 2;
/** From where a vent opens that never does: no air gets so warm, °C. */
export const NEVER_C = 1000;

/** What both compiled balances give, for one winter and for two: a balance is an address in their memory. */
export interface CompiledStack {
  balanceOf(covers: number, pathShare: number): number;
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
}

/** @param code WebAssembly, base64 */
export function instanceOf<Compiled extends CompiledStack>(code: string): Compiled {
  const bytes = Uint8Array.from(atob(code), (letter) => letter.charCodeAt(0));
  return new WebAssembly.Instance(new WebAssembly.Module(bytes)).exports as unknown as Compiled;
}

/** Share of the light that a stack's leaves keep from its soil. */
export function leavesHide({ leafAreaIndex }: Stack): number {
  return 1 - Math.exp(-shelterJson.canopy.shadesByLeafArea * leafAreaIndex);
}

/** Tells a balance, once it is started, how its stack is built. */
export function buildStack(compiled: CompiledStack, at: number, stack: Stack): void {
  const { layers, barrelLitresPerM2, ventChangesPerHour, staysDry } = stack;
  const gapWPerM2K = layers[0]?.sheetGapWPerM2K ?? 0;
  compiled.build(at, barrelLitresPerM2, ventChangesPerHour, gapWPerM2K, staysDry);
  for (const [cover, layer] of layers.entries()) {
    const { areaRatio, heightM, leakPerHour, longwaveTransmittance: lets, removable } = layer;
    compiled.coverAt(at, cover, areaRatio, coverLight(layer), lets.wet, lets.dry, removable);
    const heatJ = AIR_J_PER_M3K * heightM;
    compiled.airBelow(at, cover, heatJ, leakPerHour.still, leakPerHour.perMps);
  }
}

/** Begins with a soil whose temperature goes with depth. */
export function startSoil(
  compiled: CompiledStack,
  at: number,
  tempAtC: (depthM: number) => number,
): void {
  let topM = 0;
  for (const [layer, cm] of layersCm.entries()) {
    compiled.startSoil(at, layer, tempAtC(topM + cm / 200));
    topM += cm / 100;
  }
  compiled.startSurface(at, tempAtC(0));
}
