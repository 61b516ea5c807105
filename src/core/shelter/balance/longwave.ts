import { KELVIN } from "./skyRadiation";
import shelterJson from "@data/shelter.json";
import type { LinearSystem } from "./linearSystem";
import type { Stack } from "./stack";

const { soil: SOIL } = shelterJson;
const STEFAN_BOLTZMANN = 5.670374e-8;

/** Temperatures of everything that radiates, as they are before a step. */
export interface Radiating {
  coverC: Float64Array;
  surfaceC: number;
  pathSurfaceC: number;
  /** 1 for covers with drops on them. */
  isWet: Uint8Array;
}

/**
 * Thermal radiation between the sky, nested covers, and the soil of beds and paths. What is sent is
 * taken as linear in the temperatures (σT⁴ around what they are), so that all of a step can be solved
 * at once: downward radiation below each cover, and upward radiation above each, are kept as so much
 * for a degree of each unknown, and a constant. A cover lets through τ and emits 1 − τ; the soil
 * returns what it does not absorb, so that none is lost.
 */
export class Longwave {
  private readonly covers: number;
  private readonly down: Float64Array;
  private readonly up: Float64Array;
  private readonly pathUp: Float64Array;
  private readonly tau: Float64Array;
  /** Each surface's emission at 0 °C of its linear course, and for each degree: covers, bed, path. */
  private readonly emits: Float64Array;
  private readonly emitsMore: Float64Array;
  private readonly pathShare: number;

  /**
   * @param size  unknowns: covers, the air below each, the surfaces of bed and path
   * @param share of the ground that each cover lies over
   */
  constructor(
    private readonly stack: Stack,
    private readonly size: number,
    private readonly share: Float64Array,
  ) {
    const count = stack.layers.length;
    const width = size + 1;
    this.covers = count;
    this.pathShare = stack.pathShare;
    this.down = new Float64Array((count + 1) * width);
    this.up = new Float64Array((count + 1) * width);
    this.pathUp = new Float64Array(width);
    this.tau = new Float64Array(count);
    this.emits = new Float64Array(count + 2);
    this.emitsMore = new Float64Array(count + 2);
  }

  /**
   * Adds a step's thermal radiation to the equations.
   *
   * @param outward share of its exchange with the sky that the outermost cover keeps, under snow or a
   *                second sheet
   */
  add(
    system: LinearSystem,
    skyWPerM2: number,
    { coverC, surfaceC, pathSurfaceC, isWet }: Radiating,
    innerOn: boolean,
    snow: boolean,
    outward: number,
  ): void {
    this.setTransmittances(isWet, innerOn, snow);
    this.emissions(coverC, surfaceC, pathSurfaceC);
    this.downward(skyWPerM2);
    this.upward();
    this.absorb(system, outward);
  }

  /** What leaves to the sky once the unknowns are known, W/m². */
  outW(solved: Float64Array): number {
    let watts = this.up[this.size] ?? 0;
    for (let at = 0; at < this.size; at += 1) watts += (this.up[at] ?? 0) * (solved[at] ?? 0);
    return watts;
  }

  private setTransmittances(wet: Uint8Array, innerOn: boolean, snow: boolean): void {
    for (let cover = 0; cover < this.covers; cover += 1) {
      const layer = this.stack.layers[cover];
      if (!layer) continue;
      const off = cover > 0 && layer.removable && !innerOn;
      const { longwaveTransmittance: lets } = layer;
      // Snow lets no thermal radiation through.
      const through = wet[cover] ? lets.wet : lets.dry;
      this.tau[cover] = off ? 1 : cover === 0 && snow ? 0 : through;
    }
  }

  /** The linear course of each surface's emission: σT⁴ around the temperature it has now. */
  private emissions(coverC: Float64Array, surfaceC: number, pathSurfaceC: number): void {
    for (let cover = 0; cover < this.covers; cover += 1) this.emission(cover, coverC[cover] ?? 0);
    this.emission(this.covers, surfaceC);
    this.emission(this.covers + 1, pathSurfaceC);
  }

  private emission(surface: number, tempC: number): void {
    const kelvin = tempC + KELVIN;
    const cubed = STEFAN_BOLTZMANN * kelvin * kelvin * kelvin;
    this.emits[surface] = cubed * (kelvin - 4 * tempC);
    this.emitsMore[surface] = 4 * cubed;
  }

  /** The sky, and what each cover lets through and sends down itself. */
  private downward(skyWPerM2: number): void {
    const { covers, size, down, tau, emits, emitsMore } = this;
    const width = size + 1;
    down[size] = skyWPerM2;
    for (let cover = 0; cover < covers; cover += 1) {
      const through = tau[cover] ?? 0;
      const from = cover * width;
      const to = from + width;
      for (let at = 0; at < cover; at += 1) down[to + at] = through * (down[from + at] ?? 0);
      down[to + cover] = (1 - through) * (emitsMore[cover] ?? 0);
      down[to + size] = through * (down[from + size] ?? 0) + (1 - through) * (emits[cover] ?? 0);
    }
  }

