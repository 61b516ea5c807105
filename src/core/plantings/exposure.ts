import { derive } from "../derive";
import { coversOver, horizonOver, type Bed, type Surroundings } from "../garden";
import type { Exposure } from "../growth";
import type { OwnBias } from "../shelter";
import type { Horizon } from "../sky";
import { measuredOver } from "./thermometers";

/** An exposure of which it is known whether a thermometer hangs there. */
export type BedExposure = Exposure & { own: OwnBias | null };

/**
 * What a bed's plants stand under: covers, what its own thermometer adds, and skyline. The same as
 * before as long as none of these is another.
 */
export function exposureOver(garden: Surroundings, bed: Bed): BedExposure {
  const own = measuredOver(garden, bed)?.bias ?? null;
  const covers = coversOver(garden, bed).join("+");
  return derive([bed, covers, horizonOver(garden, bed), own], exposureFrom);
}

function exposureFrom(
  { winter }: Bed,
  covers: string,
  horizon: Horizon,
  own: OwnBias | null,
): BedExposure {
  const { mulchCm = 0, snowStays = true } = winter ?? {};
  return { covers: covers === "" ? [] : covers.split("+"), horizon, own, mulchCm, snowStays };
}
