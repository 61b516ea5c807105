import foodJson from "@data/food.json";
import type { DayNumber } from "../calendar";
import { containerCount } from "../containers";
import type { Crop } from "../crops";
import { cropsOf, type Bed, type Garden } from "../garden";
import type { Site } from "../growth";
import { shootRounds, type ShootRounds } from "./shootRounds";

const { everyDays, mostBatches, beforeDays } = foodJson.forcing;

/** From one pot of forced roots to the next, days. */
export const FORCED_EVERY_DAYS = everyDays;

/** What is forced from roots that lie in the store. */
export function forcedCrops(garden: Garden): Crop[] {
  return [...cropsOf(garden).values()].filter(({ forcedFrom }) => forcedFrom !== undefined);
}

/**
 * Roots of a crop forced in a row of containers, a container every other week, in time for a day on
 * which something gets short; null where there is no room, or the store holds too few roots.
 */
export function usualForcing(
  site: Site,
  garden: Garden,
  bed: Bed,
  crop: Crop,
  { today, shortDay }: { today: DayNumber; shortDay: DayNumber },
): ShootRounds | null {
  const { container, lengthM } = bed;
  if (!container) return null;
  const squares = containerCount({ lengthM, container });
  let made = 0;
  const rounds = shootRounds(
    site,
    garden,
    {
      cropId: crop.id,
      bedId: bed.id,
      everyDays,
      squares,
      squareM: container.eachM,
      batches: Math.min(mostBatches, squares),
      firstDay: Math.max(today + 1, shortDay - beforeDays),
    },
    () => `fill-${bed.id}-${crop.id}-${(made += 1)}`,
  );
  const hasRoots = rounds.roots !== null && rounds.roots.inStore >= rounds.roots.wanted;
  return rounds.problem || !hasRoots ? null : rounds;
}
