import type { DayNumber } from "@/core/calendar";
import type { Told } from "@/core/facts";

/** Dates and amounts as this browser's locale and the chosen units say them. */
export interface LocalWording {
  /** A fact that is part of a sentence, or a name as it stands. */
  tell(told: Told): string;
  /** "a, b, c" */
  names(names: readonly string[]): string;
  /** "a, b and c" */
  list(all: readonly Told[]): string;
  /** "1 year in 5" */
  chance(share: number): string;
  /** "1 day", "3 days" */
  days(count: number): string;
  /** "3 days later", "on the same day" */
  later(days: number): string;
  /** A date; the year is told when it differs from that of `besideDay`. */
  date(day: DayNumber, besideDay?: DayNumber | null): string;
  /** A temperature with its unit, from °C; to the degree unless digits are asked for. */
  temperature(tempC: number, digits?: number): string;
  /** A short distance with its unit, from cm. */
  distanceCm(centimetres: number): string;
  /** How far on a map: "300 m", "12 km". */
  /** An area in m² or square feet. */
  areaM2(m2: number): string;
  /** A rate for an area: g or kg per m², or pounds for 100 square feet. */
  ratePerM2(grams: number): string;
  /** The weight of cloth by its area: g/m², or ounces for a square yard. */
  clothWeight(gramsPerM2: readonly number[]): string;
  /** How many to a gram, or to an ounce. */
  perWeight(perGram: number): string;
  /** Rain or water over the ground: mm, or inches. */
  rainMm(mm: number): string;
  /** Water to give, or what a barrel holds: litres, or gallons. */
  waterL(litres: number): string;
  /** Soil, compost, mulch: litres or m³, or cubic feet and yards. */
  soilL(litres: number): string;
  distanceM(metres: number): string;
  /** A weight with its unit, from grams; kilograms where there are many. */
  weightG(grams: number): string;
  /** What a picking may weigh, in an example of a line: "1.2 kg". */
  examplePicking: string;
  number(value: number, digits?: number): string;
  /** "24 Sep" */
  shortDate(day: DayNumber): string;
  /** "Thursday 24 September" */
  longDate(day: DayNumber): string;
  /** "Thu 24 Sep" */
  narrowDate(day: DayNumber): string;
  /** "Sep" */
  month(day: DayNumber): string;
  /** "September 2026" */
  monthOfYear(day: DayNumber): string;
  /** A difference between temperatures. */
  degrees(differenceC: number): string;
  lengthM(metres: number, digits?: number): string;
  /** A volume from litres: cells small, mixes large. */
  volumeL(litres: number): string;
}
