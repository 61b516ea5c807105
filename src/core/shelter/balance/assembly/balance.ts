import { Cover } from "./cover";
import { LinearSystem } from "./linearSystem";
import { KELVIN, Longwave, STEFAN_BOLTZMANN } from "./longwave";
import { transpirationW, wetting } from "./moisture";
import { SoilColumn } from "./soilColumn";
import {
  BARREL_J_PER_LITRE_K,
  BARREL_W_PER_LITRE_K,
  CONDUCTANCE,
  COVER_ABSORBS,
  COVER_J_PER_M2K,
  INSIDE_W_PER_M2K,
  LIGHT_UNDER_SNOW,
  LOSS_UNDER_SNOW,
  OUTSIDE_PER_MPS,
  OUTSIDE_STILL,
  SOIL_ABSORBS,
  SOIL_EMISSIVITY,
  SOIL_W_PER_M2K,
  WET_AIR,
  WET_COVER,
  WET_SOIL,
} from "./values";

const SECONDS_PER_HOUR: f64 = 3600;
/** A sheet's exchange with the sky for each degree, W/m²K: 4 ε σ T³ about freezing. */
const SKY_W_PER_M2K: f64 = 3.7;
/** A film is wet when it is colder than the air below it by so much, and dries when it no longer is. */
const WETS_BELOW_C: f64 = 0.3;
/** Halvings by which a vent's opening is found: to a sixty-fourth. */
const VENT_HALVINGS: i32 = 6;
/** A cover that is taken off parts the air no more. */
const OFF_CHANGES_PER_HOUR: f64 = 400;

/**
 * The temperatures under nested covers over a square metre of ground: each cover, the air below it,
 * the soil, and the soil of paths beside inner covers, which exchanges with the outer air alone.
 * Without that path soil double cover would gain next to nothing. All of a step is solved at once
 * (implicit), so that long steps stay sound; soil below the surface is solved first, and freezing
 * keeps its heat exactly.
 *
 * Leaves over the bed shade the soil, and warm the air with what sun they do not spend on evaporating
 * water, which condenses on the covers or goes with the air. Convection outside by Garzoli and Blackwell (1981); wet surfaces
 * exchange more by evaporation and condensation (1 + f·Δ/γ).
 */
export class Balance {
  readonly covers: StaticArray<Cover>;
  readonly bedSoil: SoilColumn = new SoilColumn();
  readonly pathSoil: SoilColumn = new SoilColumn();
  surfaceC: f64 = 0;
  pathC: f64 = 0;

  pathShare: f64 = 0;
  barrelLitres: f64 = 0;
  ventChangesPerHour: f64 = 0;
  /** A film that sheds its drops, or air too dry for any: it stays transparent to heat. */
  staysDry: bool = false;
  /** Between the outermost cover's two sheets, W/m²K; 0 for one sheet. */
  sheetGapWPerM2K: f64 = 0;
  leafAreaIndex: f64 = 0;

  barrelC: f64 = 0;
  system: LinearSystem;
  longwave: Longwave;
  /** Share of the light that leaves keep from the bed's soil. */
  private leavesHide: f64 = 0;
  /** Of this step: what the outermost cover keeps of its exchange, and what moisture adds to air changes. */
  outward: f64 = 1;
  moist: f64 = 1;
  /** Of the last step, W/m² of ground: sun taken in, and what leaves' vapour took along. */
  sunW: f64 = 0;
  vapourOutW: f64 = 0;

  constructor(
    readonly count: i32,
    pathShare: f64,
  ) {
    // Covers, air below each, the surface of the bed's soil, the surface of the paths where there are any.
    const size = 2 * count + (pathShare > 0 ? 2 : 1);
    this.pathShare = pathShare;
    this.system = new LinearSystem(size);
    this.longwave = new Longwave(count, size, pathShare);
    this.covers = new StaticArray<Cover>(count);
    for (let at: i32 = 0; at < count; at += 1) {
      const cover = new Cover();
      cover.share = at === 0 ? 1 : 1 - pathShare;
      this.covers[at] = cover;
    }
  }

