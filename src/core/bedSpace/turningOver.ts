import turnoverJson from "@data/turnover.json";
import { DAYS_PER_WEEK, type DayNumber } from "../calendar";
import { varietyOf, type Crop } from "../crops";
import { cropsOf, type Bed, type Garden, type Planting } from "../garden";
import {
  expectedYieldKg,
  exposureOver,
  plantingState,
  timelineIfSown,
  type PlantingState,
} from "../plantings";
import { seedlingDays, standingPacketDays, sumBetween, type Site } from "../growth";
import { bedDays, coldRiskOf, sizeShare, type Growing, type Timeline } from "../schedule";
import { tooSoonFor, type TooSoon } from "./rotation";
import { derive } from "../derive";

/** Days ahead on which a bed may be turned over. */
const DAYS_LOOKED_AT = 70;

/** Crops whose harvest is taken once; whatever is ready of them is taken when they are pulled. */
const TAKEN_ONCE: ReadonlySet<Crop["harvest"]["habit"]> = new Set(["wholePlant", "lifted"]);

/** What is planted as a division or a root stays for years: not what one turns a bed over to. */
const NOT_FOR_A_SEASON: ReadonlySet<Crop["startedFrom"]> = new Set(["division", "root"]);

/** What a standing planting still gives, by the day up to which it is left. */
export interface StillGives {
  planting: Planting;
  life: PlantingState;
  /** `keptKg[i]`: kilograms still picked when it is pulled `i` days on; the odds of frost in it. */
  keptKg: Float64Array;
  /** The same when it stands until it is over. */
  totalKg: number;
  /** How much a kilogram of it counts by the grower's word, 0 to 1. */
  weight: number;
}

/**
 * What a planting is still likely to give from a day on, for each day up to which it may be left:
 * picked crops as they grow on, by light and warmth; crops that are taken once, whole from the day
 * they are ready. Each day counts with the chance that no killing night came before it.
 */
export function stillGives(
  site: Site,
  garden: Garden,
  planting: Planting,
  today: DayNumber,
): StillGives | null {
  // What it would give if it were left alone, whatever day of pulling is planned.
  const life = plantingState(garden, site, derive([planting], leftAlone));
  if (!life) return null;
  const { growing, timeline } = life;
  const yieldKg = expectedYieldKg(life, today);
  const keptKg = new Float64Array(DAYS_LOOKED_AT + 1);
  const { untilDay } = bedDays(timeline);
  const standing = standingPacketDays(growing.crop, growing.stage);
  const growth = site.growth(growing.crop, growing, timeline.sowDay);
  const cold = coldRiskOf(site, growing, timeline);
  const alive = (day: DayNumber) => Math.exp(-cold.between(today, day));
  const picked = (day: DayNumber) => {
    const { readyDay } = timeline;
    if (readyDay === null || day < readyDay || day >= Math.max(untilDay, overDay)) return 0;
    return (yieldKg * sumBetween(growth, day, day + 1)) / pickedOver(growing.crop, standing);
  };
  // Frost ends it by odds here, not by the risk that plans take: look past that day.
  const overDay = spentDay(timeline, growth, standing);
  const once = TAKEN_ONCE.has(growing.crop.harvest.habit);
  let sumKg = 0;
  for (let after = 0; after <= DAYS_LOOKED_AT; after += 1) {
    const day = today + after;
    if (once) {
      const isReady = timeline.readyDay !== null && day >= timeline.readyDay && day <= untilDay;
      const kg = yieldKg * sizeShare(site, growing, timeline, day) * alive(day);
      sumKg = isReady ? Math.max(sumKg, kg) : sumKg;
      keptKg[after] = sumKg;
    } else {
      keptKg[after] = sumKg;
      sumKg += picked(day) * alive(day);
    }
  }
  return {
    planting,
    life,
    keptKg,
    totalKg: keptKg[DAYS_LOOKED_AT] ?? 0,
    weight: turnoverJson.worth[planting.worth],
  };
}

