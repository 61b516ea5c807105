import shelterJson from "@data/shelter.json";
import {
  footConductance,
  heatIn,
  prepare,
  setProfile,
  settle,
  soilColumn,
  surfaceConductance,
  type SoilColumn,
} from "./soilColumn";
import type { Stack } from "./stack";

const { convection, wet: WET, soil: SOIL, snow: SNOW, barrel: BARREL } = shelterJson;
const STEFAN_BOLTZMANN = 5.670374e-8;
const KELVIN = 273.15;
const AIR_J_PER_M3K = 1.2 * 1005;
const SECONDS_PER_HOUR = 3600;
/** Psychrometric constant, Pa/K. */
const GAMMA_PA_PER_K = 66;
const SOIL_ABSORBS = 1 - SOIL.albedo;
/** A film is wet when it is colder than the air below it by so much, and dries when it no longer is. */
const WETS_BELOW_C = 0.3;

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
  /** 0 shut, 1 wide open, for the outermost cover. */
  vent: number;
  /** Inner covers that may be taken off are on. */
  innerOn: boolean;
  snow: boolean;
}

/** Heat that crossed the balance's edge in a step, J/m² of ground, and what is held in it. */
export interface Books {
  inJ: number;
  outJ: number;
  /** Held after the step less held before it. */
  storedJ: number;
}

/**
 * The temperatures under nested covers over a square metre of ground: each cover, the air below it,
 * the soil, and the soil of paths beside inner covers, which exchanges with the outer air alone.
 * Without that path soil double cover would gain next to nothing. All of a step is solved at once
 * (implicit), so that long steps stay sound; soil below the surface is solved first, and freezing
 * keeps its heat exactly.
 *
 * Longwave: each cover lets through τ and emits 1 − τ. Convection outside by Garzoli and Blackwell
 * (1981); wet surfaces exchange more by evaporation and condensation (1 + f·Δ/γ).
 */
export class EnergyBalance {
  /** Of the covers and of the air below each, °C, from the outside in. */
  readonly coverC: Float64Array;
  readonly spaceC: Float64Array;
  readonly bedSoil: SoilColumn;
  readonly pathSoil: SoilColumn;
  surfaceC: number;
  pathSurfaceC: number;
  readonly books: Books = { inJ: 0, outJ: 0, storedJ: 0 };

  private readonly covers: number;
  private readonly size: number;
  private readonly matrix: Float64Array;
  private readonly right: Float64Array;
  /** Downward thermal radiation below each cover, and upward above each, as linear in the unknowns. */
  private readonly down: Float64Array;
  private readonly up: Float64Array;
  private readonly pathUp: Float64Array;
  private readonly tau: Float64Array;
  /** Each surface's emission at 0 °C of its linear course, and for each degree: covers, bed, path. */
  private readonly emits: Float64Array;
  private readonly emitsMore: Float64Array;
  private readonly isWet: Uint8Array;
  private readonly share: Float64Array;
  private readonly pathShare: number;
  private readonly coverHeat: Float64Array;
  private readonly spaceHeat: Float64Array;
  private barrelC: number;

  constructor(
    readonly stack: Stack,
    startC: number,
  ) {
    const count = stack.layers.length;
    this.covers = count;
    // Covers, air below each, the surface of the bed's soil, the surface of the paths.
    this.size = 2 * count + 2;
    this.matrix = new Float64Array(this.size * this.size);
    this.right = new Float64Array(this.size);
    const width = this.size + 1;
    this.down = new Float64Array((count + 1) * width);
    this.up = new Float64Array((count + 1) * width);
    this.pathUp = new Float64Array(width);
    this.tau = new Float64Array(count);
    this.emits = new Float64Array(count + 2);
    this.emitsMore = new Float64Array(count + 2);
    this.isWet = new Uint8Array(count).fill(1);
    this.coverC = new Float64Array(count).fill(startC);
    this.spaceC = new Float64Array(count).fill(startC);
    this.pathShare = stack.pathShare;
    this.share = Float64Array.from({ length: count }, (_, index) =>
      index === 0 ? 1 : 1 - stack.pathShare,
    );
    this.coverHeat = Float64Array.from(
      stack.layers,
      ({ areaRatio }, index) => shelterJson.coverHeatJPerM2K * areaRatio * (this.share[index] ?? 1),
    );
    this.spaceHeat = Float64Array.from(
      stack.layers,
      ({ heightM }, index) => AIR_J_PER_M3K * heightM * (this.share[index] ?? 1),
    );
    this.bedSoil = soilColumn(startC);
    this.pathSoil = soilColumn(startC);
    this.surfaceC = startC;
    this.pathSurfaceC = startC;
    this.barrelC = startC;
  }

