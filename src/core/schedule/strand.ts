import type { DayNumber } from "../calendar";
import { grownShare, standingShare } from "./grownShare";
import type { PlanSettings, Site } from "../growth";
import type { Growing, Timeline } from "./growing";

/** How much of a crop there is on a day: 0 nothing, 1 full-grown and unpicked. */
export interface StrandPoint {
  day: DayNumber;
  share: number;
}

/** A planting's life as thickness along time. */
export interface Strand {
  growing: StrandPoint[];
  /** From full size to the end of standing; empty when it is over before. */
  standing: StrandPoint[];
}

const DAYS_BETWEEN_POINTS = 4;
/** A planting that never gets ready is followed for a year. */
const DAYS_FOLLOWED = 365;

/** The thickness of a planting's strand, a point every few days and one at each turn. */
export function strandOf(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  timeline: Timeline,
): Strand {
  const { sowDay, readyDay, fullSizeDay, holdsUntilDay } = timeline;
  // What is over before it is full-grown grows until then.
  const grownDay = Math.min(
    fullSizeDay ?? (readyDay === null ? sowDay + DAYS_FOLLOWED : Infinity),
    holdsUntilDay ?? Infinity,
  );
  const standing =
    readyDay === null || holdsUntilDay === null || grownDay >= holdsUntilDay
      ? []
      : daysFrom(grownDay, holdsUntilDay).map((day) => ({
          day,
          share: standingShare(site, growing, timeline, day),
        }));
  return {
    growing: daysFrom(timeline.sowDay, grownDay).map((day) => ({
      day,
      share: grownShare(site, settings, growing, timeline, day),
    })),
    standing,
  };
}

function daysFrom(first: DayNumber, last: DayNumber): DayNumber[] {
  const days: DayNumber[] = [];
  for (let day = first; day < last; day += DAYS_BETWEEN_POINTS) days.push(day);
  days.push(last);
  return days;
}
