import type { DayNumber } from "../calendar";
import { pacedAt } from "../crops";
import { derive } from "../derive";
import { dayWhenGathered, manyYears, type PlanSettings, type Site } from "../growth";
import { needOf, type Growing, type Timeline } from "./growing";
import { bedPacketDaysFor, type Size } from "./readiness";
import { springReadyDay, winterOf } from "./spring";

/** A date and how it strays: in one year of five it comes before the first, in one after the last. */
export interface DateSpread {
  /** Null when it comes in fewer years than that. */
  p20: DayNumber | null;
  p50: DayNumber | null;
  p80: DayNumber | null;
}

/** How the dates of a planting stray from year to year. */
export interface Spread {
  usable: DateSpread;
  full: DateSpread;
}

/**
 * How far the first picking and full size of a planting stray from year to year: made years through the
 * same growth. Only the growth school has a spread; the others count days.
 *
 * @returns null where the school has none, or it is never ready
 */
export function spreadOf(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  timeline: Timeline,
): Spread | null {
  if (settings.school !== "growth" || timeline.readyDay === null) return null;
  return derive([timeline, site, growing], spreadFrom);
}

function spreadFrom(timeline: Timeline, site: Site, growing: Growing): Spread {
  return {
    usable: fifths(readyInYears(site, growing, timeline, "usable")),
    full: fifths(readyInYears(site, growing, timeline, "full")),
  };
}

/** The share of years in which a planting is first picked on a day or before; null where there is no spread. */
export function shareReadyBy(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  timeline: Pick<Timeline, "sowDay" | "plantOutDay" | "emergeDay">,
  byDay: DayNumber,
): number | null {
  if (settings.school !== "growth") return null;
  const days = readyInYears(site, growing, timeline, "usable");
  return days.filter((day) => day <= byDay).length / days.length;
}

/** The day a size is come to in each made year, soonest first; infinite where it never is. */
function readyInYears(
  site: Site,
  growing: Growing,
  { sowDay, plantOutDay, emergeDay }: Pick<Timeline, "sowDay" | "plantOutDay" | "emergeDay">,
  size: Size,
): number[] {
  const need = needOf(growing);
  const there = pacedAt(growing.crop, growing.pace);
  const { growth, sprouting } = manyYears(site.space(growing, sowDay), there);
  const wanted = bedPacketDaysFor(growing, need, size);
  const spring = growing.crop.winterNeeded;
  return growth
    .map((curve, year) => {
      // Sprouting strays as growth does; planting out keeps its day.
      const ofYear = sprouting[year];
      const startDay =
        plantOutDay ?? (ofYear && emergeDay !== null ? dayWhenGathered(ofYear, sowDay, 1) : null);
      if (startDay === null) return Infinity;
      const grownDay = dayWhenGathered(curve, startDay, wanted) ?? Infinity;
      if (!spring) return grownDay;
      const winter = winterOf(site, growing, sowDay, startDay);
      return Math.max(grownDay, springReadyDay(site, spring, curve, winter) ?? Infinity);
    })
    .sort((a, b) => a - b);
}

function fifths(days: readonly number[]): DateSpread {
  const at = (share: number) => {
    const day = days[Math.min(days.length - 1, Math.floor(share * days.length))] ?? Infinity;
    return day === Infinity ? null : day;
  };
  return { p20: at(0.2), p50: at(0.5), p80: at(0.8) };
}
