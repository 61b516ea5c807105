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

/** Something while it is eaten: what is left of it, what a unit is worth in each week, and its weeks. */
export interface Dish {
  units: number;
  worth: Float64Array;
  first: number;
  last: number;
}

/** A lot as a dish; null where nothing of it can be eaten. */
export function dishOf({ units, worth }: Pick<Source, "units" | "worth">): Dish | null {
  const last = lastWeekOf({ worth });
  if (last < 0 || units <= NOTHING_KG) return null;
  return { units, worth, first: worth.findIndex((share) => share > 0), last };
}

/**
 * Eats of one group week by week what is over first; takes it off the dishes.
 *
 * @returns what stays unmet in each week, kg
 */
export function eatDishes<D extends Dish>(
  dishes: readonly D[],
  needKg: Float64Array,
  onEaten?: (dish: D, week: number, kg: number) => void,
): Float64Array<ArrayBuffer> {
  const there = [...dishes].sort((a, b) => a.last - b.last || a.first - b.first);
  const { length } = needKg;
  return Float64Array.from({ length }, (_, week) => {
    let wanted = needKg[week] ?? 0;
    for (const dish of there) {
      if (wanted <= NOTHING_KG) break;
      if (week < dish.first || week > dish.last || dish.units <= NOTHING_KG) continue;
      const worth = dish.worth[week] ?? 0;
      const kg = Math.min(wanted, dish.units * worth);
      if (kg <= NOTHING_KG) continue;
      dish.units -= kg / worth;
      wanted -= kg;
      onEaten?.(dish, week, kg);
    }
    return wanted > NOTHING_KG ? wanted : 0;
  });
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
  const byGroup = byFoodGroup((): (Dish & { source: Source })[] => []);
  for (const source of sources) {
    const dish = dishOf(source);
    if (dish) byGroup[source.group].push({ source, ...dish });
  }
  for (const group of FOOD_GROUPS) {
    const { harvestKg, storeKg } = meals;
    meals.gapKg[group] = eatDishes(byGroup[group], needKg[group], ({ source }, week, kg) => {
      eaten.push({ source, week, kg });
      const from = week >= source.storedFromWeek ? storeKg : harvestKg;
      from[group][week] = (from[group][week] ?? 0) + kg;
    });
    for (const { source, units, last } of byGroup[group]) {
      if (units > NOTHING_KG) leftKg.set(source.id, units * (source.worth[last] ?? 0));
    }
  }
  return { eaten, ...meals, leftKg };
}
