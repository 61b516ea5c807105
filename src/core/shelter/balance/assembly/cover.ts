import type { Each, Same } from "./lanes";

/** One cover over the ground, and the air below it. */
export class Cover {
  /** Share of the ground below it: 1 for the outermost, the bed's for those inside a house. */
  share: Same = 1;
  /** Its own area for each square metre that it lies over. */
  areaRatio: Same = 1;
  /** Light it lets through, with its frame. */
  light: Same = 1;
  /** Thermal radiation it lets through, with drops on it and without. */
  wetLets: Same = 0;
  dryLets: Same = 0;
  leakStillPerHour: Same = 0;
  leakPerMps: Same = 0;
  /** Heat of the air below it, J/K for each square metre of all the ground. */
  airHeatJPerK: Same = 0;
  isRemovable: bool = false;
  tempC: f64 = 0;
  airC: f64 = 0;
  isWet: Each = true;
  /** Off for this step. */
  isOff: Each = false;
  /** Watts for a degree that leave through gaps and vents in this step, without their moisture. */
  leakWPerK: f64 = 0;
}
