import { Cover } from "./cover";
import { some, type Each, type Same } from "./lanes";
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

const SECONDS_PER_HOUR: Same = 3600;
/** A sheet's exchange with the sky for each degree, W/m²K: 4 ε σ T³ about freezing. */
const SKY_W_PER_M2K: Same = 3.7;
/** A film is wet when it is colder than the air below it by so much, and dries when it no longer is. */
const WETS_BELOW_C: Same = 0.3;
/** Halvings by which a vent's opening is found: to a sixty-fourth. */
const VENT_HALVINGS: i32 = 6;
/** A cover that is taken off parts the air no more. */
const OFF_CHANGES_PER_HOUR: Same = 400;

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

  pathShare: Same = 0;
  barrelLitres: Same = 0;
  ventChangesPerHour: Same = 0;
  /** A film that sheds its drops, or air too dry for any: it stays transparent to heat. */
  staysDry: bool = false;
  /** Between the outermost cover's two sheets, W/m²K; 0 for one sheet. */
  sheetGapWPerM2K: Same = 0;
  leafAreaIndex: Same = 0;

  barrelC: f64 = 0;
  system: LinearSystem;
  longwave: Longwave;
  /** Share of the light that leaves keep from the bed's soil. */
  private leavesHide: Same = 0;
  /** Of this step: what the outermost cover keeps of its exchange, and what moisture adds to air changes. */
  outward: f64 = 1;
  moist: f64 = 1;
  /** Of the last step, W/m² of ground: sun taken in, and what leaves' vapour took along. */
  sunW: f64 = 0;
  vapourOutW: f64 = 0;

  constructor(
    readonly count: i32,
    pathShare: Same,
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
  setLeaves(leafAreaIndex: Same, leavesHide: Same): void {
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
    stepS: Same,
    vent: f64,
    opensAtC: Same,
    wideAtC: Same,
    innerOn: Each,
    snow: bool,
  ): void {
    this.bedSoil.prepare(deepC, stepS);
    if (this.count === 0) {
      this.stepInTheOpen(airC, skyWPerM2, sunWPerM2, windMps);
      return;
    }
    if (this.pathShare > 0) this.pathSoil.prepare(deepC, stepS);
    // Where the opening and the warmth that it leaves agree: shut, wide open, or closed in on by halves. In
    // a winter that has found it the opening stays, and comes to the same again.
    let least: f64 = vent;
    let most: f64 = 1;
    let opening: f64 = vent;
    let isSought: Each = true;
    for (let round: i32 = 0; round <= VENT_HALVINGS + 1; round += 1) {
      this.solve(airC, skyWPerM2, sunWPerM2, windMps, stepS, opening, innerOn, snow);
      const spaceC: f64 = this.system.right[this.count];
      const isTooWarm: Each = spaceC > opensAtC + opening * (wideAtC - opensAtC);
      if (round === 0) isSought = isTooWarm && opening < 1;
      else if (round === 1) isSought = isSought && !isTooWarm;
      if (!some(isSought)) break;
      least = isSought && isTooWarm ? opening : least;
      most = isSought && !isTooWarm ? opening : most;
      const next: f64 = round === 0 ? 1 : (least + most) / 2;
      opening = isSought ? next : opening;
    }
    this.take(stepS);
  }

  /** Fills and solves a step's equations. */
  private solve(
    airC: f64,
    skyWPerM2: f64,
    sunWPerM2: f64,
    windMps: f64,
    stepS: Same,
    vent: f64,
    innerOn: Each,
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
    const kelvin: f64 = this.surfaceC + KELVIN;
    const cubed: f64 = STEFAN_BOLTZMANN * kelvin * kelvin * kelvin;
    const gainsW: f64 =
      SOIL_EMISSIVITY * skyWPerM2 + (1 - this.leavesHide) * SOIL_ABSORBS * sunWPerM2;
    this.system.clear();
    const passes: f64 = outsideWPerM2K(windMps) * wetting(this.surfaceC, WET_SOIL);
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
  private prepareCovers(windMps: f64, vent: f64, innerOn: Each, snow: bool): void {
    for (let at: i32 = 0; at < this.count; at += 1) {
      const cover: Cover = this.covers[at];
      const comesOff = at > 0 && cover.isRemovable;
      cover.isOff = comesOff ? !innerOn : false;
      // Inside a house there is no wind.
      const inside: f64 = cover.isOff ? OFF_CHANGES_PER_HOUR : cover.leakStillPerHour;
      const outside: f64 =
        cover.leakStillPerHour + cover.leakPerMps * windMps + vent * this.ventChangesPerHour;
      const changes: f64 = at === 0 ? outside : inside;
      cover.leakWPerK = (cover.airHeatJPerK * changes) / SECONDS_PER_HOUR;
    }
    const gap: Same = this.sheetGapWPerM2K;
    // A second sheet beyond a gap comes to rest between the inner sheet and the outside at once.
    const bySheet: f64 = gap > 0 ? gap / (gap + outsideWPerM2K(windMps) + SKY_W_PER_M2K) : 1;
    this.outward = snow ? Math.min(LOSS_UNDER_SNOW, bySheet) : bySheet;
    // Air that leaves takes its moisture along, and with it the heat that made it.
    this.moist = this.staysDry ? 1 : wetting((this.covers[0] as Cover).airC, WET_AIR);
  }

  /** Convection, evaporation and air changes; each thing's own heat. */
  private exchange(airC: f64, windMps: f64, stepS: Same): void {
    const system = this.system;
    const count = this.count;
    for (let at: i32 = 0; at < count; at += 1) {
      const cover: Cover = this.covers[at];
      const area: Same = cover.areaRatio * cover.share;
      const air = count + at;
      if (at === 0) {
        system.anchor(0, airC, area * outsideWPerM2K(windMps) * this.outward);
        system.anchor(air, airC, this.moist * cover.leakWPerK);
      } else {
        system.couple(at, air - 1, cover.isOff ? 0 : area * INSIDE_W_PER_M2K);
        system.couple(air, air - 1, cover.leakWPerK);
      }
      const wets: Each = cover.isWet && !cover.isOff;
      const inside: f64 = wets
        ? INSIDE_W_PER_M2K * wetting(cover.tempC, WET_COVER)
        : INSIDE_W_PER_M2K;
      system.couple(at, air, area * inside);
      system.anchor(at, cover.tempC, coverHeat(cover) / stepS);
      system.anchor(air, cover.airC, cover.airHeatJPerK / stepS);
    }
    const bed = 2 * count;
    const bedSoil: f64 = SOIL_W_PER_M2K * wetting(this.surfaceC, WET_SOIL);
    system.couple(bed, bed - 1, (1 - this.pathShare) * bedSoil);
    if (this.pathShare > 0) {
      const pathSoil: f64 = SOIL_W_PER_M2K * wetting(this.pathC, WET_SOIL);
      system.couple(bed + 1, count, this.pathShare * pathSoil);
    }
    // Barrels of water stand in the outermost space; only that air warms them.
    if (this.barrelLitres > 0) {
      const keeps: Same = (this.barrelLitres * BARREL_J_PER_LITRE_K) / stepS;
      const passes: Same = BARREL_W_PER_LITRE_K * this.barrelLitres;
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
    if (!some(sunWPerM2 > 0)) return;
    const count = this.count;
    const system = this.system;
    let light: f64 = sunWPerM2 * (snow ? LIGHT_UNDER_SNOW : 1);
    let belowOutermost: f64 = light;
    let taken: f64 = 0;
    for (let at: i32 = 0; at < count; at += 1) {
      const cover: Cover = this.covers[at];
      const through: f64 = cover.isOff ? 1 : cover.light;
      const kept: f64 = light * (1 - through) * COVER_ABSORBS * cover.share;
      system.gain(at, kept);
      taken += kept;
      light *= through;
      if (at === 0) belowOutermost = light;
    }
    const bedShare: Same = 1 - this.pathShare;
    const ground: f64 = SOIL_ABSORBS * light;
    system.gain(2 * count, bedShare * ground * (1 - this.leavesHide));
    this.leaves(ground * this.leavesHide, bedShare);
    taken += bedShare * ground;
    if (this.pathShare > 0) {
      const path: f64 = this.pathShare * SOIL_ABSORBS * belowOutermost;
      system.gain(2 * count + 1, path);
      taken += path;
    }
    this.sunW = taken;
  }

  /** Leaves warm the air with the sun that they do not spend on evaporating water. */
  private leaves(sunW: f64, bedShare: Same): void {
    const count = this.count;
    const inner: Cover = this.covers[count - 1];
    let vapourW: f64 = bedShare * transpirationW(sunW, inner.airC, this.leafAreaIndex);
    this.system.gain(2 * count - 1, bedShare * sunW - vapourW);
    // Space by space on its way out: on wet covers it condenses, by the share that does not leave with the air.
    for (let at: i32 = count - 1; at >= 0; at -= 1) {
      const cover: Cover = this.covers[at];
      const film: Same = cover.areaRatio * cover.share * INSIDE_W_PER_M2K;
      const takes: Each = cover.isWet && !cover.isOff;
      const condensesW: f64 = takes ? (vapourW * film) / (film + cover.leakWPerK) : 0;
      this.system.gain(at, condensesW);
      vapourW -= condensesW;
    }
    this.vapourOutW = vapourW;
  }

  private intoSoil(surface: i32, column: SoilColumn, share: Same): void {
    const passes: Same = share * CONDUCTANCE[0];
    this.system.gainPerK(surface, surface, -passes * (1 - column.slope[0]));
    this.system.gain(surface, passes * column.base[0]);
  }

  /** Takes the solved step over. */
  private take(stepS: Same): void {
    const solved = this.system.right;
    const count = this.count;
    for (let at: i32 = 0; at < count; at += 1) {
      const cover: Cover = this.covers[at];
      cover.tempC = solved[at];
      cover.airC = solved[count + at];
      const colder: f64 = cover.airC - cover.tempC;
      const dries: Each = colder <= 0;
      const wets: Each = colder > WETS_BELOW_C;
      const stays: Each = dries ? false : cover.isWet;
      cover.isWet = wets ? !this.staysDry : stays;
    }
    this.surfaceC = solved[2 * count];
    this.bedSoil.settle(this.surfaceC);
    if (this.pathShare > 0) {
      this.pathC = solved[2 * count + 1];
      this.pathSoil.settle(this.pathC);
    }
    if (this.barrelLitres > 0) {
      const keeps: Same = (this.barrelLitres * BARREL_J_PER_LITRE_K) / stepS;
      const passes: Same = BARREL_W_PER_LITRE_K * this.barrelLitres;
      const spaceC: f64 = (this.covers[0] as Cover).airC;
      this.barrelC = (keeps * this.barrelC + passes * spaceC) / (keeps + passes);
    }
  }
}

/** Convection at the outside of a cover, W/m²K (Garzoli & Blackwell 1981). */
export function outsideWPerM2K(windMps: f64): f64 {
  return OUTSIDE_STILL + OUTSIDE_PER_MPS * windMps;
}

/** A cover's own heat, J/K for each square metre of ground. */
export function coverHeat(cover: Cover): Same {
  return COVER_J_PER_M2K * cover.areaRatio * cover.share;
}