  /** Begins anew, with all covers, air and water at one temperature, and wet. */
  start(startC: f64): void {
    for (let at: i32 = 0; at < this.count; at += 1) {
      const cover: Cover = this.covers[at];
      cover.tempC = startC;
      cover.airC = startC;
      cover.isWet = true;
    }
    this.surfaceC = startC;
    this.pathC = startC;
    this.barrelC = startC;
  }

  /** @param leavesHide share of the light that leaves keep from the bed's soil */
  setLeaves(leafAreaIndex: f64, leavesHide: f64): void {
    this.leafAreaIndex = leafAreaIndex;
    this.leavesHide = leavesHide;
  }

  /** Air at the crop: below the innermost cover, or outside where there is none. */
  cropC(outsideC: f64): f64 {
    return this.count === 0 ? outsideC : (this.covers[this.count - 1] as Cover).airC;
  }

  /**
   * Carries all temperatures on by one step.
   *
   * @param airC      outside
   * @param skyWPerM2 downward thermal radiation of the sky
   * @param sunWPerM2 global radiation on the ground in the open
   * @param deepC     soil below the columns
   * @param vent      how far the outermost cover stands open at least: 0 shut, 1 wide open
   * @param opensAtC  from this air below it on it is opened further, …
   * @param wideAtC   … and wide from this on; both far above any air where nothing opens it
   * @param innerOn   inner covers that may be taken off are on
   */
  step(
    airC: f64,
    skyWPerM2: f64,
    sunWPerM2: f64,
    windMps: f64,
    deepC: f64,
    stepS: f64,
    vent: f64,
    opensAtC: f64,
    wideAtC: f64,
    innerOn: bool,
    snow: bool,
  ): void {
    this.bedSoil.prepare(deepC, stepS);
    if (this.count === 0) {
      this.stepInTheOpen(airC, skyWPerM2, sunWPerM2, windMps);
      return;
    }
    if (this.pathShare > 0) this.pathSoil.prepare(deepC, stepS);
    // Where the opening and the warmth that it leaves agree: shut, wide open, or closed in on by halves.
    let least = vent;
    let most: f64 = 1;
    let opening = vent;
    for (let round: i32 = 0; round <= VENT_HALVINGS + 1; round += 1) {
      this.solve(airC, skyWPerM2, sunWPerM2, windMps, stepS, opening, innerOn, snow);
      const spaceC: f64 = this.system.right[this.count];
      const isTooWarm = spaceC > opensAtC + opening * (wideAtC - opensAtC);
      if (round === 0 && (!isTooWarm || opening >= 1)) break;
      if (round === 1 && isTooWarm) break;
      if (isTooWarm) least = opening;
      else most = opening;
      opening = round === 0 ? 1 : (least + most) / 2;
    }
    this.take(stepS);
  }

  /** Fills and solves a step's equations. */
  private solve(
    airC: f64,
    skyWPerM2: f64,
    sunWPerM2: f64,
    windMps: f64,
    stepS: f64,
    vent: f64,
    innerOn: bool,
    snow: bool,
  ): void {
    this.system.clear();
    this.prepareCovers(windMps, vent, innerOn, snow);
    this.longwave.add(
      this.system,
      this.covers,
      skyWPerM2,
      this.surfaceC,
      this.pathC,
      snow,
      this.outward,
    );
    this.exchange(airC, windMps, stepS);
    this.sun(sunWPerM2, snow);
    const bed = 2 * this.count;
    this.intoSoil(bed, this.bedSoil, 1 - this.pathShare);
    if (this.pathShare > 0) this.intoSoil(bed + 1, this.pathSoil, this.pathShare);
    this.system.solve();
  }