/**
 * Packet days over which a crop's usual yield is picked: fruit goes on until frost, and gives its usual
 * yield in its usual weeks; what is picked of leaves lasts as long as they stand.
 */
function pickedOver({ harvestedPart, harvest }: Crop, standing: number): number {
  if (harvestedPart !== "fruit" && harvestedPart !== "pod") return standing;
  return Math.min(standing, harvest.spanWeeks * DAYS_PER_WEEK);
}

function leftAlone(planting: Planting): Planting {
  return { ...planting, clearOn: null };
}

/** The day on which what it can stand is used up, frost aside. */
function spentDay(
  { readyDay, fullSizeDay }: Timeline,
  growth: Parameters<typeof sumBetween>[0],
  standing: number,
): DayNumber {
  if (readyDay === null) return -Infinity;
  const fromDay = fullSizeDay ?? readyDay;
  let day = fromDay;
  while (day < fromDay + 365 && sumBetween(growth, fromDay, day) < standing) day += 1;
  return day;
}

/** One crop that could follow, and the day on which the bed should be turned over to it. */
export interface TurnOver {
  growing: Growing;
  /** The recommended day on which the bed is cleared and the crop goes in. */
  onDay: DayNumber;
  timeline: Timeline;
  /** Chance-weighted kilograms of the new crop when it goes in on each day from today; NaN when it cannot. */
  gainKg: Float64Array;
  /** What waiting a week longer than recommended costs of it, kg. */
  weekCostsKg: number;
  /** Days by which a week's wait moves its harvest; null when it is not ready then any more. */
  weekDelaysDays: number | null;
  /** What those that stand still give up to the day. */
  keptKg: number;
  /** What they would have given after it. */
  lostKg: number;
  tooSoon: TooSoon | null;
}

/**
 * What could follow in a bed where something still stands, each with the day on which changing over
 * gives most: what is still picked until then, by the grower's word on its worth, and what the new
 * crop still gives from then, by its odds; a harvest that jumps to spring counts less.
 *
 * @param pulled          the plantings that would make room
 * @param lengthM         length of bed for the new crop
 * @param seedlingsAtHand whether seedlings of planting size can be had at once
 * @returns the best first; crops that give nothing any more are left out
 */
export function turnOvers(
  site: Site,
  garden: Garden,
  bed: Bed,
  pulled: readonly StillGives[],
  lengthM: number,
  today: DayNumber,
  seedlingsAtHand: boolean,
): TurnOver[] {
  const kept = weighted(pulled);
  const found: TurnOver[] = [];
  for (const crop of cropsOf(garden).values()) {
    const growing = usualGrowing(garden, bed, crop);
    if (!growing) continue;
    const gainKg = gainsOf(site, garden, bed, growing, lengthM, today, seedlingsAtHand);
    const best = bestDay(gainKg, kept);
    if (best === null) continue;
    found.push(turnOverOn(site, garden, bed, growing, gainKg, pulled, today, best));
  }
  const worth = ({ gainKg, onDay, tooSoon }: TurnOver) =>
    ((gainKg[onDay - today] ?? 0) + (kept[onDay - today] ?? 0)) *
    (tooSoon ? turnoverJson.rotationBroken : 1);
  return found.sort((a, b) => worth(b) - worth(a));
}