  /** Begins with a soil whose temperature goes with depth. */
  startSoil(tempAtC: (depthM: number) => number): void {
    setProfile(this.bedSoil, tempAtC);
    setProfile(this.pathSoil, tempAtC);
    this.surfaceC = tempAtC(0);
    this.pathSurfaceC = tempAtC(0);
  }

  /** Air at the crop: below the innermost cover, or outside where there is none. */
  cropC(outsideC: number): number {
    return this.covers === 0 ? outsideC : (this.spaceC[this.covers - 1] ?? outsideC);
  }

  /** Carries all temperatures on by one step. */
  step(driving: Driving, handling: Handling, keepBooks = false): void {
    const before = keepBooks ? this.held() : 0;
    this.setTransmittances(handling);
    prepare(this.bedSoil, driving.deepC, driving.stepS);
    if (this.pathShare > 0) prepare(this.pathSoil, driving.deepC, driving.stepS);
    this.matrix.fill(0);
    this.right.fill(0);
    this.thermalRadiation(driving, handling);
    this.exchange(driving, handling);
    const intoSurfaces = this.sun(driving, handling);
    this.intoSoil();
    solve(this.matrix, this.right, this.size);
    if (keepBooks) this.keep(driving, handling, intoSurfaces);
    this.take(driving);
    if (keepBooks) this.books.storedJ = this.held() - before;
  }

  private setTransmittances({ innerOn, snow }: Handling): void {
    for (let cover = 0; cover < this.covers; cover += 1) {
      const layer = this.stack.layers[cover];
      if (!layer) continue;
      const off = cover > 0 && layer.removable && !innerOn;
      const { wet, dry } = layer.longwaveTransmittance;
      // Snow lets no thermal radiation through.
      const through = this.isWet[cover] ? wet : dry;
      this.tau[cover] = off ? 1 : cover === 0 && snow ? 0 : through;
    }
  }

  /** The linear course of each surface's emission: σT⁴ around the temperature it has now. */
  private emissions(): void {
    for (let cover = 0; cover < this.covers; cover += 1)
      this.emission(cover, this.coverC[cover] ?? 0);
    this.emission(this.covers, this.surfaceC);
    this.emission(this.covers + 1, this.pathSurfaceC);
  }

  private emission(surface: number, tempC: number): void {
    const kelvin = tempC + KELVIN;
    const cubed = STEFAN_BOLTZMANN * kelvin * kelvin * kelvin;
    this.emits[surface] = cubed * (kelvin - 4 * tempC);
    this.emitsMore[surface] = 4 * cubed;
  }

  private thermalRadiation({ skyWPerM2 }: Driving, { snow }: Handling): void {
    const { covers, size, down, up, pathUp, tau, share, pathShare, emits, emitsMore } = this;
    const { matrix, right } = this;
    this.emissions();
    const width = size + 1;
    const bed = 2 * covers;
    const path = bed + 1;
    // The sky above; below each cover what it lets through, and what it sends down itself.
    down[size] = skyWPerM2;
    for (let cover = 0; cover < covers; cover += 1) {
      const through = tau[cover] ?? 0;
      const from = cover * width;
      const to = from + width;
      for (let at = 0; at < cover; at += 1) down[to + at] = through * (down[from + at] ?? 0);
      down[to + cover] = (1 - through) * (emitsMore[cover] ?? 0);
      down[to + size] = through * (down[from + size] ?? 0) + (1 - through) * (emits[cover] ?? 0);
    }
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
    // What each absorbs less what it emits.
    for (let cover = 0; cover < covers; cover += 1) {
      const absorbs = 1 - (tau[cover] ?? 0);
      const area = share[cover] ?? 1;
      const above = cover * width;
      const below = above + width;
      const constant = emits[cover] ?? 0;
      const slope = emitsMore[cover] ?? 0;
      const passes = cover === 0 && snow ? SNOW.loss : 1;
      // Written out, not through `gain`: this is where the time goes.
      const row = cover * size;
      const takes = area * absorbs;
      for (let at = 0; at < size; at += 1) {
        const net = passes * (down[above + at] ?? 0) + (up[below + at] ?? 0);
        if (net !== 0) matrix[row + at] = (matrix[row + at] ?? 0) - takes * net;
      }
      const still = passes * (down[above + size] ?? 0) + (up[below + size] ?? 0);
      right[cover] = (right[cover] ?? 0) + takes * still;
      this.gain(cover, cover, -area * absorbs * (1 + passes) * slope);
      this.gain(cover, size, -area * absorbs * (1 + passes) * constant);
    }
    const bedArea = 1 - pathShare;
    for (let at = 0; at <= covers; at += 1) {
      // Only covers and the constant send anything down.
      const of = at === covers ? size : at;
      this.gain(bed, of, bedArea * SOIL.emissivity * (down[ground + of] ?? 0));
      if (pathShare > 0) this.gain(path, of, pathShare * SOIL.emissivity * (down[width + of] ?? 0));
    }
    this.gain(bed, bed, -bedArea * SOIL.emissivity * (emitsMore[covers] ?? 0));
    this.gain(bed, size, -bedArea * SOIL.emissivity * (emits[covers] ?? 0));
    if (pathShare > 0) {
      this.gain(path, path, -pathShare * SOIL.emissivity * (emitsMore[covers + 1] ?? 0));
      this.gain(path, size, -pathShare * SOIL.emissivity * (emits[covers + 1] ?? 0));
    }
  }