  private stepInTheOpen(airC: f64, skyWPerM2: f64, sunWPerM2: f64, windMps: f64): void {
    const kelvin = this.surfaceC + KELVIN;
    const cubed = STEFAN_BOLTZMANN * kelvin * kelvin * kelvin;
    const gainsW = SOIL_EMISSIVITY * skyWPerM2 + (1 - this.leavesHide) * SOIL_ABSORBS * sunWPerM2;
    this.system.clear();
    const passes = outsideWPerM2K(windMps) * wetting(this.surfaceC, WET_SOIL);
    this.system.anchor(0, airC, passes);
    this.system.gainPerK(0, 0, -SOIL_EMISSIVITY * 4 * cubed);
    this.system.gain(0, gainsW - SOIL_EMISSIVITY * cubed * (kelvin - 4 * this.surfaceC));
    this.intoSoil(0, this.bedSoil, 1);
    this.system.solve();
    const surfaceC: f64 = this.system.right[0];
    this.surfaceC = surfaceC;
    this.bedSoil.settle(surfaceC);
  }

  /** How covers are in this step: on or off, and what leaves through their gaps. */
  private prepareCovers(windMps: f64, vent: f64, innerOn: bool, snow: bool): void {
    for (let at: i32 = 0; at < this.count; at += 1) {
      const cover: Cover = this.covers[at];
      cover.isOff = at > 0 && cover.isRemovable && !innerOn;
      let changes = OFF_CHANGES_PER_HOUR;
      // Inside a house there is no wind.
      if (at === 0)
        changes =
          cover.leakStillPerHour + cover.leakPerMps * windMps + vent * this.ventChangesPerHour;
      else if (!cover.isOff) changes = cover.leakStillPerHour;
      cover.leakWPerK = (cover.airHeatJPerK * changes) / SECONDS_PER_HOUR;
    }
    const gap = this.sheetGapWPerM2K;
    // A second sheet beyond a gap comes to rest between the inner sheet and the outside at once.
    const bySheet = gap > 0 ? gap / (gap + outsideWPerM2K(windMps) + SKY_W_PER_M2K) : 1;
    this.outward = snow ? Math.min(LOSS_UNDER_SNOW, bySheet) : bySheet;
    // Air that leaves takes its moisture along, and with it the heat that made it.
    this.moist = this.staysDry ? 1 : wetting((this.covers[0] as Cover).airC, WET_AIR);
  }

  /** Convection, evaporation and air changes; each thing's own heat. */
  private exchange(airC: f64, windMps: f64, stepS: f64): void {
    const system = this.system;
    const count = this.count;
    for (let at: i32 = 0; at < count; at += 1) {
      const cover: Cover = this.covers[at];
      const area = cover.areaRatio * cover.share;
      const air = count + at;
      if (at === 0) {
        system.anchor(0, airC, area * outsideWPerM2K(windMps) * this.outward);
        system.anchor(air, airC, this.moist * cover.leakWPerK);
      } else {
        if (!cover.isOff) system.couple(at, air - 1, area * INSIDE_W_PER_M2K);
        system.couple(air, air - 1, cover.leakWPerK);
      }
      const wets = cover.isWet && !cover.isOff;
      const inside = wets ? INSIDE_W_PER_M2K * wetting(cover.tempC, WET_COVER) : INSIDE_W_PER_M2K;
      system.couple(at, air, area * inside);
      system.anchor(at, cover.tempC, coverHeat(cover) / stepS);
      system.anchor(air, cover.airC, cover.airHeatJPerK / stepS);
    }
    const bed = 2 * count;
    const bedSoil = SOIL_W_PER_M2K * wetting(this.surfaceC, WET_SOIL);
    system.couple(bed, bed - 1, (1 - this.pathShare) * bedSoil);
    if (this.pathShare > 0) {
      const pathSoil = SOIL_W_PER_M2K * wetting(this.pathC, WET_SOIL);
      system.couple(bed + 1, count, this.pathShare * pathSoil);
    }
    // Barrels of water stand in the outermost space; only that air warms them.
    if (this.barrelLitres > 0) {
      const keeps = (this.barrelLitres * BARREL_J_PER_LITRE_K) / stepS;
      const passes = BARREL_W_PER_LITRE_K * this.barrelLitres;
      system.anchor(count, this.barrelC, (passes * keeps) / (keeps + passes));
    }
  }

