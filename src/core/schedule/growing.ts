import type { DayNumber } from "../calendar";
import { hardinessRange, type Crop, type HardinessRange, type Variety } from "../crops";
import { requirement, type Exposure, type Method, type Requirement, type Stage } from "../growth";

/** One way to grow something: everything that decides its dates but the date itself. */
export interface Growing extends Exposure {
  crop: Crop;
  variety: Variety;
  method: Method;
  stage: Stage;
  /** The day the grower pulls it; nothing, or null, as long as it is good. */
  clearDay?: DayNumber | null;
  /** Age at which bought plants come into the bed, days; nothing, or null, where the grower sows. */
  boughtAgeDays?: number | null;
  /** What is sown with it, each with its share of the plants; nothing where it stands alone. */
  mix?: readonly MixedWith[];
}

/** One more kind in a sowing. */
export interface MixedWith {
  crop: Crop;
  variety: Variety;
  /** Of all plants of the sowing, above 0 and below 1. */
  share: number;
}

/** The life of one planting, as day numbers. */
export interface Timeline {
  sowDay: DayNumber;
  /** When seedlings move to the bed; null when sown direct. */
  plantOutDay: DayNumber | null;
  /** When seedlings show, in the bed or on the bench; null when the soil lets none come up. */
  emergeDay: DayNumber | null;
  /** Its first picking, at a usable size; null when there is none within the two years looked at. */
  readyDay: DayNumber | null;
  /** When it is full-grown, as its packet counts; null when it never is. */
  fullSizeDay: DayNumber | null;
  /** Last day it is expected to stand in good order; null when never ready. */
  holdsUntilDay: DayNumber | null;
  /** The day by which a night that ends it (the part that is eaten, or all) has come with the chosen risk; null when less likely. */
  coldLossDay: DayNumber | null;
  /** The day it is pulled, when that comes before it is over; null otherwise. */
  clearDay: DayNumber | null;
  /** The day from which a crop that stood through the winter runs to flower; null where it does not. */
  boltDay: DayNumber | null;
  /** The day by which heat has ended it, once it is half grown; null where days stay cool enough. */
  heatDay: DayNumber | null;
  /** Chance that such a night comes before its first picking (0 to 1); null when never ready. */
  lossBeforeReady: number | null;
  requirement: Requirement;
}

/** What a way of growing needs to get ready, in packet days. */
export function needOf({ crop, variety, method, stage, boughtAgeDays }: Growing): Requirement {
  return requirement(crop, variety, method, stage, boughtAgeDays);
}

/** When a planting stands in its bed: from sowing or planting out until it is over or pulled. */
export function bedDays(timeline: Timeline): { fromDay: DayNumber; untilDay: DayNumber } {
  const fromDay = timeline.plantOutDay ?? timeline.sowDay;
  const untilDay = timeline.holdsUntilDay ?? timeline.coldLossDay ?? Infinity;
  // Pulled before it came into the bed, it takes no room at all.
  return {
    fromDay,
    untilDay: Math.max(fromDay, Math.min(untilDay, timeline.clearDay ?? Infinity)),
  };
}

/** What kills half of a planting's plants before any hardening, and fully hardened, °C at the crop. */
export function plantHardiness({ crop, variety }: Growing): HardinessRange {
  return hardinessRange(crop, variety);
}
