import type { DayNumber } from "@/core/calendar";
import { varietyOf } from "@/core/crops";
import { cropsOf } from "@/core/garden";
import {
  plantingState,
  plantingStates,
  spotsOf,
  stateIfSown,
  timelineIfSown,
} from "@/core/plantings";
import {
  cliffOf,
  outcomesOf,
  shareReadyBy,
  spreadOf,
  type DateSpread,
  type Growing,
  type Outcomes,
  type Spread,
} from "@/core/schedule";
import type { GardenAtSite } from "./gardenAtSite";

/** The spread of one planting's dates, as sown on a day, and what cold may do to it before it is picked. */
export function plantingSpread(
  { garden, site }: GardenAtSite,
  { plantingId, sowDay }: { plantingId: string; sowDay: DayNumber },
): { spread: Spread | null; outcomes: Outcomes | null } | null {
  const planting = garden.plantings.get(plantingId);
  const now = planting && plantingState(garden, site, planting);
  if (!planting || !now) return null;
  // What has happened is known, but for a sowing that is being moved.
  const state = now.timeline.sowDay === sowDay ? now : stateIfSown(garden, site, planting, sowDay);
  if (!state) return null;
  const { growing, timeline } = state;
  return {
    spread: spreadOf(site, garden.settings, growing, timeline),
    outcomes: outcomesOf(site, growing, timeline),
  };
}

/** The spread of the first picking of every planting that comes into a stretch of days, by its id. */
export function strandSpreads(
  { garden, site }: GardenAtSite,
  { fromDay, toDay }: { fromDay: DayNumber; toDay: DayNumber },
): Record<string, DateSpread> {
  const spreads: Record<string, DateSpread> = {};
  for (const { planting, growing, timeline, facts } of plantingStates(garden, site)) {
    // What was picked strays no more.
    const { readyDay } = timeline;
    if (facts.firstHarvestDay !== null || readyDay === null) continue;
    if (readyDay < fromDay || readyDay > toDay) continue;
    const spread = spreadOf(site, garden.settings, growing, timeline);
    if (spread) spreads[planting.id] = spread.usable;
  }
  return spreads;
}

/** A way to grow something that nobody has planned yet, as plain data. */
export interface AskedWay {
  cropId: string;
  varietyId: string;
  method: Growing["method"];
  stage: Growing["stage"];
  boughtAgeDays: number | null;
  bedId: string;
  sowDay: DayNumber;
}

/** The spread of the first picking of each of some ways; null where there is none. */
export function waySpreads(
  { garden, site }: GardenAtSite,
  { ways }: { ways: readonly AskedWay[] },
): (DateSpread | null)[] {
  const spots = new Map(spotsOf(garden).map((spot) => [spot.bedId, spot]));
  return ways.map(({ cropId, varietyId, bedId, sowDay, ...how }) => {
    const crop = cropsOf(garden).get(cropId);
    const variety = crop && varietyOf(crop, varietyId);
    const spot = spots.get(bedId);
    if (!crop || !variety || !spot) return null;
    const { covers, horizon, own } = spot;
    const growing: Growing = { crop, variety, ...how, covers, horizon, own };
    const timeline = timelineIfSown(site, garden.settings, growing, sowDay);
    return spreadOf(site, garden.settings, growing, timeline)?.usable ?? null;
  });
}

/**
 * Of each of some stacks of covers, the share of years in which a sowing on its last safe day is picked
 * before the darkest day; null where there is no such day, or nothing strays.
 */
export function safeShares(
  { garden, site }: GardenAtSite,
  args: { plantingId: string; stacks: readonly (readonly string[])[]; aroundDay: DayNumber },
): (number | null)[] {
  const planting = garden.plantings.get(args.plantingId);
  const state = planting && plantingState(garden, site, planting);
  if (!state || state.growing.crop.winterNeeded) return args.stacks.map(() => null);
  const { midwinterDay, startDay } = site.season(args.aroundDay);
  return args.stacks.map((covers) => {
    const growing: Growing = { ...state.growing, covers, clearDay: null };
    const { lastSafeDay } = cliffOf(site, garden.settings, growing, startDay);
    if (lastSafeDay === null) return null;
    const timeline = timelineIfSown(site, garden.settings, growing, lastSafeDay);
    return shareReadyBy(site, garden.settings, growing, timeline, midwinterDay);
  });
}
