import foodJson from "@data/food.json";
import type { Crop } from "../crops";

/** What a household asks for by, in the order in which it is told. */
export const FOOD_GROUPS = [
  "salad",
  "cookedGreens",
  "roots",
  "alliums",
  "heads",
  "herbs",
  "fruit",
] as const;
export type FoodGroup = (typeof FOOD_GROUPS)[number];

const { byGroup, byCrop } = foodJson.groupOf;
const OF_CROP = byCrop as Partial<Record<string, FoodGroup | null>>;
const OF_GROUP = byGroup as Record<Crop["group"], FoodGroup>;

/** What a crop counts as on the table; null for flowers to be cut. */
export function foodGroupOf({ id, group }: Pick<Crop, "id" | "group">): FoodGroup | null {
  const own = OF_CROP[id];
  return own === undefined ? OF_GROUP[group] : own;
}

const COUNTED: ReadonlySet<string> = new Set(foodJson.countedByHead);

/** Whether people count its heads rather than weigh them. */
export function isCountedByHead({ id }: Pick<Crop, "id">): boolean {
  return COUNTED.has(id);
}

/** What a usual bunch weighs, kg, of what people count by the bunch; null for everything else. */
export function bunchKgOf({ id }: Pick<Crop, "id">): number | null {
  return (foodJson.bunchKg as Partial<Record<string, number>>)[id] ?? null;
}

/** An amount for each food group. */
export function byFoodGroup<T>(of: (group: FoodGroup) => T): Record<FoodGroup, T> {
  return Object.fromEntries(FOOD_GROUPS.map((group) => [group, of(group)])) as Record<FoodGroup, T>;
}