  /** Heat gained by an unknown: `perDegree` of another, or a constant where `of` is the last place. */
  private gain(unknown: number, of: number, perDegree: number): void {
    if (of === this.size) this.right[unknown] = (this.right[unknown] ?? 0) + perDegree;
    else {
      const at = unknown * this.size + of;
      this.matrix[at] = (this.matrix[at] ?? 0) - perDegree;
    }
  }

  /** Heat passed between two unknowns by their difference. */
  private couple(one: number, other: number, wPerK: number): void {
    this.gain(one, other, wPerK);
    this.gain(one, one, -wPerK);
    this.gain(other, one, wPerK);
    this.gain(other, other, -wPerK);
  }

  /** Heat passed between an unknown and a temperature that is known. */
  private anchor(unknown: number, tempC: number, wPerK: number): void {
    this.gain(unknown, unknown, -wPerK);
    this.gain(unknown, this.size, wPerK * tempC);
  }

  /** Convection, evaporation and air changes; each thing's own heat. */
  private exchange({ airC, windMps, stepS }: Driving, handling: Handling): void {
    const { covers, share, pathShare, coverHeat, spaceHeat, coverC, spaceC } = this;
    const bed = 2 * covers;
    const path = bed + 1;
    const outside = outsideWPerM2K(windMps);
    for (let cover = 0; cover < covers; cover += 1) {
      const layer = this.stack.layers[cover];
      if (!layer) continue;
      const area = layer.areaRatio * (share[cover] ?? 1);
      const air = covers + cover;
      const off = cover > 0 && layer.removable && !handling.innerOn;
      const inside =
        convection.inside * (this.isWet[cover] ? wetting(coverC[cover] ?? 0, WET.cover) : 1);
      if (!off) {
        if (cover === 0) this.anchor(cover, airC, area * outside * (handling.snow ? SNOW.loss : 1));
        else this.couple(cover, air - 1, area * convection.inside);
        this.couple(cover, air, area * inside);
      } else {
        this.couple(cover, air, area * convection.inside);
      }
      const changes = airChangesPerHour(this.stack, cover, windMps, handling, off);
      const leak =
        (AIR_J_PER_M3K * layer.heightM * (share[cover] ?? 1) * changes) / SECONDS_PER_HOUR;
      if (cover === 0) this.anchor(air, airC, leak);
      else this.couple(air, air - 1, leak);
      const keepsCover = (coverHeat[cover] ?? 0) / stepS;
      this.anchor(cover, coverC[cover] ?? 0, keepsCover);
      this.anchor(air, spaceC[cover] ?? 0, (spaceHeat[cover] ?? 0) / stepS);
    }
    if (covers === 0) this.anchor(bed, airC, outside * wetting(this.surfaceC, WET.soil));
    else this.couple(bed, 2 * covers - 1, (1 - pathShare) * soilWPerM2K(this.surfaceC));
    if (pathShare > 0) this.couple(path, covers, pathShare * soilWPerM2K(this.pathSurfaceC));
    else this.anchor(path, this.pathSurfaceC, 1); // no paths: kept where it is
    this.barrels(stepS);
  }

  /** Barrels of water stand in the outermost space; solved on the spot, since only that air warms them. */
  private barrels(stepS: number): void {
    const litres = this.stack.barrelLitresPerM2;
    if (litres <= 0 || this.covers === 0) return;
    const keeps = (litres * BARREL.litreJPerK) / stepS;
    const passes = BARREL.wPerM2K * BARREL.m2PerLitre * litres;
    this.anchor(this.covers, this.barrelC, (passes * keeps) / (keeps + passes));
  }

