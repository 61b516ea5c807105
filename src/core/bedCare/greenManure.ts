import { DAYS_PER_WEEK, type DayNumber } from "../calendar";
import { firstFrostDay, FROST_THRESHOLDS_C } from "../climate";
import type { CoverCrop } from "../soil";
import { sumBetween, type Exposure, type Site } from "../growth";

/** A cover crop for a bed: when, how much, what the winter does to it, when it must go in. */
export interface GreenManure {
  crop: CoverCrop;
  /** Sowing window of this season here; null where frost is too seldom to count from. */
  window: { fromDay: DayNumber; toDay: DayNumber } | null;
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

const MEDIAN = 0.5;
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
  const frostDay = firstFrostDay(site.climate, site.season(day), FROST_THRESHOLDS_C.light, MEDIAN);
  const found = [...crops].map((crop): GreenManure => {
    const window =
      frostDay === null
        ? null
        : {
            fromDay: frostDay - crop.sowWeeksBeforeFrost.earliest * DAYS_PER_WEEK,
            toDay: frostDay - crop.sowWeeksBeforeFrost.latest * DAYS_PER_WEEK,
          };
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

function whenOf(window: GreenManure["window"], day: DayNumber): GreenManure["when"] {
  if (!window) return "any";
  if (day < window.fromDay) return "early";
  return day > window.toDay ? "late" : "open";
}
