import type { DayNumber } from "../calendar";
import { firstFrostDay, FROST_THRESHOLDS_C } from "../climate";
import type { Crop, Variety } from "../crops";
import { dayWhenGathered, latestStart, sumBetween, type RunningSum } from "./growthCurve";
import {
  requirement,
  standingPacketDays,
  type Method,
  type Requirement,
  type Stage,
} from "./requirement";
import type { Exposure, PlanSettings, Site } from "./site";

const WINTERS_LOOKED_AT = 2;

/** One way to grow something: everything that decides its dates but the date itself. */
export interface Growing extends Exposure {
  crop: Crop;
  variety: Variety;
  method: Method;
  stage: Stage;
}

/** The life of one planting, as day numbers. */
export interface Timeline {
  sowDay: DayNumber;
  /** When seedlings move to the bed; null when sown direct. */
  plantOutDay: DayNumber | null;
  emergeDay: DayNumber | null;
  /** Null when it does not get ready within the two years looked at. */
  readyDay: DayNumber | null;
  /** Last day it is expected to stand in good order; null when never ready. */
  holdsUntilDay: DayNumber | null;
  /** The day by which a night that kills it has come with the chosen risk; null when less likely. */
  coldLossDay: DayNumber | null;
  /** Chance that such a night comes before it is ready (0 to 1); null when never ready. */
  lossBeforeReady: number | null;
  requirement: Requirement;
}

/** The temperature that kills half of a planting once it is hardened, °C at the crop. */
export function lethalTempC(growing: Growing): number {
  return growing.variety.hardenedLt50C ?? growing.crop.hardiness.hardenedLt50C;
}

/** What becomes of a sowing on a date, by the school in force. */
export function timelineFrom(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  sowDay: DayNumber,
): Timeline {
  const need = requirement(growing.crop, growing.variety, growing.method, growing.stage);
  const bedDay = sowDay + need.benchDays;
  const growth = site.growth(growing.crop, growing, sowDay);
  const readyDay = readyDayBy(site, settings, growing, need, sowDay);
  const cold = site.cold(lethalTempC(growing), growing, sowDay);
  const coldLossDay = dayWhenGathered(cold, bedDay, -Math.log(1 - settings.frostRisk));
  let holdsUntilDay: DayNumber | null = null;
  let lossBeforeReady: number | null = null;
  if (readyDay !== null) {
    const standing = standingPacketDays(growing.crop, growing.stage);
    const spentDay = dayWhenGathered(growth, readyDay, standing) ?? readyDay + 365;
    holdsUntilDay =
      coldLossDay !== null && coldLossDay > readyDay ? Math.min(spentDay, coldLossDay) : spentDay;
    lossBeforeReady = 1 - Math.exp(-sumBetween(cold, bedDay, readyDay));
  }
  return {
    sowDay,
    plantOutDay: need.benchDays > 0 ? bedDay : null,
    emergeDay:
      need.benchDays > 0 ? null : dayWhenGathered(growth, sowDay, need.emergencePacketDays),
    readyDay,
    holdsUntilDay,
    coldLossDay:
      coldLossDay !== null && holdsUntilDay !== null && coldLossDay > holdsUntilDay
        ? null
        : coldLossDay,
    lossBeforeReady,
    requirement: need,
  };
}

/** The day a sowing is ready, by the school in force; null when not within the days looked at. */
export function readyDayBy(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  need: Requirement,
  sowDay: DayNumber,
): DayNumber | null {
  const bedDay = sowDay + need.benchDays;
  if (settings.school === "calendar") {
    return bedDay + Math.ceil(need.bedPacketDays + settings.fallAdditionDays);
  }
  const growth = site.growth(growing.crop, growing, sowDay);
  const byGrowth = dayWhenGathered(growth, bedDay, need.bedPacketDays);
  if (settings.school === "growth") return byGrowth;

  return heldReadyDay(site, settings, growth, need.bedPacketDays, bedDay);
}

/**
 * The ten-hour school: growth counts until the days are short; what is nearly full-grown by then
 * holds and is picked as it stands, and the rest waits for the light to come back.
 */
function heldReadyDay(
  site: Site,
  settings: PlanSettings,
  growth: RunningSum,
  needed: number,
  bedDay: DayNumber,
): DayNumber | null {
  let fromDay = bedDay;
  let left = needed;
  let season = site.season(bedDay);
  for (let winter = 0; winter < WINTERS_LOOKED_AT; winter += 1) {
    const short = site.shortDays(season, settings.shortDayHours);
    season = site.season(season.endDay + 1);
    if (!short || fromDay > short.toDay) continue;
    const ready = dayWhenGathered(growth, fromDay, left);
    if (ready !== null && ready <= short.fromDay) return ready;
    if (fromDay < short.fromDay) {
      left -= sumBetween(growth, fromDay, short.fromDay);
      if (needed - left >= settings.grownBeforeShortDays * needed) return short.fromDay;
    }
    fromDay = short.toDay + 1;
  }
  return dayWhenGathered(growth, fromDay, left);
}

/**
 * The latest sowing that is ready by a date, by the school in force.
 *
 * @returns null when no sowing of the two hundred days before the season would do
 */
export function latestSowingFor(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  readyByDay: DayNumber,
): DayNumber | null {
  const need = requirement(growing.crop, growing.variety, growing.method, growing.stage);
  if (settings.school === "calendar") {
    return readyByDay - Math.ceil(need.bedPacketDays + settings.fallAdditionDays) - need.benchDays;
  }
  const growth = site.growth(growing.crop, growing, readyByDay);
  const bedDay = latestStart(growth, readyByDay, need.bedPacketDays);
  if (settings.school === "growth") return bedDay === null ? null : bedDay - need.benchDays;

  // Holding makes this school's answer jump, so walk back from the earliest it can be.
  let sowDay = readyByDay - need.benchDays;
  const floorDay = growth.firstDay;
  while (sowDay >= floorDay) {
    const ready = readyDayBy(site, settings, growing, need, sowDay);
    if (ready !== null && ready <= readyByDay) return sowDay;
    sowDay -= 1;
  }
  return null;
}

/**
 * The day of first frost from which the calendar school counts back, at the chosen risk.
 *
 * @returns null where frost is less likely than the risk taken
 */
export function frostCountedFrom(site: Site, settings: PlanSettings, day: DayNumber) {
  return firstFrostDay(
    site.climate,
    site.season(day),
    FROST_THRESHOLDS_C.light,
    settings.frostRisk,
  );
}
