import { dayOfYear, type DayNumber } from "../calendar";
import { lt50At, type HardinessRange } from "../crops";
import { hardenedThroughYear } from "./growthCurve";
import type { Exposure, Site } from "./site";

/** How far plants are hardened on each day between two, in usual weather at the crop, 0 to 1. */
export function hardenedCourse(
  site: Site,
  exposure: Exposure,
  fromDay: DayNumber,
  toDay: DayNumber,
): Float64Array {
  const year = hardenedThroughYear(site.space(exposure, fromDay));
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
