import type { Bed, Garden, Planting } from "../garden";
import { exactM, fitsInto } from "../layout";
import type { Site } from "../growth";
import { bedDays, type Timeline } from "../schedule";
import { freeStretches, occupantsOf, type Place, type Stretch } from "./occupancy";

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
    const free = freeStretches(standing, bed.lengthM, fromDay, untilDay);
    const place = index === 0 ? undefined : (firstIn(free, lengthM, own) ?? firstIn(free, lengthM));
    const fromM = exactM(Math.min(place ?? own.fromM, Math.max(0, bed.lengthM - lengthM)));
    standing.push({ fromM, toM: fromM + lengthM, fromDay, untilDay, interplanted: false });
    return fromM;
  });
}

/** Where a length first fits into free parts of a bed, or into what of them lies within one part. */
function firstIn(
  free: readonly Stretch[],
  lengthM: number,
  within: Stretch = { fromM: 0, toM: Infinity },
): number | undefined {
  return free
    .map(({ fromM, toM }) => ({
      fromM: Math.max(fromM, within.fromM),
      toM: Math.min(toM, within.toM),
    }))
    .find(({ fromM, toM }) => fitsInto(lengthM, toM - fromM))?.fromM;
}
