import { derive } from "../derive";

/**
 * How a crop does in one garden as against its packets and tables, by the grower's own record; 1 is as
 * they say, 1.1 is a tenth faster.
 */
export interface Here {
  growthPace: number;
  emergencePace: number;
  /** From one picking to the next, in place of how fast it grows; null where that is not known by itself. */
  regrowthPace: number | null;
}

export const AS_PACKETS_SAY: Here = { growthPace: 1, emergencePace: 1, regrowthPace: null };

/** A crop at a place where everything grows at its own pace; the same crop where that is the usual one. */
export function pacedAt<C extends { here?: Here }>(crop: C, pace: number | undefined): C {
  return pace === undefined || pace === 1 ? crop : derive([crop, pace], withPace<C>, PLACES_KEPT);
}

/** Paces of places in which one crop is looked at together. */
const PLACES_KEPT = 40;

function withPace<C extends { here?: Here }>(crop: C, pace: number): C {
  const here = crop.here ?? AS_PACKETS_SAY;
  return { ...crop, here: { ...here, growthPace: here.growthPace * pace } };
}
