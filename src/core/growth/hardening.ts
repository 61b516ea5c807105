import { dayNumber, dayOfYear, isoDate, type DayNumber } from "../calendar";
import type { OutlookDay } from "../climate";
import { hardenedAfter, hardeningDay, lt50At, type HardinessRange } from "../crops";
import type { ThermometerDay } from "../log";
import { COURSE_STEPS } from "../shelter";
import { hardeningYear } from "./hardeningYear";
import type { Exposure, Site } from "./site";

/** How far plants are hardened on each day between two, in usual weather at the crop, 0 to 1. */
function hardenedCourse(
  site: Site,
  exposure: Exposure,
  fromDay: DayNumber,
  toDay: DayNumber,
): Float64Array {
  const year = hardeningYear(site.space(exposure, fromDay)).established;
  return Float64Array.from(
    { length: toDay - fromDay + 1 },
    (_, index) => year[dayOfYear(fromDay + index) - 1] ?? 0,
  );
}

/** The temperature that kills half of a crop on each day between two, in usual weather, °C. */
export function lt50Course(
  site: Site,
  exposure: Exposure,
  range: HardinessRange,
  fromDay: DayNumber,
  toDay: DayNumber,
): Float64Array {
  return hardenedCourse(site, exposure, fromDay, toDay).map((share) => lt50At(range, share));
}

/** What plants felt longer ago than this is forgotten. */
const REMEMBERED_DAYS = 60;

/**
 * How far plants are hardened on a day and on each day after it, by the temperatures they felt: as
 * their thermometer read where it did, by the outlook where it reaches, else as is usual under their
 * covers.
 *
 * @param read the days of the thermometer that hangs with them
 * @param days how many days from the first on
 * @returns a share a day, 0 soft, 1 fully hardened
 */
export function feltHardening(
  site: Site,
  exposure: Exposure,
  read: readonly ThermometerDay[],
  outlook: readonly OutlookDay[],
  day: DayNumber,
  days = 1,
): Float64Array {
  const space = site.space(exposure, day);
  const readOn = new Map(read.map((one) => [one.on, one]));
  const toldOn = new Map(outlook.map((one) => [dayNumber(one.date), one]));
  const { climate } = site;
  const usualMeanC = (at: DayNumber) => {
    const index = space.firstIndexOf[dayOfYear(at) - 1] ?? -1;
    return ((space.minTempC[index] ?? 0) + (space.maxTempC[index] ?? 0)) / 2;
  };
  /** How much warmer a day was, or is told to be, than is usual there. */
  const aboveUsualC = (at: DayNumber) => {
    const own = readOn.get(isoDate(at));
    if (own) {
      const riseC = (climate.maxTempC(at) - climate.minTempC(at)) / 2;
      const meanC =
        own.insideMaxC === null ? own.insideMinC + riseC : (own.insideMinC + own.insideMaxC) / 2;
      return meanC - usualMeanC(at);
    }
    const told = toldOn.get(at);
    if (!told) return 0;
    // Warmer outside than usual is as much warmer under the covers.
    return (told.minTempC + told.maxTempC - climate.minTempC(at) - climate.maxTempC(at)) / 2;
  };
  const { established, springShare } = hardeningYear(space);
  const from = day - REMEMBERED_DAYS;
  let share = established[dayOfYear(from) - 1] ?? 0;
  const shares = new Float64Array(days);
  for (let at = from; at < day + days; at += 1) {
    const place = dayOfYear(at) - 1;
    const spring = springShare[place] ?? 0;
    const first = place * COURSE_STEPS;
    share = hardenedAfter(
      share,
      hardeningDay(space.courseC, first, COURSE_STEPS, spring, aboveUsualC(at)),
    );
    if (at >= day) shares[at - day] = share;
  }
  return shares;
}
