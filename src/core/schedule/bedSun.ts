import { derive, newTable } from "../derive";
import { DAYS_PER_WEEK, type DayNumber, type Season } from "../calendar";
import { dayLengthOnDay, directSun, LEVEL_HORIZON, lightShareOf, type Horizon } from "../sky";
import { horizonKey, type Site } from "../growth";
import type { Growing, Timeline } from "./growing";
import { fact, type Fact } from "../facts";

/** The sun that reaches the ground of a spot on a usual day. */
export interface GroundSun {
  /** Hours in which the sun stands clear of the skyline, were there no cloud. */
  directSunH: number;
  /** Usual daily light integral over the covers, mol/m². */
  dliMol: number;
}

/** Days and skylines kept. */
const DAYS_KEPT = 2000;
const SKYLINES_KEPT = 40;

/** Sun on the ground under a skyline on one day; kept, since beds with the same skyline share it. */
export function groundSun(site: Site, horizon: Horizon, day: DayNumber): GroundSun {
  const days = derive([site, horizonKey(horizon)], newTable<GroundSun, DayNumber>, SKYLINES_KEPT);
  let sun = days.get(day);
  if (!sun) {
    if (days.size > DAYS_KEPT) days.clear();
    sun = sunOn(site, horizon, day);
    days.set(day, sun);
  }
  return sun;
}

function sunOn(site: Site, horizon: Horizon, day: DayNumber): GroundSun {
  const { latitudeDeg, climate } = site;
  const { directSunH, beamShare } = directSun(latitudeDeg, day, horizon);
  const dayLengthH = dayLengthOnDay(latitudeDeg, day);
  const share = lightShareOf(horizon, climate.clearness(day), beamShare, dayLengthH);
  return { directSunH, dliMol: climate.dliMol(day) * share };
}

/** Share of the open light that a skyline leaves over a stretch of days, both ends looked at. */
export function lightLeft(
  site: Site,
  horizon: Horizon,
  fromDay: DayNumber,
  toDay: DayNumber,
): number {
  if (horizon.length === 0) return 1;
  let [left, open] = [0, 0];
  for (let day = fromDay; day <= toDay; day += DAYS_PER_WEEK) {
    left += groundSun(site, horizon, day).dliMol;
    open += site.climate.dliMol(day);
  }
  return open > 0 ? left / open : 1;
}

/** A week of sun on the ground, told by its middle day. */
export interface WeekOfSun extends GroundSun {
  firstDay: DayNumber;
}

/** Sun on the ground for each week of a season; kept, since it is asked for at every pointer move. */
export function weeksOfSun(site: Site, horizon: Horizon, season: Season): WeekOfSun[] {
  return derive([horizon, site, season.startDay, season.endDay], weeksBetween);
}

function weeksBetween(
  horizon: Horizon,
  site: Site,
  startDay: DayNumber,
  endDay: DayNumber,
): WeekOfSun[] {
  const weeks: WeekOfSun[] = [];
  for (let day = startDay; day <= endDay; day += DAYS_PER_WEEK) {
    weeks.push({ firstDay: day, ...groundSun(site, horizon, day + 3) });
  }
  return weeks;
}

/** A planting that gets less direct sun than its crop needs. */
export interface SunShortfall {
  /** Mean hours of direct sun a day while it grows. */
  directSunH: number;
  neededH: number;
  /** What an open horizon would give in the same days. */
  openH: number;
}

/** Growth is followed for so long where a planting is never ready. */
const LONGEST_LOOK_DAYS = 150;

/**
 * Whether a planting's skyline leaves it too little direct sun between bed and harvest.
 *
 * @returns null when there is enough, or when no skyline takes any: then it is the season, not the spot
 */
export function sunShortfall(
  site: Site,
  growing: Growing,
  timeline: Timeline,
): SunShortfall | null {
  const { horizon, crop } = growing;
  if (horizon.length === 0) return null;
  const fromDay = timeline.plantOutDay ?? timeline.sowDay;
  const toDay = Math.min(timeline.readyDay ?? Infinity, fromDay + LONGEST_LOOK_DAYS);
  let [hours, open, days] = [0, 0, 0];
  // On the same weekdays whatever day it begins, so that crops share what is kept.
  const firstDay = Math.ceil(fromDay / DAYS_PER_WEEK) * DAYS_PER_WEEK;
  for (let day = firstDay; day <= Math.max(firstDay, toDay); day += DAYS_PER_WEEK) {
    hours += groundSun(site, horizon, day).directSunH;
    open += groundSun(site, LEVEL_HORIZON, day).directSunH;
    days += 1;
  }
  const shortfall = {
    directSunH: hours / days,
    openH: open / days,
    neededH: crop.directSunHoursNeeded,
  };
  const isShort = shortfall.directSunH < shortfall.neededH;
  return isShort && shortfall.directSunH < shortfall.openH - 0.25 ? shortfall : null;
}

/**
 * The shortfall in a sentence.
 *
 * @example "Broccoli needs about 6 hours of direct sun a day; the skyline leaves it 4.1 here."
 */
export function shortfallWords(cropName: string, shortfall: SunShortfall): Fact {
  return fact("schedule.needsAboutHoursOfDirectSunADayHere", {
    cropName,
    neededH: shortfall.neededH,
    directSunH: shortfall.directSunH,
  });
}
