import { type DayNumber } from "../calendar";
import { varietyOf, type Crop, type Variety } from "../crops";

import { judge, type Verdict, type Wanted } from "./feasibility";
import {
  distinctSpots,
  type Exposure,
  type Method,
  type PlanSettings,
  type Site,
  type Spot,
  type Stage,
} from "../growth";
import { latestSowingFor, timelineFrom, type Growing, type Timeline } from "./timeline";
import { fact, type Fact } from "../facts";

/** What is asked for: a crop by a date, or simply sown today. */
export interface Wish {
  crop: Crop;
  variety: Variety;
  /** Null asks "what if I sow it today?". */
  wanted: Wanted | null;
  today: DayNumber;
}

/** One way to get what is wished for. */
export interface Way {
  growing: Growing;
  spot: Spot;
  timeline: Timeline;
  verdict: Verdict;
  /** The last day to sow for the wanted date; null when there is none in reach. */
  latestSowDay: DayNumber | null;
  /** When the last day to sow has passed, by how much, in words. */
  tooLateWords: Fact | null;
}

/** Days kept in hand between the suggested sowing and the last that would do. */
const GRACE_DAYS = 4;
const OTHER_CROPS_SHOWN = 4;

/**
 * Every way to grow the crop wished for: each stack of covers and skyline in the garden once, direct and
 * transplanted, full-grown and as young leaves; the ones that give what is wanted first.
 */
export function waysTo(
  site: Site,
  settings: PlanSettings,
  wish: Wish,
  spots: readonly Spot[],
): Way[] {
  const ways = distinctSpots(spots).flatMap((spot) =>
    waysOfGrowing(wish.crop, wish.variety, spot).map((growing) =>
      wayFor(site, settings, wish, growing, spot),
    ),
  );
  return ways.sort(
    (a, b) =>
      rank(a) - rank(b) ||
      stageRank(a) - stageRank(b) ||
      (wish.wanted
        ? a.growing.covers.length - b.growing.covers.length
        : (a.timeline.readyDay ?? Infinity) - (b.timeline.readyDay ?? Infinity)) ||
      (a.timeline.readyDay ?? Infinity) - (b.timeline.readyDay ?? Infinity) ||
      methodRank(a) - methodRank(b),
  );
}

/** One way worked out: when to sow, what comes of it, and whether that is what was wished for. */
export function wayFor(
  site: Site,
  settings: PlanSettings,
  wish: Wish,
  growing: Growing,
  spot: Spot,
): Way {
  const latestSowDay = wish.wanted
    ? latestSowingFor(site, settings, growing, wish.wanted.byDay)
    : null;
  const sowDay =
    latestSowDay === null ? wish.today : Math.max(wish.today, latestSowDay - GRACE_DAYS);
  const timeline = timelineFrom(site, settings, growing, sowDay);
  const tooLate = wish.wanted !== null && (latestSowDay === null || latestSowDay < wish.today);
  return {
    growing,
    spot,
    timeline,
    latestSowDay,
    verdict: judge(site, settings, growing, timeline, wish.wanted),
    tooLateWords: tooLate ? lateWords(latestSowDay, wish.today, growing) : null,
  };
}

function lateWords(latestSowDay: DayNumber | null, today: DayNumber, growing: Growing): Fact {
  const { covers } = growing;
  if (latestSowDay === null) return fact("schedule.nothingSownIsReadyByThen", { covers });
  return fact("schedule.itHadToBeSownByAgo", { covers, latestSowDay, today });
}

/** Other crops that, sown today or later, are ready by the day wanted: the soonest ways of each. */
export function otherCropsFor(
  site: Site,
  settings: PlanSettings,
  wish: Wish,
  spots: readonly Spot[],
  crops: Iterable<Crop>,
): Way[] {
  const found: Way[] = [];
  for (const crop of crops) {
    const variety = varietyOf(crop);
    if (crop.id === wish.crop.id || !variety) continue;
    const best = waysTo(site, settings, { ...wish, crop, variety }, spots)[0];
    if (best && best.verdict.kind === "meets" && best.tooLateWords === null) found.push(best);
  }
  return found
    .sort((a, b) => stageRank(a) - stageRank(b) || b.timeline.sowDay - a.timeline.sowDay)
    .slice(0, OTHER_CROPS_SHOWN);
}

function waysOfGrowing(
  crop: Crop,
  variety: Variety,
  { covers, horizon, own }: Exposure,
): Growing[] {
  const methods: Method[] =
    crop.transplanting.tolerance === "never" ? ["direct"] : ["direct", "transplant"];
  const ways: Growing[] = methods.map((method) => ({
    crop,
    variety,
    method,
    stage: "full" as Stage,
    covers,
    own,
    horizon,
  }));
  if (crop.babyLeaf !== undefined) {
    ways.push({ crop, variety, method: "direct", stage: "baby", covers, own, horizon });
  }
  return ways;
}

const RANKS: Record<Verdict["kind"], number> = {
  meets: 0,
  short: 1,
  late: 2,
  spring: 3,
  lost: 4,
  never: 5,
};
const rank = (way: Way) => RANKS[way.verdict.kind];
const stageRank = (way: Way) => (way.growing.stage === "full" ? 0 : 1);
/** The crop's usual way comes first among equals. */
const methodRank = (way: Way) =>
  (way.growing.method === "transplant") === (way.growing.crop.transplanting.tolerance === "usual")
    ? 0
    : 1;
