import type { DayNumber } from "../calendar";
import { dayLengthOnDay } from "../sky";

/** Whether to water, for a bed as it stands. */
export type Watering =
  /** Water on leaves would freeze, or the soil is too cold to take it up. */
  | { kind: "none"; because: "frost" | "coldSoil" }
  /** Days are short and growth stands still: hardly anything dries. */
  | { kind: "hardly" }
  | { kind: "asUsual" };

/** Roots take up next to nothing from colder soil, °C (estimate). */
const COLD_SOIL_C = 3;
const SHORT_DAY_HOURS = 10;

/**
 * Winter watering: none when it freezes, hardly any while days are short.
 *
 * @param cropMinC the night to come at the crop
 * @param soilC    the soil at 5 cm, mean of the day
 */
export function winterWatering(
  latitudeDeg: number,
  day: DayNumber,
  cropMinC: number,
  soilC: number,
): Watering {
  if (cropMinC < 0) return { kind: "none", because: "frost" };
  if (soilC < COLD_SOIL_C) return { kind: "none", because: "coldSoil" };
  return dayLengthOnDay(latitudeDeg, day) < SHORT_DAY_HOURS
    ? { kind: "hardly" }
    : { kind: "asUsual" };
}
