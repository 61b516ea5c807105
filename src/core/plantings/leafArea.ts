import shelterJson from "@data/shelter.json";
import type { Bed } from "../garden";
import type { StandingPlants } from "./bedPlants";

/** Beds whose leaves differ by less are alike under covers. */
const STEP = 0.25;

/**
 * Leaf over each square metre of a bed, by what stands in it: bare ground 0, ground that leaves just
 * close over 2. Told in quarters, so that beds alike share their nights.
 */
export function leafAreaIndexOf(bed: Bed, standing: readonly StandingPlants[]): number {
  const bedM2 = bed.lengthM * bed.widthM;
  const leafM2 = standing.reduce(
    (sum, { points, radiusM }) => sum + points.length * Math.PI * radiusM * radiusM,
    0,
  );
  const closed = Math.min(1, leafM2 / bedM2);
  return Math.round((closed * shelterJson.canopy.closedLeafAreaIndex) / STEP) * STEP;
}
