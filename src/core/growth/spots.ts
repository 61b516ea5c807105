import { exposureKey, type Exposure } from "./site";

/** A place in the garden where something could grow. */
export interface Spot extends Exposure {
  bedId: string;
  bedName: string;
}

/** One spot for each stack of covers and skyline: beds alike grow alike. */
export function distinctSpots(spots: readonly Spot[]): Spot[] {
  const byCovers = new Map<string, Spot>();
  for (const spot of spots) {
    const key = exposureKey(spot);
    if (!byCovers.has(key)) byCovers.set(key, spot);
  }
  return [...byCovers.values()];
}
