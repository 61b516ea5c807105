import { derive } from "../derive";
import {
  dayNumberOf,
  dayOfYear,
  DAYS_OF_YEAR,
  seasonOf,
  type DayNumber,
  type Season,
} from "../calendar";
import type { Climate } from "../climate";
import { cardinalsKey, pacedAt, type Crop, type HardinessRange } from "../crops";
import { coldRiskThrough, establishedRisk } from "./coldRisk";
import type { WinterGround } from "./coldMedium";
import type { ColdPart, ColdRisk, PartFrom } from "./coldRisk";
import {
  BY_RULE,
  containerSpace,
  growingSpace,
  movedIndoors,
  type CoverIds,
  type Degrees,
  type GrowingSpace,
  type Indoors,
  type OwnBias,
} from "../shelter";
import { dayLengthOnDay, shortDays, type Horizon, type ShortDays } from "../sky";
import { chillCurve, growthCurve, heatCurve, sproutingCurve, type RunningSum } from "./growthCurve";

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
/** Ranges of parts looked up by themselves; most come again, some were made for one question. */
const RANGES_KEPT = 400;
/** Stacks of covers × skylines × seasons kept at a time; a garden seldom has more in view. */
const SPOTS_KEPT = 60;

/** One stack of covers under one skyline in one season, with the running sums made for it so far. */
interface Spot {
  space: GrowingSpace;
  growth: Map<string, RunningSum>;
  sprouting: Map<string, RunningSum>;
  /** The same by crop: a drag asks for them many times a frame. */
  growthOf: Map<Crop, RunningSum>;
  sproutingOf: Map<Crop, RunningSum>;
  cold: Map<string, RunningSum>;
  /** The same by what kills a part: each part has a range of its own. */
  coldOf: Map<HardinessRange, RunningSum>;
}

/**
 * By what the degrees under covers are told: the growers' rule of thumb, the energy balance, or the
 * balance with what one's own thermometers add.
 */
export type DegreesSchool = "rule" | "balance" | "measured";

/** What a crop stands under: its covers, what their thermometer adds, and the skyline around it. */
export interface Exposure {
  covers: CoverIds;
  horizon: Horizon;
  own?: OwnBias | null;
  /** Straw, leaves or the like over the soil, cm; nothing where there is none. */
  mulchCm?: number;
  /** Whether the snow that usually falls stays there; nothing where it does. */
  snowStays?: boolean;
  /** How fast everything grows at this place as against the garden's others; nothing where it is usual. */
  pace?: number;
  /** Containers that it grows in, and where they stand from when on; nothing in the ground. */
  container?: InContainers;
}

/** Containers as plants feel them: where they stand, and how long their soil takes to follow the air. */
export interface InContainers {
  lagHours: number;
  /** In the order of their days, at least one. */
  stays: readonly {
    fromDay: DayNumber;
    covers: CoverIds;
    indoors: Indoors | null;
    /** What the thermometer of the place adds. */
    own: OwnBias | null;
  }[];
}

/**
 * A place as plans see it: its climate, its seasons, and the running sums for each crop and stack
 * of covers, made once and kept. Everything a drag needs is a look-up in these.
 */
export class Site {
  private readonly spots = new Map<string, Spot>();
  private lastSpot: { exposure: Exposure; seasonStartDay: DayNumber; spot: Spot } | null = null;
  private lastSeason: Season | null = null;
  private dayLengthsH: Float64Array | null = null;
  private readonly shortDaysBySeason = new Map<string, ShortDays | null>();

  constructor(
    readonly latitudeDeg: number,
    readonly climate: Climate,
    readonly degreesSchool: DegreesSchool = "measured",
  ) {}

  /** By what the degrees at an exposure are told. */
  degreesAt({ own }: Exposure): Degrees {
    if (this.degreesSchool === "rule") return BY_RULE;
    return { by: "balance", own: this.degreesSchool === "measured" ? (own ?? null) : null };
  }

