import type { DayNumber } from "../calendar";
import type { LossCause } from "../log";

/** What is known to have happened to a planting; null where nobody wrote it down. */
export interface Facts {
  sownDay: DayNumber | null;
  emergedDay: DayNumber | null;
  plantedOutDay: DayNumber | null;
  /** Every day it was picked on, the first first. */
  pickedDays: DayNumber[];
  firstHarvestDay: DayNumber | null;
  lastHarvestDay: DayNumber | null;
  /** The last day on which somebody wrote that it stands there. */
  seenDay: DayNumber | null;
  /** Nothing stands there any more from this day on: picked empty, lost whole, or cleared. */
  overDay: DayNumber | null;
  /** Its ground is free from this day on. */
  clearedDay: DayNumber | null;
  harvestedGrams: number;
  harvestedCount: number;
  /** Losses in the order of their days. */
  losses: { day: DayNumber; cause: LossCause; share: number }[];
}

/** What of it moves a planting's dates. */
export type DatesKnown = Pick<
  Facts,
  | "sownDay"
  | "emergedDay"
  | "plantedOutDay"
  | "firstHarvestDay"
  | "lastHarvestDay"
  | "seenDay"
  | "overDay"
>;

export const NOTHING_KNOWN: Facts = {
  sownDay: null,
  emergedDay: null,
  plantedOutDay: null,
  pickedDays: [],
  firstHarvestDay: null,
  lastHarvestDay: null,
  seenDay: null,
  overDay: null,
  clearedDay: null,
  harvestedGrams: 0,
  harvestedCount: 0,
  losses: [],
};

/** The share of a planting that is still there on a day, after its losses; 0 to 1. */
export function shareLeft({ losses }: Facts, day: DayNumber): number {
  return losses.reduce((left, loss) => (loss.day <= day ? left * (1 - loss.share) : left), 1);
}

/** Whether a planting is known to be in the ground or in a tray: sown, or met with later. */
export function isSown(facts: Facts | undefined): boolean {
  return (
    facts !== undefined &&
    [facts.sownDay, facts.emergedDay, facts.plantedOutDay, facts.firstHarvestDay].some(
      (day) => day !== null,
    )
  );
}
