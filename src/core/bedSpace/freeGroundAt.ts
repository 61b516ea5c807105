import type { Bed, Garden, Planting } from "../garden";
import type { Site } from "../growth";
import { acrossProblem, exactM, fitsInto } from "../layout";
import { plantingState } from "../plantings";
import { bedDays } from "../schedule";
import { placeFor } from "./freeGround";
import { clashesIn, occupantsOf } from "./occupancy";

/** Where along a bed it has free ground for its time: where it stood if it can, m; null where nowhere. */
export function freeGroundAt(
  site: Site,
  garden: Garden,
  bed: Bed,
  planting: Planting,
): number | null {
  if (acrossProblem(planting, bed.widthM) !== null) return null;
  const life = plantingState(garden, site, planting);
  if (!life) return null;
  if (planting.interplanted)
    return fitsInto(planting.fromM + planting.lengthM, bed.lengthM) ? planting.fromM : null;
  const { fromDay, untilDay } = bedDays(life.timeline);
  const others = occupantsOf(site, garden, bed);
  const withIt = { ...garden, plantings: new Map([...garden.plantings, [planting.id, planting]]) };
  const clashes = clashesIn(site, withIt, bed).some(
    ({ earlier, later }) => earlier.id === planting.id || later.id === planting.id,
  );
  if (!clashes && fitsInto(planting.fromM + planting.lengthM, bed.lengthM)) return planting.fromM;
  const fromM = placeFor(others, bed, planting, fromDay, untilDay);
  return fromM === null ? null : exactM(fromM);
}
