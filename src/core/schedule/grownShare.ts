import type { DayNumber } from "../calendar";
import {
  dayWhenGathered,
  standingPacketDays,
  sumBetween,
  type PlanSettings,
  type Site,
} from "../growth";
import type { Growing, Timeline } from "./growing";

/**
 * How far a planting is grown on a day: 0 when sown, 1 at full size; it is picked somewhat earlier.
 *
 * By growth this is its packet days over those it needs. The other schools decide otherwise when it
 * is ready, so their growth is stretched to be 1 on that day.
 */
export function grownShare(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  timeline: Timeline,
  day: DayNumber,
): number {
  if (day <= timeline.sowDay) return 0;
  if (timeline.fullSizeDay !== null && day >= timeline.fullSizeDay) return 1;
  if (settings.school === "calendar" && timeline.readyDay !== null) {
    return (day - timeline.sowDay) / (timeline.readyDay - timeline.sowDay);
  }
  const share = packetShare(site, growing, timeline, day);
  if (settings.school === "growth" || timeline.readyDay === null) return Math.min(1, share);
  const atReady = packetShare(site, growing, timeline, timeline.readyDay);
  return Math.min(1, share / Math.max(atReady, 1e-6));
}

/** How far it is grown by its packet days alone, whatever school decides when it is ready; 0 to 1. */
export function sizeShare(
  site: Site,
  growing: Growing,
  timeline: Timeline,
  day: DayNumber,
): number {
  if (timeline.fullSizeDay !== null && day >= timeline.fullSizeDay) return 1;
  return Math.min(1, packetShare(site, growing, timeline, day));
}

function packetShare(site: Site, growing: Growing, timeline: Timeline, day: DayNumber): number {
  const need = timeline.requirement;
  if (need.benchDays === 0) {
    const { emergeDay } = timeline;
    if (emergeDay === null || day <= emergeDay) return 0;
    const growth = site.growth(growing.crop, growing, timeline.sowDay);
    return sumBetween(growth, emergeDay, day) / need.bedPacketDays;
  }
  const bedDay = timeline.plantOutDay ?? timeline.sowDay + need.benchDays;
  const onBench = need.benchPacketDays * Math.min(1, (day - timeline.sowDay) / need.benchDays);
  const growth = site.growth(growing.crop, growing, timeline.sowDay);
  const inBed = day > bedDay ? sumBetween(growth, bedDay, day) : 0;
  return (onBench + inBed) / need.totalPacketDays;
}

/** What is left of a ready planting on a day: 1 until it is full-grown, 0 once its standing is used up. */
export function standingShare(
  site: Site,
  growing: Growing,
  timeline: Timeline,
  day: DayNumber,
): number {
  const { readyDay, holdsUntilDay } = timeline;
  if (readyDay === null || holdsUntilDay === null) return 1;
  if (day >= holdsUntilDay) return day > readyDay ? 0 : 1;
  const fromDay = timeline.fullSizeDay ?? readyDay;
  if (day <= fromDay) return 1;
  const growth = site.growth(growing.crop, growing, timeline.sowDay);
  const spent = sumBetween(growth, fromDay, day);
  return Math.max(0, 1 - spent / standingPacketDays(growing.crop, growing.stage));
}

/** What a day is worth in packet days to a planting in its bed. */
export function worthOn(site: Site, growing: Growing, sowDay: DayNumber, day: DayNumber): number {
  const growth = site.growth(growing.crop, growing, sowDay);
  return sumBetween(growth, day, day + 1);
}

/** Days from a day until a planting in its bed has gathered so many packet days; a year where it never does. */
export function daysUntilWorth(
  site: Site,
  growing: Growing,
  sowDay: DayNumber,
  day: DayNumber,
  packetDays: number,
): number {
  const growth = site.growth(growing.crop, growing, sowDay);
  return (dayWhenGathered(growth, day, packetDays) ?? day + DAYS_PER_YEAR) - day;
}

const DAYS_PER_YEAR = 365;
