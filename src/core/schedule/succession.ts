import type { DayNumber } from "../calendar";
import {
  dayWhenGathered,
  latestStart,
  standingPacketDays,
  sumBetween,
  type PlanSettings,
  type Site,
} from "../growth";
import { needOf, type Growing, type Timeline } from "./growing";
import { growthStartDay, latestSowingFor } from "./readiness";
import { timelineFrom } from "./timeline";

/** How the sowings of a succession follow each other. */
export interface SuccessionRule {
  /**
   * `growth`: so many packet days apart, so that each is ready as the one before is used up; in the
   * dark both growing and being used up stretch, and with them the intervals. `calendar`: a harvest
   * every so many calendar days; toward winter the sowings crowd together for that.
   */
  rule: "growth" | "calendar";
  /** Packet days by growth, calendar days by the calendar. */
  interval: number;
}

/** The rule "every so many days, as they are when the first is sown". */
export function ruleFromDays(
  site: Site,
  growing: Growing,
  firstSowDay: DayNumber,
  days: number,
): SuccessionRule {
  const startDay = bedDayOf(site, growing, firstSowDay);
  const growth = site.growth(growing.crop, growing, firstSowDay);
  const interval = startDay === null ? days : sumBetween(growth, startDay, startDay + days);
  return { rule: "growth", interval: Math.max(1, Math.round(interval * 10) / 10) };
}

/** The rule by which each sowing is ready when the one before has been standing as long as it does. */
export function ruleFromStanding(growing: Growing): SuccessionRule {
  return { rule: "growth", interval: standingPacketDays(growing.crop, growing.stage) };
}

/**
 * The sowing days of a succession, earliest first, from any one of them.
 *
 * @param at      which of the sowings is given, 0 for the first
 * @param sowDay  its day
 * @returns as many as asked for, fewer where growth gives out before
 */
export function successionSowDays(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  rule: SuccessionRule,
  count: number,
  sowDay: DayNumber,
  at = 0,
): DayNumber[] {
  const step =
    rule.rule === "growth"
      ? stepByGrowth(site, growing, rule.interval)
      : stepByCalendar(site, settings, growing, rule.interval);
  const after: DayNumber[] = [];
  for (let day: DayNumber | null = sowDay; after.length < count - at - 1;) {
    day = step(day, 1);
    if (day === null) break;
    after.push(day);
  }
  const before: DayNumber[] = [];
  for (let day: DayNumber | null = sowDay; before.length < at;) {
    day = step(day, -1);
    if (day === null) break;
    before.unshift(day);
  }
  return [...before, sowDay, ...after];
}

type Step = (sowDay: DayNumber, direction: 1 | -1) => DayNumber | null;

/** Sowings so many packet days apart, counted from when each begins to grow in the bed. */
function stepByGrowth(site: Site, growing: Growing, interval: number): Step {
  return (sowDay, direction) => {
    const startDay = bedDayOf(site, growing, sowDay);
    if (startDay === null) return null;
    const growth = site.growth(growing.crop, growing, sowDay);
    const next =
      direction === 1
        ? dayWhenGathered(growth, startDay, interval)
        : latestStart(growth, startDay, interval);
    if (next === null) return null;
    const sown = sowDayFor(site, growing, next);
    // A day is the least step there is, however warm it is.
    return sown === null
      ? null
      : direction === 1
        ? Math.max(sown, sowDay + 1)
        : Math.min(sown, sowDay - 1);
  };
}

/** Sowings whose harvests begin so many calendar days apart. */
function stepByCalendar(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  interval: number,
): Step {
  return (sowDay, direction) => {
    const { readyDay } = timelineFrom(site, settings, growing, sowDay);
    if (readyDay === null) return null;
    const sown = latestSowingFor(
      site,
      settings,
      growing,
      readyDay + direction * Math.round(interval),
    );
    if (sown === null) return null;
    return direction === 1 ? Math.max(sown, sowDay + 1) : Math.min(sown, sowDay - 1);
  };
}

/** When a sowing begins to grow in the bed. */
function bedDayOf(site: Site, growing: Growing, sowDay: DayNumber): DayNumber | null {
  return growthStartDay(site, growing, needOf(growing), sowDay);
}

function sowDayFor(site: Site, growing: Growing, bedDay: DayNumber): DayNumber | null {
  const need = needOf(growing);
  if (need.benchDays > 0) return bedDay - need.benchDays;
  return latestStart(site.sprouting(growing.crop, growing, bedDay), bedDay, 1);
}

/** A succession as it would come out: every sowing with its harvest. */
export interface SuccessionPreview {
  timelines: Timeline[];
  /** Days from each sowing to the next, and from each harvest to the next. */
  sowGaps: number[];
  readyGaps: number[];
  /** The first sowing that would only be ready after the dark; null when none is. */
  firstAfterDark: number | null;
}

/** What would come of a succession. */
export function successionPreview(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  sowDays: readonly DayNumber[],
): SuccessionPreview {
  const timelines = sowDays.map((day) => timelineFrom(site, settings, growing, day));
  const gaps = (days: readonly (DayNumber | null)[]) =>
    days.slice(1).map((day, index) => (day ?? NaN) - (days[index] ?? NaN));
  const waits = timelines.findIndex(({ sowDay, readyDay }) => {
    const season = site.season(sowDay);
    // Where no day is shorter than the limit nothing waits for the light.
    if (!site.shortDays(season, settings.shortDayHours)) return false;
    const { midwinterDay } = season;
    return sowDay <= midwinterDay && (readyDay === null || readyDay > midwinterDay);
  });
  return {
    timelines,
    sowGaps: gaps(sowDays),
    readyGaps: gaps(timelines.map(({ readyDay }) => readyDay)),
    firstAfterDark: waits < 0 ? null : waits,
  };
}