  /** Sunlight: each cover keeps a part of what it does not let through, the soil most of the rest. */
  private sun({ sunWPerM2 }: Driving, { innerOn, snow }: Handling): number {
    const { covers, share, pathShare } = this;
    let light = sunWPerM2 * (snow && covers > 0 ? SNOW.light : 1);
    let taken = 0;
    let belowOutermost = light;
    for (let cover = 0; cover < covers; cover += 1) {
      const layer = this.stack.layers[cover];
      if (!layer) continue;
      const off = cover > 0 && layer.removable && !innerOn;
      const through = off ? 1 : layer.lightTransmittance;
      const kept = light * (1 - through) * shelterJson.coverAbsorbs * (share[cover] ?? 1);
      this.gain(cover, this.size, kept);
      taken += kept;
      light *= through;
      if (cover === 0) belowOutermost = light;
    }
    const bed = (1 - pathShare) * SOIL_ABSORBS * light;
    this.gain(2 * covers, this.size, bed);
    taken += bed;
    if (pathShare > 0) {
      const path = pathShare * SOIL_ABSORBS * belowOutermost;
      this.gain(2 * covers + 1, this.size, path);
      taken += path;
    }
    return taken;
  }

  private intoSoil(): void {
    const bed = 2 * this.covers;
    this.intoColumn(bed, this.bedSoil, 1 - this.pathShare);
    if (this.pathShare > 0) this.intoColumn(bed + 1, this.pathSoil, this.pathShare);
  }

  private intoColumn(surface: number, { slope, base }: SoilColumn, area: number): void {
    const passes = area * surfaceConductance;
    this.gain(surface, surface, -passes * (1 - (slope[0] ?? 0)));
    this.gain(surface, this.size, passes * (base[0] ?? 0));
  }

  /** Takes the solved step over. */
  private take({ stepS }: Driving): void {
    const { covers, right } = this;
    for (let cover = 0; cover < covers; cover += 1) {
      this.coverC[cover] = right[cover] ?? 0;
      this.spaceC[cover] = right[covers + cover] ?? 0;
      const colder = (this.spaceC[cover] ?? 0) - (this.coverC[cover] ?? 0);
      if (colder > WETS_BELOW_C) this.isWet[cover] = this.stack.staysDry ? 0 : 1;
      else if (colder <= 0) this.isWet[cover] = 0;
    }
    this.surfaceC = right[2 * covers] ?? 0;
    settle(this.bedSoil, this.surfaceC);
    if (this.pathShare > 0) {
      this.pathSurfaceC = right[2 * covers + 1] ?? 0;
      settle(this.pathSoil, this.pathSurfaceC);
    }
    const litres = this.stack.barrelLitresPerM2;
    if (litres > 0 && covers > 0) {
      const keeps = (litres * BARREL.litreJPerK) / stepS;
      const passes = BARREL.wPerM2K * BARREL.m2PerLitre * litres;
      this.barrelC = (keeps * this.barrelC + passes * (this.spaceC[0] ?? 0)) / (keeps + passes);
    }
  }

  /** Heat held by all that is reckoned, J/m² of ground. */
  private held(): number {
    let sum = (1 - this.pathShare) * heatIn(this.bedSoil);
    if (this.pathShare > 0) sum += this.pathShare * heatIn(this.pathSoil);
    for (let cover = 0; cover < this.covers; cover += 1) {
      sum += (this.coverHeat[cover] ?? 0) * (this.coverC[cover] ?? 0);
      sum += (this.spaceHeat[cover] ?? 0) * (this.spaceC[cover] ?? 0);
    }
    return sum + this.stack.barrelLitresPerM2 * BARREL.litreJPerK * this.barrelC;
  }

  /** Writes down what crossed the edge in this step, from the solved temperatures. */
  private keep(driving: Driving, handling: Handling, sunTakenW: number): void {
    const { covers, right, size, up } = this;
    const { airC, windMps, skyWPerM2, stepS } = driving;
    let upW = up[size] ?? 0;
    for (let at = 0; at < size; at += 1) upW += (up[at] ?? 0) * (right[at] ?? 0);
    let lossW = 0;
    const [first] = this.stack.layers;
    if (covers > 0 && first) {
      const outside = outsideWPerM2K(windMps) * (handling.snow ? SNOW.loss : 1);
      lossW += first.areaRatio * outside * ((right[0] ?? 0) - airC);
      const changes = airChangesPerHour(this.stack, 0, windMps, handling, false);
      lossW +=
        ((AIR_J_PER_M3K * first.heightM * changes) / SECONDS_PER_HOUR) *
        ((right[covers] ?? 0) - airC);
    } else {
      lossW +=
        outsideWPerM2K(windMps) * wetting(this.surfaceC, WET.soil) * ((right[0] ?? 0) - airC);
    }
    lossW += (1 - this.pathShare) * deepLossW(this.bedSoil, right[2 * covers] ?? 0);
    if (this.pathShare > 0)
      lossW += this.pathShare * deepLossW(this.pathSoil, right[2 * covers + 1] ?? 0);
    const passes = covers > 0 && handling.snow ? SNOW.loss : 1;
    this.books.inJ = (passes * skyWPerM2 + sunTakenW) * stepS;
    this.books.outJ = (passes * upW + lossW) * stepS;
  }
}

