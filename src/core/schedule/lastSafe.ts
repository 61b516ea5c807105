import type { DayNumber } from "../calendar";
import { cliffOf, seasonAimedAt } from "./cliff";
import type { PlanSettings, Site } from "../growth";
import type { Growing, Timeline } from "./growing";

/** Until when a crop can be sown so that it is ready before the dark. */
export type LastSafe =
  /** Every day's delay costs about a day. */
  | { kind: "anyTime" }
  | { kind: "by"; day: DayNumber }
  /** The sowing itself comes after it, or none of the season is safe. */
  | { kind: "tooLate" };

/**
 * The last safe sowing of the season that is ahead of a sowing. In spring last autumn's cliff is past,
 * and the next one is far off, but for crops that are slow enough to be sown so early for it.
 */
export function lastSafeSowing(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  timeline: Timeline,
): LastSafe {
  const around = seasonAimedAt(site, timeline);
  const { hasCliff, lastSafeDay, sowDays } = cliffOf(site, settings, growing, around);
  const isFarOff = timeline.sowDay < (sowDays[0] ?? -Infinity);
  if (isFarOff || !hasCliff) return { kind: "anyTime" };
  return lastSafeDay !== null && lastSafeDay >= timeline.sowDay
    ? { kind: "by", day: lastSafeDay }
    : { kind: "tooLate" };
}
