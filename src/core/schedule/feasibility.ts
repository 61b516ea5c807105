import { type DayNumber } from "../calendar";
import type { PlanSettings, Site } from "../growth";
import type { Growing, Timeline } from "./growing";
import { fact, type Fact } from "../facts";

/** When a grower wants to eat something. */
export interface Wanted {
  /** Ready on this day or before. */
  byDay: DayNumber;
  /** Still standing on this day; null when it does not matter. */
  untilDay: DayNumber | null;
}

/** Whether a way of growing gives what is wanted, and the reason in a sentence. */
export interface Verdict {
  /**
   * `meets`: ready in time and stands as long as wanted. `short`: ready in time, gone too early.
   * `late`: ready after the day wanted, still before the darkest day. `spring`: only when the light
   * is back. `lost`: cold is likely to kill it first. `hot`: heat ends it first. `never`: not within two years.
   */
  kind: "meets" | "short" | "late" | "spring" | "lost" | "hot" | "never";
  words: Fact;
}

/** Judges one timeline against what is wanted. */
export function judge(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  timeline: Timeline,
  wanted: Wanted | null,
): Verdict {
  const { readyDay, sowDay, lossBeforeReady } = timeline;
  const name = growing.crop.name;
  if (readyDay === null) {
    return { kind: "never", words: fact("schedule.sownThenWillNotBeReadyHere", { name }) };
  }
  if (lossBeforeReady !== null && lossBeforeReady > settings.frostRisk) {
    return {
      kind: "lost",
      words: fact("schedule.itWouldBeReadyButColdKillsItBefore", {
        readyDay,
        sowDay,
        lossBeforeReady,
      }),
    };
  }
  if (timeline.heatDay !== null && timeline.heatDay <= readyDay) {
    const { heatDay } = timeline;
    return {
      kind: "hot",
      words: fact("schedule.heatEndsItBefore", { readyDay, sowDay, heatDay }),
    };
  }
  const season = site.season(sowDay);
  const overwinters = growing.crop.winterNeeded !== undefined;
  // Where no day is shorter than the limit nothing waits for the light.
  const hasDark = site.shortDays(season, settings.shortDayHours) !== null;
  const inSpring = hasDark && sowDay <= season.midwinterDay && readyDay > season.midwinterDay;
  if (wanted && readyDay > wanted.byDay) {
    return inSpring && !overwinters
      ? {
          kind: "spring",
          words: fact("schedule.notBeforeGrowthStopsInTheDarkWeeks", { readyDay, sowDay }),
        }
      : {
          kind: "late",
          words: fact("schedule.readyLaterThanWanted", { readyDay, sowDay, byDay: wanted.byDay }),
        };
  }
  const until = timeline.holdsUntilDay;
  const wantedUntil = wanted?.untilDay ?? null;
  if (wantedUntil !== null && until !== null && until < wantedUntil) {
    return {
      kind: "short",
      words: fact("schedule.readyButHoldsOnlyUntilAbout", { readyDay, sowDay, until }),
    };
  }
  if (!wanted && inSpring && overwinters) {
    return { kind: "meets", words: fact("schedule.overwintersReady", { readyDay, sowDay }) };
  }
  if (!wanted && inSpring) {
    return {
      kind: "spring",
      words: fact("schedule.readyItDoesNotFinishBeforeTheDark", { readyDay, sowDay }),
    };
  }
  const stands = until === null ? "" : fact("schedule.holdsUntilAbout", { until, sowDay });
  return { kind: "meets", words: fact("schedule.ready", { readyDay, sowDay, stands }) };
}
