import type { DayNumber } from "../calendar";
import { cliffOf, seasonAimedAt } from "./cliff";
import type { PlanSettings, Site } from "./site";
import type { Growing, Timeline } from "./timeline";

/** Until when a crop can be sown so that it is ready before the dark. */
export type LastSafe =
  /** Every day's delay costs about a day. */
  | { kind: "anyTime" }
  | { kind: "by"; day: DayNumber }
  /** The sowing itself comes after it, or none of the season is safe. */
  | { kind: "tooLate" };

/**
 * The last safe sowing of the season that a sowing is meant for. What is sown in spring and ready
 * before midsummer has no winter before it: last autumn's cliff is past, and the next is not its own.
 */
export function lastSafeSowing(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  timeline: Timeline,
): LastSafe {
  const season = site.season(timeline.sowDay);
  const isSpring = timeline.sowDay > season.midwinterDay;
  const reachesWinter = timeline.readyDay !== null && timeline.readyDay > season.endDay;
  if (isSpring && !reachesWinter) return { kind: "anyTime" };
  const { hasCliff, lastSafeDay } = cliffOf(site, settings, growing, seasonAimedAt(site, timeline));
  if (!hasCliff) return { kind: "anyTime" };
  return lastSafeDay !== null && lastSafeDay >= timeline.sowDay
    ? { kind: "by", day: lastSafeDay }
    : { kind: "tooLate" };
}
