import { daysWords, type DayNumber } from "../calendar";
import { chanceWords, type Wording } from "../wording";
import type { PlanSettings, Site } from "../growth";
import type { Growing, Timeline } from "./timeline";

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
   * is back. `lost`: cold is likely to kill it first. `never`: not within two years.
   */
  kind: "meets" | "short" | "late" | "spring" | "lost" | "never";
  words: string;
}

/** Judges one timeline against what is wanted. */
export function judge(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  timeline: Timeline,
  wanted: Wanted | null,
  wording: Wording,
): Verdict {
  const { readyDay, sowDay, lossBeforeReady } = timeline;
  const name = growing.crop.name;
  if (readyDay === null) {
    return { kind: "never", words: `${name} sown then will not be ready here.` };
  }
  const ready = wording.date(readyDay, sowDay);
  if (lossBeforeReady !== null && lossBeforeReady > settings.frostRisk) {
    return {
      kind: "lost",
      words: `It would be ready ${ready}, but cold kills it before then ${chanceWords(lossBeforeReady)}.`,
    };
  }
  const season = site.season(sowDay);
  const overwinters = growing.crop.winterNeeded !== undefined;
  const inSpring = sowDay <= season.midwinterDay && readyDay > season.midwinterDay;
  if (wanted && readyDay > wanted.byDay) {
    const late = daysWords(readyDay - wanted.byDay);
    return inSpring && !overwinters
      ? { kind: "spring", words: `Not before ${ready}: growth stops in the dark weeks.` }
      : { kind: "late", words: `Ready ${ready}, ${late} later than wanted.` };
  }
  const until = timeline.holdsUntilDay;
  const wantedUntil = wanted?.untilDay ?? null;
  if (wantedUntil !== null && until !== null && until < wantedUntil) {
    return {
      kind: "short",
      words: `Ready ${ready}, but holds only until about ${wording.date(until, sowDay)}.`,
    };
  }
  if (!wanted && inSpring && overwinters) {
    return { kind: "meets", words: `Overwinters; ready ${ready}.` };
  }
  if (!wanted && inSpring) {
    return {
      kind: "spring",
      words: `Ready ${ready}: it does not finish before the dark weeks and waits for light.`,
    };
  }
  const stands = until === null ? "" : `, holds until about ${wording.date(until, sowDay)}`;
  return { kind: "meets", words: `Ready ${ready}${stands}.` };
}
