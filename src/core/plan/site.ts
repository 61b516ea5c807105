import { isoDate, seasonOf, type DayNumber, type Season } from "../calendar";
import type { Climate } from "../climate";
import type { Crop } from "../crops";
import { growingSpace, type CoverIds, type GrowingSpace } from "../shelter";
import { shortDays, type ShortDays } from "../sky";
import { coldCurve, growthCurve, type RunningSum } from "./growthCurve";

/** The three ways to count; growers hold to one and compare the others. */
export type School = "growth" | "calendar" | "tenhour";

/** What a plan assumes, chosen by the grower. */
export interface PlanSettings {
  school: School;
  /** Chance of loss or early frost that is taken; 0.2 is "1 year in 5". */
  frostRisk: number;
  /** Hours of daylight under which days count as short. */
  shortDayHours: number;
  /** Calendar school: days added to the packet's in fall. */
  fallAdditionDays: number;
  /** Ten-hour school: share of full size to have before the short days. */
  grownBeforeShortDays: number;
}

export const USUAL_PLAN_SETTINGS: PlanSettings = {
  school: "growth",
  frostRisk: 0.2,
  shortDayHours: 10,
  fallAdditionDays: 14,
  grownBeforeShortDays: 0.9,
};

/** Days before a season's start that its curves reach back: leeks for winter are sown in spring. */
const DAYS_BEFORE_SEASON = 200;
/** Length of the curves: until the second summer's end, when an overwintered crop is long ready. */
const CURVE_DAYS = 1000;
/** Curves kept at a time; a garden seldom has more stacks of covers × crops. */
const CURVES_KEPT = 600;

/**
 * A place as plans see it: its climate, its seasons, and the running sums for each crop and stack
 * of covers, made once and kept. Everything a drag needs is a look-up in these.
 */
export class Site {
  private readonly spaces = new Map<string, GrowingSpace>();
  private readonly curves = new Map<string, RunningSum>();
  private readonly shortDaysBySeason = new Map<string, ShortDays | null>();

  constructor(
    readonly latitudeDeg: number,
    readonly climate: Climate,
  ) {}

  season(day: DayNumber): Season {
    return seasonOf(this.latitudeDeg, day);
  }

  shortDays(season: Season, thresholdH: number): ShortDays | null {
    const key = `${season.startDay}|${thresholdH}`;
    let found = this.shortDaysBySeason.get(key);
    if (found === undefined) {
      found = shortDays(this.latitudeDeg, season, thresholdH);
      this.shortDaysBySeason.set(key, found);
    }
    return found;
  }

  /** Packet days gathered by a crop under covers, around the season that `day` belongs to. */
  growth(crop: Crop, covers: CoverIds, day: DayNumber): RunningSum {
    const season = this.season(day);
    const key = `${cropKey(crop)}|${covers.join("+")}|${season.startDay}`;
    return this.kept(key, () => growthCurve(this.space(covers, season), crop));
  }

  /** Odds of nights that kill at a temperature, under covers, around the season of `day`. */
  cold(lethalTempC: number, covers: CoverIds, day: DayNumber): RunningSum {
    const season = this.season(day);
    const key = `${lethalTempC}|${covers.join("+")}|${season.startDay}`;
    return this.kept(key, () => coldCurve(this.space(covers, season), lethalTempC));
  }

  private space(covers: CoverIds, season: Season): GrowingSpace {
    const key = `${covers.join("+")}|${isoDate(season.startDay)}`;
    let space = this.spaces.get(key);
    if (!space) {
      space = growingSpace(this.climate, covers, season.startDay - DAYS_BEFORE_SEASON, CURVE_DAYS);
      this.spaces.set(key, space);
    }
    return space;
  }

  private kept(key: string, make: () => RunningSum): RunningSum {
    const found = this.curves.get(key);
    if (found) return found;
    if (this.curves.size >= CURVES_KEPT) {
      const oldest = this.curves.keys().next().value;
      if (oldest !== undefined) this.curves.delete(oldest);
    }
    const made = make();
    this.curves.set(key, made);
    return made;
  }
}

/** Two crops with the same temperature and light needs grow alike and can share a curve. */
function cropKey(crop: Crop): string {
  const { minimumC, optimumC, ceilingC } = crop.temperature;
  return `${minimumC},${optimumC},${ceilingC},${crop.lightHalfMol}`;
}
