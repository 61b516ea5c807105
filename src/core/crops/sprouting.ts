import growthJson from "@data/growth.json";
import type { Crop } from "./schema";
import { SPROUTING_TEMPERATURES_C } from "./sproutingTemperatures";

type Sprouting = Pick<Crop, "sprouting" | "here">;

/** The share of seed that makes a sowing worth while; below it the hint says so. */
const POOR_SHARE = 0.5;
const STEP_C = 5;

/** How a crop comes up at one soil temperature. */
export interface Emergence {
  /** Days from sowing until seedlings show; null when none do. */
  days: number | null;
  /** Share of sound seed that comes up, 0 to 1. */
  share: number;
}

/**
 * Days to emergence and share emerged at a steady soil temperature.
 *
 * Between the temperatures of the table the rate (1/days) is interpolated, not the days: at the
 * edges, where days run to infinity, the rate runs to zero.
 *
 * @source Harrington & Minges (1954) for the crops they tested; others are estimates by likeness
 *
 * @example emergenceAt(carrot, 10).days // 17
 */
export function emergenceAt(crop: Sprouting, soilTempC: number): Emergence {
  const rate = sproutingRate(crop, soilTempC);
  const share = between(crop.sprouting.share, soilTempC, asItIs);
  return rate <= 0 || share <= 0 ? { days: null, share: 0 } : { days: 1 / rate, share };
}

/** Progress toward emergence in one day at a soil temperature: 1 is a seedling. */
export function sproutingRate(crop: Sprouting, soilTempC: number): number {
  return between(crop.sprouting.days, soilTempC, perDay) * (crop.here?.emergencePace ?? 1);
}

/**
 * Days to emergence in the weather that packets assume; part of every packet's count, however fast seed
 * comes up here.
 */
export function packetEmergenceDays({
  sprouting,
  packetTemperatureC,
}: Pick<Crop, "sprouting" | "packetTemperatureC">): number {
  const soilC = packetTemperatureC ?? growthJson.packetWeather.temperatureC;
  return emergenceAt({ sprouting }, soilC).days ?? 0;
}

/** The soil temperatures between which at least half of the seed comes up, whole °C. */
export function sproutingRange(crop: Sprouting): { fromC: number; toC: number } {
  const fitting = SPROUTING_TEMPERATURES_C.flatMap((_, column) =>
    Array.from({ length: STEP_C }, (__, step) => column * STEP_C + step),
  ).filter((tempC) => emergenceAt(crop, tempC).share >= POOR_SHARE);
  return { fromC: fitting[0] ?? 0, toC: fitting.at(-1) ?? 0 };
}

/** Where none comes up there is no progress. */
const perDay = (days: number | null) => (days === null ? 0 : 1 / days);
const asItIs = (value: number) => value;

/** A value of the table at any temperature, straight between its columns; 0 outside them. */
function between<T>(row: readonly T[], tempC: number, valueOf: (entry: T) => number): number {
  const column = tempC / STEP_C;
  const left = Math.floor(column);
  if (left < 0 || column > row.length - 1) return 0;
  const from = valueOf(row[left] as T);
  // At the last column there is none to the right.
  const to = left + 1 < row.length ? valueOf(row[left + 1] as T) : from;
  return from + (to - from) * (column - left);
}
