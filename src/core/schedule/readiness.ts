import type { DayNumber } from "../calendar";
import { firstFrostDay, FROST_THRESHOLDS_C } from "../climate";
import { packetEmergenceDays, usableShare } from "../crops";
import {
  dayWhenGathered,
  latestStart,
  sumBetween,
  type PlanSettings,
  type Requirement,
  type RunningSum,
  type Site,
} from "../growth";
import { needOf, type Growing } from "./growing";
import { springReadyDay, winterOf } from "./spring";

const WINTERS_LOOKED_AT = 2;

/** What is waited for: the first picking at a usable size, or full size as the packet counts it. */
export type Size = "usable" | "full";

/** Packet days that a planting has to gather in its bed until it has a size. */
export function bedPacketDaysFor(growing: Growing, need: Requirement, size: Size): number {
  if (size === "full") return need.bedPacketDays;
  const left = 1 - usableShare(growing.crop, growing.stage);
  return Math.max(1, need.bedPacketDays - left * (need.bedPacketDays + need.benchPacketDays));
}

/** The day a sowing shows: in the bed by its soil, on the bench by the bench's warmth. */
export function emergenceDay(
  site: Site,
  growing: Growing,
  need: Requirement,
  sowDay: DayNumber,
): DayNumber | null {
  if (need.benchDays === 0) {
    return dayWhenGathered(site.sprouting(growing.crop, growing, sowDay), sowDay, 1);
  }
  const pace = growing.crop.here?.emergencePace ?? 1;
  return sowDay + Math.ceil(packetEmergenceDays(growing.crop) / pace);
}

/** The day from which growth counts: emergence in the bed, or planting out. */
export function growthStartDay(
  site: Site,
  growing: Growing,
  need: Requirement,
  sowDay: DayNumber,
): DayNumber | null {
  return need.benchDays > 0 ? sowDay + need.benchDays : emergenceDay(site, growing, need, sowDay);
}

/**
 * The day a sowing has a size, by the school in force; null when not within the days looked at. The
 * calendar and the ten-hour day count on full size, and have no other.
 */
export function readyDayBy(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  need: Requirement,
  sowDay: DayNumber,
  size: Size = "usable",
): DayNumber | null {
  const startDay = growthStartDay(site, growing, need, sowDay);
  const bedDay = sowDay + need.benchDays;
  return readyDayFrom(site, settings, growing, need, { sowDay, bedDay, startDay }, size);
}

/** The days from which a planting is counted: sown, in its bed, growing there. */
export interface Starts {
  sowDay: DayNumber;
  bedDay: DayNumber;
  startDay: DayNumber | null;
}

/** The same for a planting whose days are partly known. */
export function readyDayFrom(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  need: Requirement,
  { sowDay, bedDay, startDay }: Starts,
  size: Size,
): DayNumber | null {
  if (settings.school === "calendar") {
    // Planted out later than planned, it is ready later by as much.
    return bedDay - need.benchDays + calendarDays(settings, need);
  }
  if (startDay === null) return null;
  const growth = site.growth(growing.crop, growing, sowDay);
  const ready =
    settings.school === "growth"
      ? dayWhenGathered(growth, startDay, bedPacketDaysFor(growing, need, size))
      : heldReadyDay(site, settings, growth, need.bedPacketDays, startDay);
  const spring = growing.crop.winterNeeded;
  if (ready === null || !spring) return ready;
  // Without its winter it makes no head, bulb or pod, however large it has grown.
  const afterWinter = springReadyDay(
    site,
    spring,
    growth,
    winterOf(site, growing, sowDay, startDay),
  );
  return afterWinter === null ? null : Math.max(ready, afterWinter);
}

/** Calendar school: days from sowing to ready, the fall addition and the bench among them. */
function calendarDays(settings: PlanSettings, need: Requirement): number {
  return (
    need.benchDays +
    Math.ceil(need.emergencePacketDays + need.bedPacketDays + settings.fallAdditionDays)
  );
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
 * The latest sowing whose first picking, or full size, comes by a date, by the school in force.
 *
 * @returns null when no sowing of the two hundred days before the season would do
 */
export function latestSowingFor(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  readyByDay: DayNumber,
  size: Size = "usable",
): DayNumber | null {
  const need = needOf(growing);
  if (settings.school === "calendar") {
    return readyByDay - calendarDays(settings, need);
  }
  const growth = site.growth(growing.crop, growing, readyByDay);
  if (settings.school === "growth") {
    const byGrowth = latestStart(growth, readyByDay, bedPacketDaysFor(growing, need, size));
    const startDay = beforeItsWinter(site, growing, growth, readyByDay, byGrowth);
    if (startDay === null) return null;
    if (need.benchDays > 0) return startDay - need.benchDays;
    return latestStart(site.sprouting(growing.crop, growing, readyByDay), startDay, 1);
  }

  // Holding makes this school's answer jump, so walk back from the earliest it can be.
  let sowDay = readyByDay - need.benchDays;
  const floorDay = growth.firstDay;
  while (sowDay >= floorDay) {
    const ready = readyDayBy(site, settings, growing, need, sowDay, size);
    if (ready !== null && ready <= readyByDay) return sowDay;
    sowDay -= 1;
  }
  return null;
}

/** The latest start of growth that still gives a crop the winter it needs before `readyByDay`. */
function beforeItsWinter(
  site: Site,
  growing: Growing,
  growth: RunningSum,
  readyByDay: DayNumber,
  startDay: DayNumber | null,
): DayNumber | null {
  const spring = growing.crop.winterNeeded;
  if (!spring || startDay === null) return startDay;
  const season = site.season(readyByDay);
  const midwinterDay =
    season.midwinterDay <= readyByDay
      ? season.midwinterDay
      : site.season(season.startDay - 1).midwinterDay;
  const afterWinter = springReadyDay(site, spring, growth, midwinterDay);
  if (afterWinter === null || afterWinter > readyByDay) return null;
  return Math.min(startDay, midwinterDay);
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
