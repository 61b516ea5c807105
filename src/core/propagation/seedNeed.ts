import { dayNumber, type DayNumber } from "../calendar";
import type { Crop, Variety } from "../crops";
import type { Garden, Planting } from "../garden";
import { isSpent, lotSprouting, seedsIn, type SeedLot } from "../seedBox";
import { amountsFor, factsOf, kindAmounts, standOf } from "../plantings";
import { isSown } from "../schedule";

/** Seed of one variety that the plan asks for, what is there, and what to order. */
export interface SeedNeed {
  crop: Crop;
  variety: Variety;
  plantings: Planting[];
  /** Plants that are to stand. */
  plants: number;
  /** Sound, fresh seeds for them, with losses. */
  seeds: number;
  /** The lots that would be used, oldest first. */
  lots: SeedLot[];
  /** What those lots are worth in fresh seeds. */
  worthInBox: number;
  /** Fresh seeds still missing. */
  toOrder: number;
  toOrderGrams: number;
  /** The first day it is wanted. */
  firstSowDay: DayNumber;
}

/**
 * What the plan still wants sown from a day on, variety by variety, against what is in the seed box.
 * Old seed counts for as much fresh seed as it will sprout like; spent seed does not count. What is
 * in trays already is not asked for again.
 *
 * @param today   sowings before it are past
 * @param toDay   the last day looked at
 */
export function seedNeeds(garden: Garden, today: DayNumber, toDay: DayNumber): SeedNeed[] {
  const byVariety = new Map<string, SeedNeed>();
  for (const planting of garden.plantings.values()) {
    const sowDay = dayNumber(planting.sowOn);
    if (sowDay < today || sowDay > toDay || isSown(factsOf(garden, planting.id))) continue;
    if (planting.bought) continue;
    for (const { growing, plants, seeds } of kindAmounts(garden, planting)) {
      const { crop, variety } = growing;
      // Roots to force come out of the store.
      if (crop.forcedFrom !== undefined) continue;
      const key = `${crop.id}|${variety.id}`;
      const need = byVariety.get(key) ?? {
        crop,
        variety,
        plantings: [],
        plants: 0,
        seeds: 0,
        lots: [],
        worthInBox: 0,
        toOrder: 0,
        toOrderGrams: 0,
        firstSowDay: sowDay,
      };
      need.plantings.push(planting);
      need.plants += plants;
      need.seeds += seeds;
      need.firstSowDay = Math.min(need.firstSowDay, sowDay);
      byVariety.set(key, need);
    }
  }
  for (const need of byVariety.values()) takeFromBox(need, garden, today);
  return [...byVariety.values()].sort(
    (a, b) => a.firstSowDay - b.firstSowDay || (a.crop.name < b.crop.name ? -1 : 1),
  );
}

/** The lots of a variety that can still be sown, oldest first. */
function goodLots(garden: Garden, crop: Crop, varietyId: string, today: DayNumber): SeedLot[] {
  return [...garden.seedLots.values()]
    .filter(
      (lot) =>
        lot.cropId === crop.id &&
        lot.varietyId === varietyId &&
        seedsIn(crop, lot) > 0 &&
        !isSpent(crop, lot, today),
    )
    .sort((a, b) => a.packedYear - b.packedYear);
}

/**
 * What a planting takes from the packet that would be used first, by what of it will come up there and
 * then; null when the box has none of its own variety.
 */
export function boxAmounts(
  garden: Garden,
  planting: Planting,
  today: DayNumber,
): { lot: SeedLot; share: number; seeds: number; isEnough: boolean } | null {
  const bed = garden.beds.get(planting.bedId);
  const [own] = kindAmounts(garden, planting);
  if (!bed || !own) return null;
  const { crop } = own.growing;
  const [lot] = goodLots(garden, crop, planting.varietyId, today);
  if (!lot) return null;
  const inSoil = own.seedShare / crop.sowing.sproutShare;
  const share = lotSprouting(crop, lot, today).share;
  const all = amountsFor(standOf(planting, bed), crop, planting.method, share * inSoil).seeds;
  const seeds = Math.ceil(all * own.share - SLACK);
  return { lot, share, seeds, isEnough: seeds <= seedsIn(crop, lot) };
}

/** A whole number of seeds must not gain one to the last binary digit. */
const SLACK = 1e-9;

function takeFromBox(need: SeedNeed, garden: Garden, today: DayNumber): void {
  const { crop, variety } = need;
  need.lots = goodLots(garden, crop, variety.id, today);
  const worth = need.lots.reduce(
    (sum, lot) => sum + seedsIn(crop, lot) / lotSprouting(crop, lot, today).sowThicker,
    0,
  );
  need.worthInBox = Math.floor(worth);
  need.toOrder = Math.max(0, need.seeds - need.worthInBox);
  need.toOrderGrams = need.toOrder / crop.sowing.seedsPerGram;
}
