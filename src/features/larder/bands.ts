import type { SupplyWeek } from "@/core/supply";
import { FOOD_GROUPS, type FoodGroup } from "@/core/food";

/** Each food group's colour; the words beside the bands tell them apart as well. */
export const GROUP_FILLS: Readonly<Record<FoodGroup, string>> = {
  roots: "#b88746",
  cookedGreens: "var(--moss)",
  salad: "#a3b377",
  heads: "#6f9a8d",
  alliums: "var(--frost)",
  herbs: "#c9b458",
  fruit: "#cf7a4a",
};

/** From the foot up: what lasts lies under what does not. */
export const STACKED: readonly FoodGroup[] = [
  "roots",
  "alliums",
  "heads",
  "cookedGreens",
  "salad",
  "herbs",
  "fruit",
];

/** A band of the chart, lower and upper edge by week, kg. */
export interface Band {
  id: FoodGroup | "store" | "surplus";
  low: number[];
  high: number[];
}

/** What is eaten from beds by group, what from the store on top of it, and what is left over over all. */
export function bandsOf(weeks: readonly SupplyWeek[]): Band[] {
  const foot = weeks.map(() => 0);
  const band = (id: Band["id"], of: (week: SupplyWeek) => number): Band => {
    const low = [...foot];
    weeks.forEach((week, index) => {
      foot[index] = (foot[index] ?? 0) + of(week);
    });
    return { id, low, high: [...foot] };
  };
  const groups = STACKED.map((group) => band(group, ({ byGroup }) => byGroup[group].harvestKg));
  const store = band("store", ({ storeKg }) => storeKg);
  const surplus = band("surplus", ({ byGroup }) =>
    FOOD_GROUPS.reduce((sum, group) => sum + byGroup[group].surplusKg, 0),
  );
  return [...groups, store, surplus];
}

/** The largest weight that the chart must hold, kg a week: need and bands, and not much more than twice the need. */
export function topOf(weeks: readonly SupplyWeek[], bands: readonly Band[]): number {
  const need = Math.max(0.5, ...weeks.map(({ needKg }) => needKg));
  const most = Math.max(...(bands.at(-1)?.high ?? [0]));
  return Math.min(Math.max(need * 1.25, most), need * 2.2);
}
