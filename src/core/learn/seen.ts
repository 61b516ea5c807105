import type { DayNumber } from "../calendar";
import type { Told } from "../facts";
import type { OwnNumber, OwnNumberOf } from "../garden";

/** One thing in the record that speaks to a number of the library. */
export interface Seen {
  what: OwnNumberOf;
  /** The planting that it was seen of; null where it was none. */
  plantingId: string | null;
  /** Crop, and bed where that counts, of what was seen; empty where it is a thermometer. */
  cropId: string;
  bedId: string;
  /** What it was, and where: "Spinach, winter type", "Bed 3". */
  name: string;
  place: Told;
  /** The year in which its season began. */
  year: number;
  day: DayNumber;
  /** What the library expected and what came: days, shares, kilograms, weeks or °C. */
  expected: number;
  came: number;
  /** How far off the library is: the logarithm of how many times as fast or as much, or °C. */
  value: number;
  /** Standard deviation of what a single such thing tells. */
  sd: number;
  /** How far it counts beside the others, 0 to 1. */
  counts: number;
}

/** A number of the library beside the grower's own. */
export interface LearnedNumber {
  id: string;
  what: OwnNumberOf;
  about: OwnNumber["about"];
  unit: "packetDays" | "days" | "share" | "kgPerM2" | "weeks" | "degrees" | "times";
  /** What the library has, what the record alone says, and both joined. */
  library: number;
  own: number;
  joined: number;
  /** Where the joined number lies with 80 %. */
  low: number;
  high: number;
  /** The joined number as it is kept: how many times the library's, or °C. */
  value: number;
  valueLow: number;
  valueHigh: number;
  /** How far the record counts against the library, 0 to 1. */
  weight: number;
  /** What it rests on, the latest first. */
  seen: readonly Seen[];
  /** The number as it was taken over; null where it never was. */
  taken: OwnNumber | null;
  /** Whether the garden goes by it. */
  used: boolean;
}
