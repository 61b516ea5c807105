import type { DayNumber } from "../calendar";
import { hardenedAfter, lt50At, type HardinessRange } from "../crops";
import type { Exposure, Site } from "./site";

/** Hardening is followed from so many days before: by then what was before is forgotten. */
const DAYS_BEFORE = 75;

/** How far plants are hardened on each day between two, in usual weather at the crop, 0 to 1. */
export function hardenedCourse(
  site: Site,
  exposure: Exposure,
  fromDay: DayNumber,
  toDay: DayNumber,
): Float64Array {
  const space = site.space(exposure, fromDay);
  const meanC = (day: DayNumber) => {
    const index = Math.min(space.minTempC.length - 1, Math.max(0, day - space.firstDay));
    return ((space.minTempC[index] ?? 0) + (space.maxTempC[index] ?? 0)) / 2;
  };
  let share = 0;
  for (let day = fromDay - DAYS_BEFORE; day < fromDay; day += 1) {
    share = hardenedAfter(share, meanC(day));
  }
  const shares = new Float64Array(toDay - fromDay + 1);
  for (let index = 0; index < shares.length; index += 1) {
    share = hardenedAfter(share, meanC(fromDay + index));
    shares[index] = share;
  }
  return shares;
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
