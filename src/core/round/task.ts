import type { DayNumber } from "../calendar";
import type { Garden } from "../garden";
import type { PlantingLife, Site } from "../plan";
import type { Wording } from "../wording";

export type TaskKind =
  | "sow"
  | "sowTray"
  | "checkEmergence"
  | "label"
  | "thin"
  | "hardenOff"
  | "plantOut"
  | "shade"
  | "net"
  | "waterIn"
  | "harvest"
  | "clear"
  | "feed"
  | "sowCoverCrop"
  | "mulch"
  | "endRest"
  | "cover"
  | "pickBeforeFrost"
  | "carryIn"
  | "shut"
  | "vent"
  | "prepareForWind"
  | "brushSnow"
  | "bringIn";

/** One thing to do, as it follows from the garden's state. */
export interface Task {
  /** The same for the same work on the same thing, so that it can be ticked once and stays ticked. */
  id: string;
  kind: TaskKind;
  /** What is worked on: "Spinach, winter type". */
  subject: string;
  /** Where, in words: a bed, a tray, a shelter, the shed. */
  place: string;
  bedId: string | null;
  plantingId: string | null;
  /** The days in which it should be done. */
  fromDay: DayNumber;
  untilDay: DayNumber;
  /** Why, in a sentence. */
  reason: string;
  /** Seeds, litres, metres in words; null where there is nothing to measure. */
  howMuch: string | null;
  /** When it counts as done. */
  endsWhen: string;
  /** What happens if it is left. */
  ifLeft: string;
  isLate: boolean;
}

/** What the rules look at. */
export interface Round {
  site: Site;
  garden: Garden;
  day: DayNumber;
  wording: Wording;
}

/** What the rules for one planting look at. */
export interface PlantingRound extends Round {
  life: PlantingLife;
  name: string;
  place: string;
}
