import type { DayNumber } from "../calendar";
import { leafRange } from "../crops";
import {
  dayWhenGathered,
  decidingParts,
  HARDENED_OFF_SHARE,
  topOf,
  type ColdRisk,
  type PartFrom,
  type Requirement,
  type Site,
} from "../growth";
import { needOf, type Growing, type Timeline } from "./growing";
import type { Starts } from "./readiness";

/**
 * The odds of cold through a planting's life: of the part on which its harvest hangs, from the day it
 * is there. Nothing is lost to the air before it is up.
 */
export function coldThrough(
  site: Site,
  growing: Growing,
  need: Requirement,
  { sowDay, startDay }: Starts,
): ColdRisk {
  if (startDay === null) return NO_RISK;
  const growth = site.growth(growing.crop, growing, sowDay);
  const total = need.benchPacketDays + need.bedPacketDays;
  const parts: PartFrom[] = [];
  for (const part of decidingParts(growing.crop, growing.variety, growing.stage)) {
    const inBed = part.fromGrownShare * total - need.benchPacketDays;
    const fromDay: DayNumber | null =
      inBed <= 0 ? startDay : dayWhenGathered(growth, startDay, inBed);
    if (fromDay === null) break;
    // What the seedling tray has brought already does not come first.
    if (fromDay === startDay) parts.length = 0;
    parts.push({ ...part, fromDay });
  }
  const startShare = need.benchDays > 0 ? HARDENED_OFF_SHARE : 0;
  return site.coldRisk(growing, sowDay, parts, startShare);
}

const NO_RISK: ColdRisk = { between: () => 0, dayWhen: () => null };

/** The odds of cold through the life of a planting that has its timeline. */
export function coldRiskOf(site: Site, growing: Growing, timeline: Timeline): ColdRisk {
  const { sowDay, plantOutDay, emergeDay } = timeline;
  const startDay = plantOutDay ?? emergeDay;
  return coldThrough(site, growing, needOf(growing), {
    sowDay,
    bedDay: plantOutDay ?? sowDay,
    startDay,
  });
}

/** What cold may do to a planting before its first picking: three chances that are not the same loss. */
export interface Outcomes {
  /** Leaves lost, and no more: it is set back and lives. */
  leavesLost: number;
  /** The top killed, and it comes again from below. */
  regrows: number;
  /** Dead, or the part that is eaten spoilt. */
  dead: number;
}

/** The chances of each before the first picking; null for what is never ready. */
export function outcomesOf(site: Site, growing: Growing, timeline: Timeline): Outcomes | null {
  const { readyDay, lossBeforeReady, sowDay, plantOutDay, emergeDay } = timeline;
  const startDay = plantOutDay ?? emergeDay;
  if (readyDay === null || lossBeforeReady === null || startDay === null) return null;
  const top = topOf(growing.crop, growing.variety);
  const leaf = { ...top, range: leafRange(top.range) };
  const startShare = plantOutDay === null ? 0 : HARDENED_OFF_SHARE;
  const chance = (part: typeof top) => {
    const risk = site.coldRisk(growing, sowDay, [{ ...part, fromDay: startDay }], startShare);
    return 1 - Math.exp(-risk.between(startDay, readyDay));
  };
  const last = decidingParts(growing.crop, growing.variety, growing.stage).at(-1);
  const fromBelow = last?.medium === "soil";
  const topKilled = chance(top);
  const dead = lossBeforeReady;
  const regrows = fromBelow ? Math.max(0, topKilled - dead) : 0;
  return { leavesLost: Math.max(0, chance(leaf) - regrows - dead), regrows, dead };
}
