import { DAYS_PER_WEEK, type DayNumber, type Season } from "../calendar";
import { firstFrostDay, FROST_THRESHOLDS_C, lastFrostDay } from "../climate";
import type { CoverCrop } from "../soil";
import { sumBetween, type Exposure, type Site } from "../growth";

/** A cover crop for a bed: when, how much, what the winter does to it, when it must go in. */
export interface GreenManure {
  crop: CoverCrop;
  /**
   * The sowing window that is open, was just missed, or comes next; null where frost is too seldom to
   * count from.
   */
  window: SowingWindow | null;
  /** `open`: sown on the day it would do. `early`, `late`: outside the window. `any`: no frost here. */
  when: "open" | "early" | "late" | "any";
  /** Seed in rows, and thrown by hand, g. */
  drilledGrams: number;
  broadcastGrams: number;
  /** Chance that the winter kills it. */
  winterKillChance: number;
  /** The day to turn it in, when the bed is wanted again; null when it is not. */
  turnInDay: DayNumber | null;
}

/** When a cover crop is sown: about the first fall frost, or about the last one in spring. */
export interface SowingWindow {
  fromDay: DayNumber;
  toDay: DayNumber;
  season: "fall" | "spring";
}

const MEDIAN = 0.5;
/** A window is told as missed for so long; then the next one is told. */
const MISSED_FOR_DAYS = 45;
/** Looked at from the sowing to the end of the winter. */
const WINTER_DAYS = 200;

/**
 * Every cover crop for an area on a day, those whose window is open first, the hardy before the soft.
 *
 * @param wantedDay the next sowing in the bed; null when there is none
 */
export function greenManures(
  site: Site,
  crops: Iterable<CoverCrop>,
  exposure: Exposure,
  areaM2: number,
  day: DayNumber,
  wantedDay: DayNumber | null,
): GreenManure[] {
  const frosts = frostsAround(site, day);
  const found = [...crops].map((crop): GreenManure => {
    const window = windowFor(crop, frosts, day);
    // Its killing temperature is told for winter; whether it dies before then matters little.
    const range = { unhardenedLt50C: crop.hardenedLt50C, hardenedLt50C: crop.hardenedLt50C };
    const kill = sumBetween(site.cold(range, exposure, day), day, day + WINTER_DAYS);
    return {
      crop,
      window,
      when: whenOf(window, day),
      drilledGrams: crop.sowingGramsPerM2.drilled * areaM2,
      broadcastGrams: crop.sowingGramsPerM2.broadcast * areaM2,
      winterKillChance: 1 - Math.exp(-kill),
      turnInDay:
        wantedDay === null ? null : wantedDay - crop.turnInWeeksBeforeSowing * DAYS_PER_WEEK,
    };
  });
  const order = { open: 0, any: 1, early: 2, late: 3 };
  return found.sort(
    (a, b) =>
      order[a.when] - order[b.when] ||
      a.winterKillChance - b.winterKillChance ||
      a.crop.hardenedLt50C - b.crop.hardenedLt50C ||
      (a.crop.name < b.crop.name ? -1 : 1),
  );
}

interface Frosts {
  /** Median first frosts of fall and last frosts of spring of the seasons around a day. */
  first: readonly DayNumber[];
  last: readonly DayNumber[];
}

/** Of the season before, for summer's last spring sowings, of this one and of the one ahead. */
function frostsAround(site: Site, day: DayNumber): Frosts {
  const now = site.season(day);
  const seasons = [site.season(now.startDay - 1), now, site.season(now.endDay + 1)];
  const days = (
    frostOf: (
      climate: Site["climate"],
      season: Season,
      atC: number,
      chance: number,
    ) => number | null,
  ) =>
    seasons.flatMap(
      (season) => frostOf(site.climate, season, FROST_THRESHOLDS_C.light, MEDIAN) ?? [],
    );
  return { first: days(firstFrostDay), last: days(lastFrostDay) };
}

/** The window that is open on a day, else the one just missed, else the next. */
function windowFor(
  { sowWeeksBeforeFrost, sowWeeksBeforeLastFrost }: CoverCrop,
  { first, last }: Frosts,
  day: DayNumber,
): SowingWindow | null {
  const about = (
    frostDay: DayNumber,
    { earliest, latest }: CoverCrop["sowWeeksBeforeFrost"],
    season: SowingWindow["season"],
  ): SowingWindow => ({
    fromDay: frostDay - earliest * DAYS_PER_WEEK,
    toDay: frostDay - latest * DAYS_PER_WEEK,
    season,
  });
  const windows = [
    ...first.map((frostDay) => about(frostDay, sowWeeksBeforeFrost, "fall")),
    ...(sowWeeksBeforeLastFrost
      ? last.map((frostDay) => about(frostDay, sowWeeksBeforeLastFrost, "spring"))
      : []),
  ].sort((a, b) => a.fromDay - b.fromDay);
  const open = windows.find(({ fromDay, toDay }) => fromDay <= day && day <= toDay);
  const missed = windows.findLast(({ toDay }) => toDay < day && day - toDay <= MISSED_FOR_DAYS);
  return open ?? missed ?? windows.find(({ fromDay }) => fromDay > day) ?? windows.at(-1) ?? null;
}

function whenOf(window: GreenManure["window"], day: DayNumber): GreenManure["when"] {
  if (!window) return "any";
  if (day < window.fromDay) return "early";
  return day > window.toDay ? "late" : "open";
}
