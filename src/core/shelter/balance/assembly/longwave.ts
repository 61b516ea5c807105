import { Cover } from "./cover";
import { some, type Same } from "./lanes";
import { LinearSystem } from "./linearSystem";
import { SOIL_EMISSIVITY } from "./values";

/** W/m²K⁴. */
export const STEFAN_BOLTZMANN: Same = 5.670374e-8;
/** 0 °C in kelvin. */
export const KELVIN: Same = 273.15;

/**
 * Thermal radiation between the sky, nested covers and the soil of beds and paths. What is sent is
 * taken as linear in the temperatures (σT⁴ around what they are), so that all of a step can be solved at
 * once: downward radiation below each cover, and upward radiation above each, are kept as so much for a
 * degree of each unknown, and a constant. A cover lets through τ and emits 1 − τ; the soil returns what it
 * does not absorb. Leaves are taken to radiate as the soil that they stand on: they lie between it and the
 * cover, near to both.
 */
export class Longwave {
  private readonly width: i32;
  private readonly down: StaticArray<f64>;
  private readonly up: StaticArray<f64>;
  private readonly pathUp: StaticArray<f64>;
  private readonly tau: StaticArray<f64>;
  /** Each cover's emission at 0 °C of its linear course, and for each degree; then bed and path. */
  private readonly emits: StaticArray<f64>;
  private readonly emitsMore: StaticArray<f64>;
  private skyIn: f64 = 0;
  private skyOut: f64 = 0;

  constructor(
    private readonly covers: i32,
    private readonly size: i32,
    private readonly pathShare: Same,
  ) {
    const width = size + 1;
    this.width = width;
    this.down = new StaticArray<f64>((covers + 1) * width);
    this.up = new StaticArray<f64>((covers + 1) * width);
    this.pathUp = new StaticArray<f64>(width);
    this.tau = new StaticArray<f64>(covers);
    this.emits = new StaticArray<f64>(covers + 2);
    this.emitsMore = new StaticArray<f64>(covers + 2);
  }

  /**
   * Adds a step's thermal radiation to the equations.
   *
   * @param outward share of its exchange with the sky that the outermost cover keeps, under snow or a
   *                second sheet
   */
  add(
    system: LinearSystem,
    covers: StaticArray<Cover>,
    skyWPerM2: f64,
    surfaceC: f64,
    pathC: f64,
    snow: bool,
    outward: f64,
  ): void {
    for (let cover: i32 = 0; cover < this.covers; cover += 1) {
      const one: Cover = covers[cover];
      // Snow lets no thermal radiation through.
      const wetOrDry: f64 = one.isWet ? one.wetLets : one.dryLets;
      const lets: f64 = cover === 0 && snow ? 0 : wetOrDry;
      this.tau[cover] = one.isOff ? 1 : lets;
      this.emission(cover, one.tempC);
    }
    this.emission(this.covers, surfaceC);
    if (this.pathShare > 0) this.emission(this.covers + 1, pathC);
    this.downward(skyWPerM2);
    this.upward();
    this.absorb(system, covers, outward);
    const through: f64 = this.tau[0];
    this.skyIn = (outward * (1 - through) + through) * skyWPerM2;
    this.skyOut = outward;
  }

  /** What came from the sky in this step, W/m². */
  inW(): f64 {
    return this.skyIn;
  }

  /** What leaves to the sky once the unknowns are known, W/m²: the cover's own part, and what passes it. */
  outW(solved: StaticArray<f64>): f64 {
    const through: f64 = this.tau[0];
    let passes: f64 = this.up[this.width + this.size];
    for (let at: i32 = 0; at < this.size; at += 1) {
      passes += this.up[this.width + at] * solved[at];
    }
    const own: f64 = this.emits[0] + this.emitsMore[0] * solved[0];
    return this.skyOut * (1 - through) * own + through * passes;
  }

  /** The linear course of a surface's emission: σT⁴ around the temperature it has now. */
  private emission(surface: i32, tempC: f64): void {
    const kelvin: f64 = tempC + KELVIN;
    const cubed: f64 = STEFAN_BOLTZMANN * kelvin * kelvin * kelvin;
    this.emits[surface] = cubed * (kelvin - 4 * tempC);
    this.emitsMore[surface] = 4 * cubed;
  }

