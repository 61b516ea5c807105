import { coversOver, horizonOver, type Bed, type Garden } from "../garden";
import type { Exposure } from "../growth";
import { measuredOver } from "./thermometers";

/** What a bed's plants stand under: covers, what its own thermometer adds, and skyline. */
export function exposureOver(garden: Garden, bed: Bed): Required<Exposure> {
  return {
    covers: coversOver(garden, bed),
    horizon: horizonOver(garden, bed),
    own: measuredOver(garden, bed)?.bias ?? null,
  };
}
