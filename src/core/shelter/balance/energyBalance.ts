import shelterJson from "@data/shelter.json";
import { coverLight } from "../coverLight";
import {
  airChangesPerHour,
  insideWPerM2K,
  openSoilWPerM2K,
  outsideWPerM2K,
  soilWPerM2K,
  wetting,
} from "./exchangeRates";
import { LinearSystem } from "./linearSystem";
import { Longwave } from "./longwave";
import {
  deepLossW,
  heatIn,
  prepare,
  setProfile,
  settle,
  soilColumn,
  surfaceConductance,
  type SoilColumn,
} from "./soilColumn";
import type { Stack } from "./stack";

const { convection, soil: SOIL, snow: SNOW, barrel: BARREL, wet: WET } = shelterJson;
const AIR_J_PER_M3K = 1.2 * 1005;
const SECONDS_PER_HOUR = 3600;
/** A sheet's exchange with the sky for each degree, W/m²K: 4 ε σ T³ about freezing. */
const SKY_W_PER_M2K = 3.7;
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
  private readonly system: LinearSystem;
  private readonly longwave: Longwave;
  readonly isWet: Uint8Array;
  private readonly share: Float64Array;
  private readonly pathShare: number;
  private readonly coverHeat: Float64Array;
  private readonly spaceHeat: Float64Array;
  private barrelC: number;
  /** Of this step: what the outermost cover keeps of its exchange, and what moisture adds to air changes. */
  private outward = 1;
  private moist = 1;

  constructor(
    readonly stack: Stack,
    startC: number,
  ) {
    const count = stack.layers.length;
    this.covers = count;
    // Covers, air below each, the surface of the bed's soil, the surface of the paths.
    this.size = 2 * count + 2;
    this.system = new LinearSystem(this.size);
    this.isWet = new Uint8Array(count).fill(1);
    this.coverC = new Float64Array(count).fill(startC);
    this.spaceC = new Float64Array(count).fill(startC);
    this.pathShare = stack.pathShare;
    this.share = Float64Array.from({ length: count }, (_, index) =>
      index === 0 ? 1 : 1 - stack.pathShare,
    );
    this.longwave = new Longwave(stack, this.size, this.share);
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
    prepare(this.bedSoil, driving.deepC, driving.stepS);
    if (this.pathShare > 0) prepare(this.pathSoil, driving.deepC, driving.stepS);
    this.system.clear();
    const { innerOn, snow } = handling;
    this.outward = this.outwardShare(driving.windMps, snow);
    this.moist = this.moistExchange();
    this.longwave.add(this.system, driving.skyWPerM2, this, innerOn, snow, this.outward);
    this.exchange(driving, handling);
    const intoSurfaces = this.sun(driving, handling);
    this.intoSoil();
    this.system.solve();
    if (keepBooks) this.keep(driving, handling, intoSurfaces);
    this.take(driving);
    if (keepBooks) this.books.storedJ = this.held() - before;
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
      const inside = insideWPerM2K(coverC[cover] ?? 0, this.isWet[cover] === 1);
      if (!off) {
        if (cover === 0) this.system.anchor(cover, airC, area * outside * this.outward);
        else this.system.couple(cover, air - 1, area * convection.inside);
        this.system.couple(cover, air, area * inside);
      } else {
        this.system.couple(cover, air, area * convection.inside);
      }
      const changes = airChangesPerHour(this.stack, cover, windMps, handling.vent, off);
      const moist = cover === 0 ? this.moist : 1;
      const leak =
        (moist * AIR_J_PER_M3K * layer.heightM * (share[cover] ?? 1) * changes) / SECONDS_PER_HOUR;
      if (cover === 0) this.system.anchor(air, airC, leak);
      else this.system.couple(air, air - 1, leak);
      const keepsCover = (coverHeat[cover] ?? 0) / stepS;
      this.system.anchor(cover, coverC[cover] ?? 0, keepsCover);
      this.system.anchor(air, spaceC[cover] ?? 0, (spaceHeat[cover] ?? 0) / stepS);
    }
    if (covers === 0) this.system.anchor(bed, airC, openSoilWPerM2K(this.surfaceC, windMps));
    else this.system.couple(bed, 2 * covers - 1, (1 - pathShare) * soilWPerM2K(this.surfaceC));
    if (pathShare > 0) this.system.couple(path, covers, pathShare * soilWPerM2K(this.pathSurfaceC));
    else this.system.anchor(path, this.pathSurfaceC, 1); // no paths: kept where it is
    this.barrels(stepS);
  }

  /**
   * Share of its exchange with air and sky that the outermost cover keeps: less under snow, and under
   * a second sheet beyond a gap, which comes to rest between the inner sheet and the outside at once.
   */
  private outwardShare(windMps: number, snow: boolean): number {
    const [first] = this.stack.layers;
    if (!first) return 1;
    const gap = first.sheetGapWPerM2K;
    const outside = outsideWPerM2K(windMps) + SKY_W_PER_M2K;
    const bySheet = gap === undefined ? 1 : gap / (gap + outside);
    return snow ? Math.min(SNOW.loss, bySheet) : bySheet;
  }

  /** Air that leaves takes its moisture along, and with it the heat that made it. */
  private moistExchange(): number {
    return this.stack.staysDry ? 1 : wetting(this.spaceC[0] ?? 0, WET.air);
  }

  /** Barrels of water stand in the outermost space; solved on the spot, since only that air warms them. */
  private barrels(stepS: number): void {
    const litres = this.stack.barrelLitresPerM2;
    if (litres <= 0 || this.covers === 0) return;
    const keeps = (litres * BARREL.litreJPerK) / stepS;
    const passes = BARREL.wPerM2K * BARREL.m2PerLitre * litres;
    this.system.anchor(this.covers, this.barrelC, (passes * keeps) / (keeps + passes));
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
      const through = off ? 1 : coverLight(layer);
      const kept = light * (1 - through) * shelterJson.coverAbsorbs * (share[cover] ?? 1);
      this.system.gain(cover, this.size, kept);
      taken += kept;
      light *= through;
      if (cover === 0) belowOutermost = light;
    }
    const bed = (1 - pathShare) * SOIL_ABSORBS * light;
    this.system.gain(2 * covers, this.size, bed);
    taken += bed;
    if (pathShare > 0) {
      const path = pathShare * SOIL_ABSORBS * belowOutermost;
      this.system.gain(2 * covers + 1, this.size, path);
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
    this.system.gain(surface, surface, -passes * (1 - (slope[0] ?? 0)));
    this.system.gain(surface, this.size, passes * (base[0] ?? 0));
  }

  /** Takes the solved step over. */
  private take({ stepS }: Driving): void {
    const { covers } = this;
    const { right } = this.system;
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
    const { covers } = this;
    const { right } = this.system;
    const { airC, windMps, skyWPerM2, stepS } = driving;
    const upW = this.longwave.outW(right);
    let lossW = 0;
    const [first] = this.stack.layers;
    if (covers > 0 && first) {
      const outside = outsideWPerM2K(windMps) * this.outward;
      lossW += first.areaRatio * outside * ((right[0] ?? 0) - airC);
      const changes = airChangesPerHour(this.stack, 0, windMps, handling.vent, false);
      lossW +=
        ((this.moist * AIR_J_PER_M3K * first.heightM * changes) / SECONDS_PER_HOUR) *
        ((right[covers] ?? 0) - airC);
    } else {
      lossW += openSoilWPerM2K(this.surfaceC, windMps) * ((right[0] ?? 0) - airC);
    }
    lossW += (1 - this.pathShare) * deepLossW(this.bedSoil, right[2 * covers] ?? 0);
    if (this.pathShare > 0)
      lossW += this.pathShare * deepLossW(this.pathSoil, right[2 * covers + 1] ?? 0);
    this.books.inJ = (this.outward * skyWPerM2 + sunTakenW) * stepS;
    this.books.outJ = (this.outward * upW + lossW) * stepS;
  }
}