/** One change-over looked at on a chosen day instead of the recommended one. */
export function turnOverOn(
  site: Site,
  garden: Garden,
  bed: Bed,
  growing: Growing,
  gainKg: Float64Array,
  pulled: readonly StillGives[],
  today: DayNumber,
  after: number,
): TurnOver {
  const { settings } = garden;
  const onDay = today + after;
  const timeline = timelineIfSown(site, settings, growing, onDay - benchDaysOf(growing));
  const later = timelineIfSown(site, settings, growing, timeline.sowDay + DAYS_PER_WEEK);
  const gain = gainKg[after] ?? 0;
  const gainLater = gainKg[after + DAYS_PER_WEEK] ?? 0;
  const keptKg = pulled.reduce((sum, one) => sum + (one.keptKg[after] ?? 0), 0);
  return {
    growing,
    onDay,
    timeline,
    gainKg,
    weekCostsKg: Math.max(0, gain - (Number.isNaN(gainLater) ? 0 : gainLater)),
    weekDelaysDays:
      timeline.readyDay === null || later.readyDay === null
        ? null
        : later.readyDay - timeline.readyDay,
    keptKg,
    lostKg: pulled.reduce((sum, one) => sum + one.totalKg, 0) - keptKg,
    tooSoon: tooSoonFor(garden, bed, growing.crop, onDay, settings.rotationYears, growing.stage),
  };
}

function benchDaysOf({ method, crop }: Growing): number {
  return method === "transplant" ? seedlingDays(crop) : 0;
}

/** Kilograms still picked by the day of changing over, each by its worth. */
function weighted(pulled: readonly StillGives[]): Float64Array {
  const sum = new Float64Array(DAYS_LOOKED_AT + 1);
  for (const { keptKg, weight } of pulled) {
    for (let after = 0; after < sum.length; after += 1) {
      sum[after] = (sum[after] ?? 0) + weight * (keptKg[after] ?? 0);
    }
  }
  return sum;
}

/** The crop in its usual way under a bed's covers; null for what is grown in trays alone. */
function usualGrowing(garden: Garden, bed: Bed, crop: Crop): Growing | null {
  const variety = varietyOf(crop);
  if (!variety || NOT_FOR_A_SEASON.has(crop.startedFrom)) return null;
  if (crop.season === "indoors" || crop.season === "lateSummer") return null;
  return {
    crop,
    variety,
    method: crop.transplanting.tolerance === "usual" ? "transplant" : "direct",
    stage: "full",
    ...exposureOver(garden, bed),
  };
}

/** What the crop is likely to give when it goes in on each day from today. */
function gainsOf(
  site: Site,
  garden: Garden,
  bed: Bed,
  growing: Growing,
  lengthM: number,
  today: DayNumber,
  seedlingsAtHand: boolean,
): Float64Array {
  const { settings } = garden;
  const yieldKg = growing.crop.harvest.yieldKgPerM2 * lengthM * bed.widthM;
  const gains = new Float64Array(DAYS_LOOKED_AT + 1).fill(NaN);
  const season = site.season(today);
  // Seedlings must be raised first, unless they are at hand.
  const first = seedlingsAtHand ? 0 : benchDaysOf(growing);
  for (let after = first; after <= DAYS_LOOKED_AT; after += 1) {
    const sowDay = today + after - benchDaysOf(growing);
    const { readyDay, lossBeforeReady } = timelineIfSown(site, settings, growing, sowDay);
    if (readyDay === null) {
      gains[after] = 0;
      continue;
    }
    const jumps = readyDay > season.midwinterDay && growing.crop.winterNeeded === undefined;
    gains[after] = yieldKg * (1 - (lossBeforeReady ?? 1)) * (jumps ? turnoverJson.springShare : 1);
  }
  return gains;
}

/** The day from today on which kept and gained together are most; null when nothing is gained any more. */
function bestDay(gainKg: Float64Array, kept: Float64Array): number | null {
  let best: number | null = null;
  let most = -Infinity;
  for (let after = 0; after < gainKg.length; after += 1) {
    const gain = gainKg[after] ?? NaN;
    if (Number.isNaN(gain) || gain < turnoverJson.leastGainKg) continue;
    const sum = gain + (kept[after] ?? 0);
    // A hair more is no reason to wait.
    if (sum > most + Math.abs(most) * 1e-3 || best === null) {
      most = sum;
      best = after;
    }
  }
  return best;
}