/** Convection at the outside of a cover, W/m²K (Garzoli & Blackwell 1981). */
function outsideWPerM2K(windMps: number): number {
  return convection.outsideStill + convection.outsidePerMps * windMps;
}

/** Convection and evaporation at wet soil, W/m²K. */
function soilWPerM2K(surfaceC: number): number {
  return convection.soil * wetting(surfaceC, WET.soil);
}

/** What leaves a column at its foot, once its surface is known, W/m². */
function deepLossW({ slope, base }: SoilColumn, surfaceC: number): number {
  let aboveC = surfaceC;
  const layers = slope.length - 1;
  for (let layer = 0; layer < layers; layer += 1) {
    aboveC = (slope[layer] ?? 0) * aboveC + (base[layer] ?? 0);
  }
  return footConductance * (aboveC - (base[layers] ?? 0));
}

/** By how much evaporation or condensation adds to convection at a wet surface: 1 + f·Δ/γ. */
function wetting(tempC: number, factor: number): number {
  const place = Math.round((tempC - VAPOUR_FROM_C) * VAPOUR_PER_C);
  return 1 + factor * (vapour[Math.max(0, Math.min(vapour.length - 1, place))] ?? 0);
}

/** Δ/γ by temperature, looked up instead of computed: a fifth of a degree is fine enough. */
const VAPOUR_FROM_C = -70;
const VAPOUR_PER_C = 5;
const vapour = Float64Array.from({ length: 160 * VAPOUR_PER_C }, (_, index) => {
  const tempC = VAPOUR_FROM_C + index / VAPOUR_PER_C;
  // Slope of saturated vapour pressure, Pa/K (FAO-56 eq. 13, in pascals).
  const pressure = 610.8 * Math.exp((17.27 * tempC) / (tempC + 237.3));
  return (4098 * pressure) / (tempC + 237.3) ** 2 / GAMMA_PA_PER_K;
});

/** Air changes an hour of the space below a cover. */
function airChangesPerHour(
  { layers, ventChangesPerHour }: Stack,
  cover: number,
  windMps: number,
  { vent }: Handling,
  off: boolean,
): number {
  const layer = layers[cover];
  if (!layer) return 0;
  if (off) return OFF_CHANGES_PER_HOUR;
  // Inside a house there is no wind.
  const wind = cover === 0 ? windMps : 0;
  const { still, perMps } = layer.leakPerHour;
  return still + perMps * wind + (cover === 0 ? vent * ventChangesPerHour : 0);
}
/** A cover that is taken off parts the air no more. */
const OFF_CHANGES_PER_HOUR = 400;

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

/** Solves a small linear system in place, by elimination; the diagonal leads in every row here. */
function solve(matrix: Float64Array, right: Float64Array, size: number): void {
  for (let pivot = 0; pivot < size; pivot += 1) {
    const lead = pivot * size;
    const inverse = 1 / (matrix[lead + pivot] ?? 1);
    for (let row = pivot + 1; row < size; row += 1) {
      const place = row * size;
      const below = matrix[place + pivot] ?? 0;
      if (below === 0) continue;
      const factor = below * inverse;
      for (let column = pivot + 1; column < size; column += 1) {
        const above = matrix[lead + column] ?? 0;
        if (above !== 0) matrix[place + column] = (matrix[place + column] ?? 0) - factor * above;
      }
      right[row] = (right[row] ?? 0) - factor * (right[pivot] ?? 0);
    }
  }
  for (let row = size - 1; row >= 0; row -= 1) {
    let sum = right[row] ?? 0;
    const place = row * size;
    for (let column = row + 1; column < size; column += 1) {
      sum -= (matrix[place + column] ?? 0) * (right[column] ?? 0);
    }
    right[row] = sum / (matrix[place + row] ?? 1);
  }
}