  /** The season of a day here; asked for over and over with days of the same one. */
  season(day: DayNumber): Season {
    if (!this.lastSeason || day < this.lastSeason.startDay || day > this.lastSeason.endDay) {
      this.lastSeason = seasonOf(this.latitudeDeg, day);
    }
    return this.lastSeason;
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
  growth(crop: Crop, exposure: Exposure, day: DayNumber): RunningSum {
    const spot = this.spot(exposure, day);
    const there = pacedAt(crop, exposure.pace);
    let curve = spot.growthOf.get(there);
    if (!curve) {
      curve = shared(spot.growth, cropKey(there), () => growthCurve(spot.space, there));
      spot.growthOf.set(there, curve);
    }
    return curve;
  }

  /** Progress toward emergence of a crop in the soil under covers, around the season of `day`. */
  sprouting(crop: Crop, exposure: Exposure, day: DayNumber): RunningSum {
    const spot = this.spot(exposure, day);
    let curve = spot.sproutingOf.get(crop);
    if (!curve) {
      const key = sproutingKey(crop);
      curve = shared(spot.sprouting, key, () => sproutingCurve(spot.space, crop));
      spot.sproutingOf.set(crop, curve);
    }
    return curve;
  }

  /** Days whose mean at the crop is below 10 °C, as a running sum: the chill that sets on flowering. */
  chill(exposure: Exposure, day: DayNumber): RunningSum {
    const spot = this.spot(exposure, day);
    return shared(spot.cold, "chill", () => chillCurve(spot.space));
  }

  /** Degrees by which the means of days at the crop are above one, as a running sum. */
  heat(exposure: Exposure, day: DayNumber, aboveMeanC: number): RunningSum {
    const spot = this.spot(exposure, day);
    return shared(spot.cold, `heat${aboveMeanC}`, () => heatCurve(spot.space, aboveMeanC));
  }

  /** The first day on or after a day that is longer than so many hours; a year on where none is. */
  daysAreLongFrom(day: DayNumber, hours: number): DayNumber {
    let at = day;
    while (at < day + DAYS_OF_YEAR && this.dayLengthH(at) < hours) at += 1;
    return at;
  }

  /** The first day on or after a day that is no longer than so many hours; a year on where none is. */
  daysAreLongUntil(day: DayNumber, hours: number): DayNumber {
    let at = day;
    while (at < day + DAYS_OF_YEAR && this.dayLengthH(at) >= hours) at += 1;
    return at;
  }

  private dayLengthH(day: DayNumber): number {
    this.dayLengthsH ??= Float64Array.from({ length: DAYS_OF_YEAR }, (_, place) =>
      dayLengthOnDay(this.latitudeDeg, dayNumberOf(2000, 1, 1) + place),
    );
    return this.dayLengthsH[dayOfYear(day) - 1] ?? 0;
  }

  /** The usual days under covers and skyline, around the season of `day`. */
  space(exposure: Exposure, day: DayNumber): GrowingSpace {
    return this.spot(exposure, day).space;
  }

  /** Odds of nights that kill plants long there, hardened as they then are, around the season of `day`. */
  cold(range: HardinessRange, exposure: Exposure, day: DayNumber): RunningSum {
    return this.established(exposure, day, { range, medium: "air", depthCm: 0 });
  }

  /**
   * Odds of cold through a planting's life, each part in its own medium from the day it is there.
   *
   * @param startShare how hard the plants are on the first of these days, 0 to 1
   */
  coldRisk(
    exposure: Exposure,
    day: DayNumber,
    parts: readonly PartFrom[],
    startShare: number,
  ): ColdRisk {
    const { space } = this.spot(exposure, day);
    const baseOf = (part: ColdPart) => this.established(exposure, day, part);
    return coldRiskThrough(space, parts, startShare, groundOf(exposure), baseOf);
  }

  private established(exposure: Exposure, day: DayNumber, part: ColdPart): RunningSum {
    const spot = this.spot(exposure, day);
    const { range, medium, depthCm } = part;
    const known = spot.coldOf.get(range);
    if (known) return known;
    const key = `${range.unhardenedLt50C},${range.hardenedLt50C},${medium},${depthCm}`;
    const made = shared(spot.cold, key, () =>
      establishedRisk(spot.space, part, groundOf(exposure)),
    );
    if (spot.coldOf.size >= RANGES_KEPT) spot.coldOf.clear();
    spot.coldOf.set(range, made);
    return made;
  }

  /** The usual days at an exposure: of its place, or of the places of containers that move. */
  private spaceOf(exposure: Exposure, seasonStartDay: DayNumber, degrees: Degrees): GrowingSpace {
    const { horizon, container } = exposure;
    const under = (covers: CoverIds, of: Degrees) => {
      const firstDay = seasonStartDay - DAYS_BEFORE_SEASON;
      return growingSpace(this.climate, covers, horizon, firstDay, CURVE_DAYS, of);
    };
    if (!container) return under(exposure.covers, degrees);
    const stays = container.stays.map(({ fromDay, covers, indoors, own }) => {
      const space = under(covers, this.degreesAt({ covers, horizon, own }));
      return { fromDay, space: indoors ? movedIndoors(space, indoors) : space };
    });
    return containerSpace(stays, seasonStartDay, container.lagHours);
  }

  private spot(exposure: Exposure, day: DayNumber): Spot {
    const { covers, horizon } = exposure;
    const seasonStartDay = this.season(day).startDay;
    const last = this.lastSpot;
    if (
      last &&
      last.exposure.covers === covers &&
      last.exposure.horizon === horizon &&
      last.exposure.own === exposure.own &&
      last.exposure.mulchCm === exposure.mulchCm &&
      last.exposure.snowStays === exposure.snowStays &&
      last.exposure.container === exposure.container &&
      last.seasonStartDay === seasonStartDay
    ) {
      return last.spot;
    }
    const degrees = this.degreesAt(exposure);
    const key = `${spaceKey({ ...exposure, own: degrees.own })}|${seasonStartDay}`;
    let spot = this.spots.get(key);
    if (!spot) {
      if (this.spots.size >= SPOTS_KEPT) this.spots.clear();
      const space = this.spaceOf(exposure, seasonStartDay, degrees);
      spot = {
        space,
        growth: new Map(),
        sprouting: new Map(),
        growthOf: new Map(),
        sproutingOf: new Map(),
        cold: new Map(),
        coldOf: new Map(),
      };
      this.spots.set(key, spot);
    }
    const { own, mulchCm, snowStays, container } = exposure;
    const kept = { covers, horizon, own, mulchCm, snowStays, container };
    this.lastSpot = { exposure: kept, seasonStartDay, spot };
    return spot;
  }
}

function containerKey(container: InContainers | undefined): string {
  if (!container) return "";
  const stays = container.stays.map(
    ({ fromDay, covers, indoors, own }) =>
      `${fromDay}:${indoors ? Object.values(indoors).join(",") : covers.join("+")}${own ? `~${own.nightC},${own.dayC}` : ""}`,
  );
  return `|${container.lagHours.toFixed(2)};${stays.join(";")}`;
}

/** An exposure as text: where it is the same, everything grows alike. */
export function exposureKey(exposure: Exposure): string {
  const { pace = 1 } = exposure;
  return `${spaceKey(exposure)}${pace === 1 ? "" : `@${pace}`}`;
}

/** What decides the days at an exposure, as text, so that beds alike share what is computed for them. */
function spaceKey(exposure: Exposure): string {
  const { covers, horizon, own } = exposure;
  const { mulchCm, snowStays } = groundOf(exposure);
  const bias = own ? `${own.nightC},${own.dayC}` : "";
  const ground = `${mulchCm}${snowStays ? "" : "-"}`;
  const pots = containerKey(exposure.container);
  return `${covers.join("+")}|${bias}|${ground}|${horizonKey(horizon)}${pots}`;
}

/** What lies over the soil at an exposure. */
function groundOf({ mulchCm = 0, snowStays = true }: Exposure): WinterGround {
  return { mulchCm, snowStays };
}

/** A skyline as text, so that two beds with the same one share their sums. */
export function horizonKey(horizon: Horizon): string {
  return derive([horizon], horizonWords);
}

function horizonWords(horizon: Horizon): string {
  return horizon.map((point) => `${point.azimuthDeg},${point.elevationDeg}`).join(" ");
}

/** The curve under a key, made when there is none yet. */
function shared(curves: Map<string, RunningSum>, key: string, make: () => RunningSum): RunningSum {
  const curve = curves.get(key) ?? make();
  curves.set(key, curve);
  return curve;
}

/** Two crops that come up alike share a curve. */
function sproutingKey({ sprouting, here }: Crop): string {
  return `${sprouting.days.join(",")}|${here?.emergencePace ?? 1}`;
}

/** Two crops with the same temperature and light needs grow alike and can share a curve. */
function cropKey({ temperature, lightHalfMol, packetTemperatureC = 0, here }: Crop): string {
  return `${cardinalsKey(temperature)},${lightHalfMol},${packetTemperatureC},${here?.growthPace ?? 1}`;
}