  /** What the ground sends up, and what passes each cover on the way. */
  private upward(): void {
    const { covers, size, down, up, pathUp, tau, pathShare, emits, emitsMore } = this;
    const width = size + 1;
    const bed = 2 * covers;
    const path = bed + 1;
    const ground = covers * width;
    reflectAndEmit(
      up,
      ground,
      down,
      ground,
      width,
      bed,
      emits[covers] ?? 0,
      emitsMore[covers] ?? 0,
    );
    if (pathShare > 0) {
      reflectAndEmit(
        pathUp,
        0,
        down,
        width,
        width,
        path,
        emits[covers + 1] ?? 0,
        emitsMore[covers + 1] ?? 0,
      );
    }
    for (let cover = covers - 1; cover >= 0; cover -= 1) {
      const through = tau[cover] ?? 0;
      const to = cover * width;
      const from = to + width;
      const mixes = cover === 0 && pathShare > 0;
      for (let at = 0; at < width; at += 1) {
        const below = up[from + at] ?? 0;
        const mixed = mixes ? (1 - pathShare) * below + pathShare * (pathUp[at] ?? 0) : below;
        if (mixes) up[from + at] = mixed;
        up[to + at] = through * mixed;
      }
      const constant = emits[cover] ?? 0;
      const slope = emitsMore[cover] ?? 0;
      up[to + cover] = (up[to + cover] ?? 0) + (1 - through) * slope;
      up[to + size] = (up[to + size] ?? 0) + (1 - through) * constant;
    }
  }

  /** What each surface absorbs less what it emits, into the equations. */
  private absorb(system: LinearSystem, outward: number): void {
    const { covers, size, down, up, tau, share, pathShare, emits, emitsMore } = this;
    const { matrix, right } = system;
    const width = size + 1;
    const bed = 2 * covers;
    const path = bed + 1;
    const ground = covers * width;
    for (let cover = 0; cover < covers; cover += 1) {
      const absorbs = 1 - (tau[cover] ?? 0);
      const area = share[cover] ?? 1;
      const above = cover * width;
      const below = above + width;
      const constant = emits[cover] ?? 0;
      const slope = emitsMore[cover] ?? 0;
      const passes = cover === 0 ? outward : 1;
      // Written out, not through `gain`: this is where the time goes.
      const row = cover * size;
      const takes = area * absorbs;
      for (let at = 0; at < size; at += 1) {
        const net = passes * (down[above + at] ?? 0) + (up[below + at] ?? 0);
        if (net !== 0) matrix[row + at] = (matrix[row + at] ?? 0) - takes * net;
      }
      const still = passes * (down[above + size] ?? 0) + (up[below + size] ?? 0);
      right[cover] = (right[cover] ?? 0) + takes * still;
      system.gain(cover, cover, -area * absorbs * (1 + passes) * slope);
      system.gain(cover, size, -area * absorbs * (1 + passes) * constant);
    }
    const bedArea = 1 - pathShare;
    for (let at = 0; at <= covers; at += 1) {
      // Only covers and the constant send anything down.
      const of = at === covers ? size : at;
      system.gain(bed, of, bedArea * SOIL.emissivity * (down[ground + of] ?? 0));
      if (pathShare > 0)
        system.gain(path, of, pathShare * SOIL.emissivity * (down[width + of] ?? 0));
    }
    system.gain(bed, bed, -bedArea * SOIL.emissivity * (emitsMore[covers] ?? 0));
    system.gain(bed, size, -bedArea * SOIL.emissivity * (emits[covers] ?? 0));
    if (pathShare > 0) {
      system.gain(path, path, -pathShare * SOIL.emissivity * (emitsMore[covers + 1] ?? 0));
      system.gain(path, size, -pathShare * SOIL.emissivity * (emits[covers + 1] ?? 0));
    }
  }
}

/** Soil sends up what it emits and what it does not absorb. */
function reflectAndEmit(
  up: Float64Array,
  upAt: number,
  down: Float64Array,
  downAt: number,
  width: number,
  surface: number,
  constant: number,
  slope: number,
): void {
  for (let at = 0; at < width; at += 1) {
    up[upAt + at] = (1 - SOIL.emissivity) * (down[downAt + at] ?? 0);
  }
  up[upAt + surface] = (up[upAt + surface] ?? 0) + SOIL.emissivity * slope;
  up[upAt + width - 1] = (up[upAt + width - 1] ?? 0) + SOIL.emissivity * constant;
}
