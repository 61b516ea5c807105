import { isoDate } from "@/core/calendar";
import { BY_THE_BOOK } from "@/core/gardenFile";
import type { Garden, Planting } from "@/core/garden";
import { exactM } from "@/core/layout";
import { exposureKey, type Site } from "@/core/growth";
import { bookSpacing, exposureOver } from "@/core/plantings";
import { roomIn, roomiestBed, type Room } from "@/core/bedSpace";
import type { Way } from "@/core/schedule";

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

/** A planting for an accepted way: in the chosen bed, or the roomiest one under the same covers. */
export function plantingFor(
  site: Site,
  garden: Garden,
  way: Way,
  chosenBedId: string,
  id: string,
): Planting {
  const { growing, timeline } = way;
  const room = wayRoom(site, garden, way, chosenBedId);
  const bedId = room?.bed.id ?? way.spot.bedId;
  const bedLength = garden.beds.get(bedId)?.lengthM ?? 1;
  const free = room && room.freeM >= LEAST_ROOM_M ? exactM(room.freeM) : bedLength;
  return {
    id,
    cropId: growing.crop.id,
    varietyId: growing.variety.id,
    bedId,
    sowOn: isoDate(timeline.sowDay),
    method: growing.method,
    stage: growing.stage,
    fromM: room && room.freeM >= LEAST_ROOM_M ? exactM(room.fromM) : 0,
    lengthM: free,
    ...bookSpacing(growing.crop, growing.stage, garden.settings.units),
    ...BY_THE_BOOK,
  };
}