  /** The sky, and what each cover lets through and sends down itself. */
  private downward(skyWPerM2: f64): void {
    const width = this.width;
    const size = this.size;
    const down = this.down;
    down[size] = skyWPerM2;
    for (let cover: i32 = 0; cover < this.covers; cover += 1) {
      const through: f64 = this.tau[cover];
      const from = cover * width;
      const to = from + width;
      // So far only the covers above send anything down.
      for (let at: i32 = 0; at < cover; at += 1) down[to + at] = through * down[from + at];
      down[to + cover] = (1 - through) * this.emitsMore[cover];
      down[to + size] = through * down[from + size] + (1 - through) * this.emits[cover];
    }
  }

  /** What the ground sends up, and what passes each cover on the way. */
  private upward(): void {
    const width = this.width;
    const size = this.size;
    const up = this.up;
    const pathUp = this.pathUp;
    const pathShare: Same = this.pathShare;
    const bed = 2 * this.covers;
    this.fromGround(up, this.covers * width, this.covers * width, this.covers, bed);
    if (pathShare > 0) this.fromGround(pathUp, 0, width, this.covers + 1, bed + 1);
    for (let cover: i32 = this.covers - 1; cover > 0; cover -= 1) {
      const through: f64 = this.tau[cover];
      const to = cover * width;
      const from = to + width;
      for (let at: i32 = 0; at < width; at += 1) up[to + at] = through * up[from + at];
      up[to + cover] += (1 - through) * this.emitsMore[cover];
      up[to + size] += (1 - through) * this.emits[cover];
    }
    if (pathShare <= 0) return;
    for (let at: i32 = 0; at < width; at += 1) {
      up[width + at] = (1 - pathShare) * up[width + at] + pathShare * pathUp[at];
    }
  }

  /** Soil sends up what it emits and what it does not absorb. */
  private fromGround(
    up: StaticArray<f64>,
    upAt: i32,
    downAt: i32,
    surface: i32,
    unknown: i32,
  ): void {
    const size = this.size;
    for (let at: i32 = 0; at <= size; at += 1) {
      up[upAt + at] = (1 - SOIL_EMISSIVITY) * this.down[downAt + at];
    }
    up[upAt + unknown] += SOIL_EMISSIVITY * this.emitsMore[surface];
    up[upAt + size] += SOIL_EMISSIVITY * this.emits[surface];
  }

  /** What each surface absorbs less what it emits, into the equations. */
  private absorb(system: LinearSystem, covers: StaticArray<Cover>, outward: f64): void {
    const size = this.size;
    const width = this.width;
    const down = this.down;
    const up = this.up;
    const matrix = system.matrix;
    const right = system.right;
    const bedShare: Same = 1 - this.pathShare;
    for (let cover: i32 = 0; cover < this.covers; cover += 1) {
      const share: Same = (covers[cover] as Cover).share;
      const takes: f64 = share * (1 - this.tau[cover]);
      if (!some(takes !== 0)) continue;
      const passes: f64 = cover === 0 ? outward : 1;
      const above = cover * width;
      const below = above + width;
      const row = cover * size;
      for (let at: i32 = 0; at < size; at += 1) {
        matrix[row + at] -= takes * (passes * down[above + at] + up[below + at]);
      }
      right[cover] += takes * (passes * down[above + size] + up[below + size]);
      matrix[row + cover] += takes * (1 + passes) * this.emitsMore[cover];
      right[cover] -= takes * (1 + passes) * this.emits[cover];
    }
    const bed = 2 * this.covers;
    this.intoSoil(system, this.covers * width, bed, this.covers, bedShare);
    if (this.pathShare > 0) {
      this.intoSoil(system, width, bed + 1, this.covers + 1, this.pathShare);
    }
  }

  private intoSoil(
    system: LinearSystem,
    downAt: i32,
    unknown: i32,
    surface: i32,
    share: Same,
  ): void {
    const size = this.size;
    const takes: Same = share * SOIL_EMISSIVITY;
    const row = unknown * size;
    for (let at: i32 = 0; at < size; at += 1) {
      system.matrix[row + at] -= takes * this.down[downAt + at];
    }
    system.matrix[row + unknown] += takes * this.emitsMore[surface];
    system.right[unknown] += takes * (this.down[downAt + size] - this.emits[surface]);
  }
}
