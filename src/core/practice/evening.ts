import type { DayNumber } from "../calendar";
import type { OutlookDay } from "../climate";
import type { Offer } from "./scenario";

/** What is decided on an evening; what is not said is left as it usually is. */
export interface Choice {
  /** Beds that a cloth goes on for the night. */
  cover: readonly string[];
  /** The frames' lids on the day that comes; by somebody's thermometer where nothing is said. */
  lid: "open" | "shut" | null;
  /** Beds that are picked empty now. */
  pick: readonly string[];
  sow: readonly { bedId: string; cropId: string }[];
  water: "morning" | "evening" | "none";
}

export const NO_CHOICE: Choice = { cover: [], lid: null, pick: [], sow: [], water: "none" };

/** One bed as it stands on an evening. */
export interface BedOnEvening {
  id: string;
  name: string;
  hasFrame: boolean;
  /** What stands in it; null where nothing does. */
  cropId: string | null;
  /** Why nothing does any more; null where something does, or nothing was sown. */
  isOver: boolean;
  isReady: boolean;
  /** Of full size, 0 to 1. */
  sizeShare: number;
  aliveShare: number;
  leafShare: number;
  /** What kills half of its plants tonight, °C; null where nothing stands. */
  lt50C: number | null;
  hardened: number;
  /** Harvest if it is picked empty now, kg. */
  readyKg: number;
  /** What the night is expected to kill, as it is and under a cloth, 0 to 1. */
  risk: number;
  riskUnderCloth: number;
  /** Of what the soil holds for plants, 0 to 1; null where watering is not decided. */
  waterShare: number | null;
}

/** An evening on which something is to be decided. */
export interface Evening {
  day: DayNumber;
  /** Week of the winter, from 1, and how many there are. */
  week: number;
  weeks: number;
  /** What is to be decided; the rest is done as usual. */
  asks: readonly Offer[];
  outlook: readonly OutlookDay[];
  /** Now outside: at dusk. */
  duskC: number;
  cloudShare: number;
  windMps: number;
  /** How warm it would get in a frame that is left shut on the day that comes, by what is told, °C. */
  shutMaxC: number | null;
  beds: readonly BedOnEvening[];
  cloths: number;
  sowable: readonly string[];
  harvestedKg: number;
}

/** Something that happened, and was worth writing down. */
export type Happened =
  | {
      kind: "froze";
      day: DayNumber;
      bedId: string;
      cropId: string;
      share: number;
      lowC: number;
      wasCovered: boolean;
    }
  | { kind: "saved"; day: DayNumber; bedId: string; cropId: string; share: number; lowC: number }
  | { kind: "neededNot"; day: DayNumber; bedId: string; cropId: string; lowC: number }
  | { kind: "scorched"; day: DayNumber; bedId: string; cropId: string; share: number; maxC: number }
  | { kind: "softened"; day: DayNumber; bedId: string; cropId: string; maxC: number }
  | { kind: "mould"; day: DayNumber; bedId: string; cropId: string; share: number }
  | { kind: "sown"; day: DayNumber; bedId: string; cropId: string }
  | { kind: "ready"; day: DayNumber; bedId: string; cropId: string }
  | { kind: "picked"; day: DayNumber; bedId: string; cropId: string; kg: number }
  | { kind: "over"; day: DayNumber; bedId: string; cropId: string; by: string };

/** A winter of practice up to an evening, or to its end. */
export interface PracticeState {
  /** Null once the winter is over. */
  evening: Evening | null;
  happened: readonly Happened[];
  harvestedKg: number;
  /** Lows of the nights so far, from the first day of the winter, °C. */
  lowsC: readonly number[];
  /** Evenings decided so far, and what was decided. */
  decided: readonly { day: DayNumber; choice: Choice }[];
}

/** Decides on an evening; null waits for somebody to decide. */
export type Decide = (evening: Evening) => Choice | null;
