import type { Bed, Garden, Planting } from "../garden";
import { exactM, fitsInto, patchesOf } from "../layout";
import type { Site } from "../growth";
import { bedDays, type Timeline } from "../schedule";
import { placesFor } from "./freeGround";
import { occupantsOf, type Place } from "./occupancy";

/**
 * Where the sowings of a succession go along their bed: each in the first place that is free for all of
 * its time, first in the part its planting has already, then anywhere in the bed.
 *
 * @param planting   the one the succession is made of; the first sowing stays where it begins
 * @param timelines  of the sowings, earliest first
 * @param lengthM    length of bed of each, in metres
 * @returns metres from the bed's near end, one for each; its planting's own where nothing is free
 */
export function successionPlaces(
  site: Site,
  garden: Garden,
  bed: Bed,
  planting: Planting,
  timelines: readonly Timeline[],
  lengthM: number,
): number[] {
  // What stands between the plants of others minds only its like, and the others only theirs.
  const standing: Place[] = occupantsOf(site, garden, bed)
    .filter(({ id, interplanted }) => id !== planting.id && interplanted === planting.interplanted)
    .map((one) => ({ ...one, interplanted: false }));
  const own = { fromM: planting.fromM, toM: planting.fromM + planting.lengthM };
  return timelines.map((timeline, index) => {
    const { fromDay, untilDay } = bedDays(timeline);
    const wanted = { lengthM, across: planting.across };
    const places = placesFor(standing, bed, wanted, fromDay, untilDay, [own.fromM]);
    const inOwn = places.find((m) => fitsInto(own.fromM, m) && fitsInto(m + lengthM, own.toM));
    const place = index === 0 ? undefined : (inOwn ?? places[0]);
    const fromM = exactM(Math.min(place ?? own.fromM, Math.max(0, bed.lengthM - lengthM)));
    const patches = patchesOf({ fromM, ...wanted }, bed.widthM);
    standing.push({ patches, fromDay, untilDay, interplanted: false });
    return fromM;
  });
}
