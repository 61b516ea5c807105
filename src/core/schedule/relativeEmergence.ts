import type { DayNumber } from "../calendar";
import { emergenceAt, type Crop } from "../crops";
import type { Site } from "../growth";
import { soilOn, type SoilDay } from "../shelter";
import type { Growing } from "./growing";

/** Where fewer than this share of the usual come up nobody makes up for it with seed. */
const LEAST_RELATIVE_SHARE = 0.2;

/**
 * How many come up in the soil of a place on a day, against the best there is for the crop: what a count of
 * seed is divided by, 0.2 to 1.
 *
 * @param benchC a steady warmth that it is sown in instead, as on the bench; null for the bed's soil
 */
export function relativeEmergence(
  site: Site,
  growing: Growing,
  sowDay: DayNumber,
  benchC: number | null = null,
): number {
  const { crop } = growing;
  const best = Math.max(...crop.sprouting.share);
  const share =
    benchC === null
      ? shareOverDay(crop, soilOn(site.space(growing, sowDay), sowDay, crop.sowing.depthCm))
      : emergenceAt(crop, benchC).share;
  return best === 0 ? 1 : Math.max(LEAST_RELATIVE_SHARE, Math.min(1, share / best));
}

/** A quarter of the day is about as warm as its warmest hour. */
const WARM_PART_OF_DAY = 0.25;

/** Share that comes up where afternoons are warmer than the mean. */
export function shareOverDay(crop: Crop, soil: SoilDay): number {
  const [usual, warm] = [emergenceAt(crop, soil.meanC), emergenceAt(crop, soil.warmestC)];
  return usual.share * (1 - WARM_PART_OF_DAY) + warm.share * WARM_PART_OF_DAY;
}
