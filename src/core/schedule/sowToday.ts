import type { DayNumber } from "../calendar";
import { varietyOf, type Crop } from "../crops";
import { judge, type Verdict } from "./feasibility";
import { lastSafeSowing } from "./lastSafe";
import { distinctSpots, type Exposure, type PlanSettings, type Site, type Spot } from "../growth";
import type { Growing, Timeline } from "./growing";
import { timelineFrom } from "./timeline";
import { isSownThen, usualRank } from "./usualThen";

/** A crop that can be sown today, in the simplest place where that works. */
export interface SowNow {
  growing: Growing;
  spot: Spot;
  timeline: Timeline;
  verdict: Verdict;
  /** Whether growers sow it about then at such a place. */
  isUsual: boolean;
}

/** What a day's sowing comes to: what works, and what does not any more. */
export interface SowToday {
  /**
   * What growers usually sow at that time first, in the order in which it is ready; a crop may stand there
   * full-grown and as young leaves.
   */
  now: SowNow[];
  /** Crops that do not work anywhere in the garden, by name. */
  not: Crop[];
}

/**
 * Every crop that can still be sown today at this place: each in the spot with the fewest covers that
 * gets it ready before the dark; failing that, crops that stand the winter where they come through it.
 * Young leaves are looked for by themselves.
 */
export function sowableToday(
  site: Site,
  settings: PlanSettings,
  today: DayNumber,
  spots: readonly Spot[],
  crops: Iterable<Crop>,
): SowToday {
  // Simple covers first: a house is for what needs it.
  const places = distinctSpots(spots).sort((a, b) => a.covers.length - b.covers.length);
  const now: SowNow[] = [];
  const not: Crop[] = [];
  for (const crop of crops) {
    // Roots out of the store are forced in pots, by themselves.
    if (crop.forcedFrom !== undefined) continue;
    const found = waysOf(crop).flatMap(
      (way) => firstThatWorks(site, settings, today, places, crop, way) ?? [],
    );
    if (found.length === 0) not.push(crop);
    now.push(...found);
  }
  const ranks = new Map(now.map((one) => [one, usualRank(site, one.growing, today)]));
  const rank = (one: SowNow) => ranks.get(one) ?? 0;
  return { now: now.sort((a, b) => rank(a) - rank(b) || readyOf(a) - readyOf(b)), not };
}

function readyOf({ timeline }: SowNow): DayNumber {
  return timeline.readyDay ?? Infinity;
}

function firstThatWorks(
  site: Site,
  settings: PlanSettings,
  today: DayNumber,
  places: readonly Spot[],
  crop: Crop,
  way: Pick<Growing, "method" | "stage">,
): SowNow | null {
  const variety = varietyOf(crop);
  if (!variety) return null;
  let inSpring: SowNow | null = null;
  for (const spot of places) {
    const growing: Growing = { ...exposureOf(spot), crop, variety, ...way };
    const timeline = timelineFrom(site, settings, growing, today);
    const verdict = judge(site, settings, growing, timeline, null);
    const isUsual = isSownThen(site, growing, today);
    const found = { growing, spot, timeline, verdict, isUsual };
    if (verdict.kind === "meets") return found;
    if (verdict.kind === "spring" && growing.stage === "full") inSpring ??= found;
  }
  // What stands the winter may be sown to wait for the light; anything else is better sown then.
  return STANDS_WINTER.has(crop.season) ? inSpring : null;
}

const STANDS_WINTER: ReadonlySet<Crop["season"]> = new Set(["overwinters", "either"]);

function exposureOf({ bedId: _bed, bedName: _name, ...exposure }: Spot): Exposure {
  return exposure;
}

/** The crop's usual way, and its young leaves where they are eaten. */
function waysOf(crop: Crop): Pick<Growing, "method" | "stage">[] {
  const method = crop.transplanting.tolerance === "usual" ? "transplant" : "direct";
  const full = { method, stage: "full" } as const;
  return crop.babyLeaf ? [full, { method: "direct", stage: "baby" }] : [full];
}

/** Days left until the last safe sowing of what is sown now; null where there is no cliff ahead. */
export function daysLeftFor(
  site: Site,
  settings: PlanSettings,
  { growing, timeline }: SowNow,
): number | null {
  const safe = lastSafeSowing(site, settings, growing, timeline);
  return safe.kind === "by" ? safe.day - timeline.sowDay : null;
}
