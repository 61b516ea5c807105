import type { DayNumber } from "../calendar";
import type { Garden, Planting } from "../garden";
import type { LogEntry, ThermometerDay } from "../log";
import type { Site } from "../growth";
import type { DecimalMark } from "../typed";
import type { Fact } from "../facts";

/** What a line is read against. */
export interface LineContext {
  site: Site;
  garden: Garden;
  /** The day meant where the line names none. */
  day: DayNumber;
  /** The last day that can be logged. */
  today: DayNumber;
  /** The writer writes "20/9" rather than "9/20". */
  dayFirst: boolean;
  decimalMark: DecimalMark;
  newId: (kind: "log" | "planting") => string;
}

/** A planting that was carried elsewhere: where it stands from then on. */
export interface Move {
  plantingId: string;
  bedId: string;
  fromM: number;
}

/** One thing that a line was understood to say. */
export interface Understood {
  /** What it says where it is more than its entry. */
  words: Fact | null;
  entry: LogEntry | null;
  /** Lows inside and outside of one night, which teach what the covers give. */
  thermometerDay: ThermometerDay | null;
  /** A planting that nobody had planned. */
  newPlanting: Planting | null;
  /** A planting that stands elsewhere from then on. */
  move: Move | null;
  /** Other plantings that may be meant. */
  others: { plantingId: string; name: string; bed: string }[];
  /** What looks odd, though it can be kept. */
  doubt: Fact | null;
}

/** What cannot be read, with the word that it stumbled over. */
export class Unreadable extends Error {
  constructor(
    readonly told: Fact,
    readonly word: string | null = null,
    /** Nothing of the line can be kept, not even as a note. */
    readonly isFinal = false,
  ) {
    super(told.code);
  }
}
