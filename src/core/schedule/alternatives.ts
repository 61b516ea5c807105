import { type DayNumber } from "../calendar";
import { varietyOf, type Crop, type Variety } from "../crops";

import { judge, type Verdict, type Wanted } from "./feasibility";
import {
  distinctSpots,
  usualBoughtAgeDays,
  type Exposure,
  type Method,
  type PlanSettings,
  type Site,
  type Spot,
  type Stage,
} from "../growth";
import type { Growing, Timeline } from "./growing";
import { latestSowingFor } from "./readiness";
import { timelineFrom } from "./timeline";
import { usualRank } from "./usualThen";
import { fact, type Fact } from "../facts";

/** What is asked for: a crop by a date, or simply sown today. */
export interface Wish {
  crop: Crop;
  variety: Variety;
  /** Null asks "what if I sow it, or set it out, on that day?". */
  wanted: Wanted | null;
  /** The first day on which something can be done for it; the day asked about where none is wanted. */
  today: DayNumber;
}

/** One way to get what is wished for. */
export interface Way {
  growing: Growing;
  spot: Spot;
  timeline: Timeline;
  verdict: Verdict;
  /** The last day to sow for the wanted date; null when there is none in reach. For bought plants, their sowing. */
  latestSowDay: DayNumber | null;
  /** When the last day to sow has passed, by how much, in words. */
  tooLateWords: Fact | null;
}

/** Days kept in hand between the suggested sowing and the last that would do. */
const GRACE_DAYS = 4;
const OTHER_CROPS_SHOWN = 4;

/**
 * Every way to grow the crop wished for: each stack of covers and skyline in the garden once, direct,
 * transplanted and bought, full-grown and as young leaves; the ones that give what is wanted first.
 */
export function waysTo(
  site: Site,
  settings: PlanSettings,
  wish: Wish,
  spots: readonly Spot[],
): Way[] {
  const ways = distinctSpots(spots).flatMap((spot) =>
    [...waysOfGrowing(wish.crop, wish.variety, spot), ...bought(wish.crop, wish.variety, spot)].map(
      (growing) => wayFor(site, settings, wish, growing, spot),
    ),
  );
  return ways.sort(byMerit(wish));
}

function byMerit(wish: Wish): (a: Way, b: Way) => number {
  return (a, b) =>
    rank(a) - rank(b) ||
    stageRank(a) - stageRank(b) ||
    (wish.wanted
      ? a.growing.covers.length - b.growing.covers.length
      : (a.timeline.readyDay ?? Infinity) - (b.timeline.readyDay ?? Infinity)) ||
    (a.timeline.readyDay ?? Infinity) - (b.timeline.readyDay ?? Infinity) ||
    methodRank(a) - methodRank(b);
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
  // Bought plants were sown elsewhere, before anything is done for them here.
  const firstSowDay = wish.today - (growing.boughtAgeDays ?? 0);
  const sowDay =
    latestSowDay === null ? firstSowDay : Math.max(firstSowDay, latestSowDay - GRACE_DAYS);
  const timeline = timelineFrom(site, settings, growing, sowDay);
  const tooLate = wish.wanted !== null && (latestSowDay === null || latestSowDay < firstSowDay);
  return {
    growing,
    spot,
    timeline,
    latestSowDay,
    verdict: judge(site, settings, growing, timeline, wish.wanted),
    tooLateWords: tooLate ? lateWords(latestSowDay, firstSowDay, growing) : null,
  };
}

function lateWords(latestSowDay: DayNumber | null, today: DayNumber, growing: Growing): Fact {
  const { covers } = growing;
  if (latestSowDay === null) return fact("schedule.nothingSownIsReadyByThen", { covers });
  return fact("schedule.itHadToBeSownByAgo", { covers, latestSowDay, today });
}

/**
 * Other crops that, sown today or later, are ready by the day wanted: the best way of each, what growers
 * usually sow at that time first. Shoots and what is forced are asked for by themselves.
 */
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
    if (crop.id === wish.crop.id || !variety || APART.has(crop.group)) continue;
    const other = { ...wish, crop, variety };
    const [best] = distinctSpots(spots)
      .flatMap((spot) =>
        waysOfGrowing(crop, variety, spot).map((growing) =>
          wayFor(site, settings, other, growing, spot),
        ),
      )
      .sort(byMerit(other));
    if (best && best.verdict.kind === "meets" && best.tooLateWords === null) found.push(best);
  }
  const usual = (way: Way) => usualRank(site, way.growing, way.timeline.sowDay);
  return found
    .sort(
      (a, b) =>
        stageRank(a) - stageRank(b) || usual(a) - usual(b) || b.timeline.sowDay - a.timeline.sowDay,
    )
    .slice(0, OTHER_CROPS_SHOWN);
}

/** Groups of crops that nobody means who wants something else from the garden. */
const APART: ReadonlySet<Crop["group"]> = new Set(["shoots", "forced"]);

/** With plants that are bought: of what is usually raised, and so on sale, at its usual age. */
function bought(crop: Crop, variety: Variety, { covers, horizon, own }: Exposure): Growing[] {
  if (crop.transplanting.tolerance !== "usual") return [];
  const boughtAgeDays = usualBoughtAgeDays(crop);
  const [method, stage] = ["transplant", "full"] as const;
  return [{ crop, variety, method, stage, boughtAgeDays, covers, own, horizon }];
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
  hot: 5,
  never: 6,
};
const rank = (way: Way) => RANKS[way.verdict.kind];
const stageRank = (way: Way) => (way.growing.stage === "full" ? 0 : 1);
/** The crop's usual way comes first among equals, and buying last. */
function methodRank({ growing }: Way): number {
  if (growing.boughtAgeDays) return 2;
  const isRaised = growing.method === "transplant";
  return isRaised === (growing.crop.transplanting.tolerance === "usual") ? 0 : 1;
}