  /**
   * Sunlight: each cover keeps a part of what it does not let through, the leaves and the soil most of the
   * rest.
   */
  private sun(sunWPerM2: f64, snow: bool): void {
    this.sunW = 0;
    this.vapourOutW = 0;
    if (sunWPerM2 <= 0) return;
    const count = this.count;
    const system = this.system;
    let light = sunWPerM2 * (snow ? LIGHT_UNDER_SNOW : 1);
    let belowOutermost = light;
    let taken: f64 = 0;
    for (let at: i32 = 0; at < count; at += 1) {
      const cover: Cover = this.covers[at];
      const through = cover.isOff ? 1 : cover.light;
      const kept = light * (1 - through) * COVER_ABSORBS * cover.share;
      system.gain(at, kept);
      taken += kept;
      light *= through;
      if (at === 0) belowOutermost = light;
    }
    const bedShare = 1 - this.pathShare;
    const ground = SOIL_ABSORBS * light;
    system.gain(2 * count, bedShare * ground * (1 - this.leavesHide));
    this.leaves(ground * this.leavesHide, bedShare);
    taken += bedShare * ground;
    if (this.pathShare > 0) {
      const path = this.pathShare * SOIL_ABSORBS * belowOutermost;
      system.gain(2 * count + 1, path);
      taken += path;
    }
    this.sunW = taken;
  }

  /** Leaves warm the air with the sun that they do not spend on evaporating water. */
  private leaves(sunW: f64, bedShare: f64): void {
    const count = this.count;
    const inner: Cover = this.covers[count - 1];
    let vapourW = bedShare * transpirationW(sunW, inner.airC, this.leafAreaIndex);
    this.system.gain(2 * count - 1, bedShare * sunW - vapourW);
    // Space by space on its way out: on wet covers it condenses, by the share that does not leave with the air.
    for (let at: i32 = count - 1; at >= 0 && vapourW > 0; at -= 1) {
      const cover: Cover = this.covers[at];
      if (!cover.isWet || cover.isOff) continue;
      const film = cover.areaRatio * cover.share * INSIDE_W_PER_M2K;
      const condensesW = (vapourW * film) / (film + cover.leakWPerK);
      this.system.gain(at, condensesW);
      vapourW -= condensesW;
    }
    this.vapourOutW = vapourW;
  }

  private intoSoil(surface: i32, column: SoilColumn, share: f64): void {
    const passes = share * CONDUCTANCE[0];
    this.system.gainPerK(surface, surface, -passes * (1 - column.slope[0]));
    this.system.gain(surface, passes * column.base[0]);
  }

  /** Takes the solved step over. */
  private take(stepS: f64): void {
    const solved = this.system.right;
    const count = this.count;
    for (let at: i32 = 0; at < count; at += 1) {
      const cover: Cover = this.covers[at];
      cover.tempC = solved[at];
      cover.airC = solved[count + at];
      const colder = cover.airC - cover.tempC;
      if (colder > WETS_BELOW_C) cover.isWet = !this.staysDry;
      else if (colder <= 0) cover.isWet = false;
    }
    this.surfaceC = solved[2 * count];
    this.bedSoil.settle(this.surfaceC);
    if (this.pathShare > 0) {
      this.pathC = solved[2 * count + 1];
      this.pathSoil.settle(this.pathC);
    }
    if (this.barrelLitres > 0) {
      const keeps = (this.barrelLitres * BARREL_J_PER_LITRE_K) / stepS;
      const passes = BARREL_W_PER_LITRE_K * this.barrelLitres;
      const spaceC = (this.covers[0] as Cover).airC;
      this.barrelC = (keeps * this.barrelC + passes * spaceC) / (keeps + passes);
    }
  }
}

/** Convection at the outside of a cover, W/m²K (Garzoli & Blackwell 1981). */
export function outsideWPerM2K(windMps: f64): f64 {
  return OUTSIDE_STILL + OUTSIDE_PER_MPS * windMps;
}

/** A cover's own heat, J/K for each square metre of ground. */
export function coverHeat(cover: Cover): f64 {
  return COVER_J_PER_M2K * cover.areaRatio * cover.share;
}
