import type { Crop } from "../crops";
import type { FoodGroup } from "../food";

/** Something to eat from, week by week: what stands in a bed, what grows there anew, or what is stored. */
export interface Source {
  id: string;
  group: FoodGroup;
  crop: Crop;
  /** Null for what is in store already. */
  plantingId: string | null;
  /** Null for what still grows. */
  storeLotId: string | null;
  /** What there is of it in full-grown, undiminished kilograms. */
  units: number;
  /**
   * What of a unit can be eaten in each week, 0 to 1: it grows on, dies back, or dries up; 0 before it
   * is there and once it is over.
   */
  worth: Float64Array;
  /** From this week on it is eaten from the store, not from the bed; Infinity for what never is. */
  storedFromWeek: number;
}

/** The last week in which anything of a source can be eaten; -1 where there is none. */
export function lastWeekOf({ worth }: Pick<Source, "worth">): number {
  for (let week = worth.length - 1; week >= 0; week -= 1) if ((worth[week] ?? 0) > 0) return week;
  return -1;
}
