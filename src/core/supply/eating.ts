import { byFoodGroup, FOOD_GROUPS, type FoodGroup } from "../food";
import { lastWeekOf, type Source } from "./source";

/** What of a source is eaten in a week, kg. */
export interface Eaten {
  source: Source;
  week: number;
  kg: number;
}

/** A season of eating: what is eaten of what, what is missing, and what is left over. */
export interface Meals {
  eaten: Eaten[];
  /** By group and week, kg. */
  gapKg: Record<FoodGroup, Float64Array>;
  harvestKg: Record<FoodGroup, Float64Array>;
  storeKg: Record<FoodGroup, Float64Array>;
  /** What nobody eats of a source before it is over, by its id, kg as it is then. */
  leftKg: ReadonlyMap<string, number>;
}

/** Less is nothing, kg. */
const NOTHING_KG = 1e-9;

/**
 * Eats week by week what is over first: of all that can be eaten in a week, that whose last week comes
 * soonest. No other order leaves less unmet where what is there does not change with waiting: a
 * source that lasts longer can always stand in later, one that ends cannot (earliest deadline first).
 *
 * @param needKg wanted in each week, by group
 */
export function eatInOrder(
  sources: readonly Source[],
  needKg: Record<FoodGroup, Float64Array>,
): Meals {
  const weeks = needKg.salad.length;
  const zeros = () => byFoodGroup(() => new Float64Array(weeks));
  const meals = { gapKg: zeros(), harvestKg: zeros(), storeKg: zeros() };
  const eaten: Eaten[] = [];
  const leftKg = new Map<string, number>();
  const byGroup = byFoodGroup(
    (): { source: Source; units: number; last: number; first: number }[] => [],
  );
  for (const source of sources) {
    const last = lastWeekOf(source);
    if (last < 0 || source.units <= NOTHING_KG) continue;
    const first = source.worth.findIndex((worth) => worth > 0);
    byGroup[source.group].push({ source, units: source.units, last, first });
  }
  for (const group of FOOD_GROUPS) {
    const there = byGroup[group].sort((a, b) => a.last - b.last || a.first - b.first);
    for (let week = 0; week < weeks; week += 1) {
      let wanted = needKg[group][week] ?? 0;
      for (const one of there) {
        if (wanted <= NOTHING_KG) break;
        if (week < one.first || week > one.last || one.units <= NOTHING_KG) continue;
        const worth = one.source.worth[week] ?? 0;
        const kg = Math.min(wanted, one.units * worth);
        if (kg <= NOTHING_KG) continue;
        one.units -= kg / worth;
        wanted -= kg;
        eaten.push({ source: one.source, week, kg });
        const from = week >= one.source.storedFromWeek ? meals.storeKg : meals.harvestKg;
        from[group][week] = (from[group][week] ?? 0) + kg;
      }
      meals.gapKg[group][week] = wanted > NOTHING_KG ? wanted : 0;
    }
    for (const { source, units, last } of there) {
      if (units > NOTHING_KG) leftKg.set(source.id, units * (source.worth[last] ?? 0));
    }
  }
  return { eaten, ...meals, leftKg };
}
