import type { Garden } from "@/core/garden";
import {
  exposureKey,
  exposureOver,
  roomIn,
  roomiestBed,
  type Room,
  type Site,
  type Way,
} from "@/core/plan";

/** Less room than this in a bed is none. */
export const LEAST_ROOM_M = 0.1;

/**
 * Where an accepted way would stand: in the chosen bed when its covers and skyline are the way's, otherwise in
 * the roomiest bed under the same covers and skyline. Null when the garden has none.
 */
export function wayRoom(site: Site, garden: Garden, way: Way, chosenBedId: string): Room | null {
  const { growing, timeline } = way;
  const fromDay = timeline.plantOutDay ?? timeline.sowDay;
  const toDay = timeline.holdsUntilDay ?? fromDay;
  const chosen = garden.beds.get(chosenBedId);
  const same = chosen && exposureKey(exposureOver(garden, chosen)) === exposureKey(growing);
  return same
    ? roomIn(site, garden, chosen, fromDay, toDay)
    : roomiestBed(site, garden, growing, fromDay, toDay);
}
