import growthJson from "@data/growth.json";
import type { Crop } from "./schema";

/** The weather for which packets give their days: a spring day of 13 to 23 °C and 26 mol of light. */
const PACKET_WEATHER = growthJson.packetWeather;
/** A lit or sunny bench indoors, where seedlings are raised. */
const BENCH = growthJson.bench;

const TABLE_STEP_C = 0.1;
const TABLE_FIRST_C = -40;
const TABLE_LAST_C = 60;
const LAST_STEP = Math.round((TABLE_LAST_C - TABLE_FIRST_C) / TABLE_STEP_C);

type Cardinals = Crop["temperature"];
/** What of a crop its growth goes by. */
export type GrowthNeeds = Pick<
  Crop,
  "temperature" | "lightHalfMol" | "packetTemperatureC" | "here"
>;

/**
 * Growth rate at a temperature as a share of the rate at the optimum: the beta function of the
 * cardinal temperatures, zero outside them.
 *
 * @source Yan & Hunt (1999), eq. 4, with a minimum other than 0 °C
 */
export function temperatureResponse(cardinals: Cardinals, tempC: number): number {
  const { minimumC, optimumC, ceilingC } = cardinals;
  if (tempC <= minimumC || tempC >= ceilingC) return 0;
  const exponent = (optimumC - minimumC) / (ceilingC - optimumC);
  return (
    ((ceilingC - tempC) / (ceilingC - optimumC)) *
    ((tempC - minimumC) / (optimumC - minimumC)) ** exponent
  );
}

/** Growth by light as a share of its limit: DLI / (DLI + K). */
export function lightResponse(lightHalfMol: number, dliMol: number): number {
  return dliMol <= 0 ? 0 : dliMol / (dliMol + lightHalfMol);
}

/** Turns a day's temperatures and light into packet days for one crop. */
export interface DayWorth {
  /**
   * What a calendar day is worth, in packet days: 1 in packet weather, more in better, 0 in the cold.
   *
   * @param minTempC the day's lowest temperature at the crop
   * @param maxTempC the day's highest
   * @param dliMol   daily light integral at the crop
   */
  (minTempC: number, maxTempC: number, dliMol: number): number;
}

/** Prepares the worth of days for a crop; temperature response is tabulated once, for speed. */
export function dayWorthOf(crop: GrowthNeeds): DayWorth {
  const warmth = dayWarmthOf(crop.temperature);
  const atPacketWeather = packetGrowth(crop);
  return (minTempC, maxTempC, dliMol) =>
    (warmth(minTempC, maxTempC) * lightResponse(crop.lightHalfMol, dliMol)) / atPacketWeather;
}

/**
 * Growth by temperature and light on a packet's day, of which every other day is told as a share. Where a
 * crop grows faster than its packets say, less of it makes a packet day.
 */
export function packetGrowth(crop: GrowthNeeds): number {
  const { swingC, dliMol } = PACKET_WEATHER;
  const meanC = crop.packetTemperatureC ?? PACKET_WEATHER.temperatureC;
  return (
    (dayWarmthOf(crop.temperature)(meanC - swingC, meanC + swingC) *
      lightResponse(crop.lightHalfMol, dliMol)) /
    (crop.here?.growthPace ?? 1)
  );
}

/** Response to temperature as a mean over a day that swings evenly between a low and a high, 0 to 1. */
function dayWarmthOf(cardinals: Cardinals): (minTempC: number, maxTempC: number) => number {
  const response = responseTable(cardinals);
  return (minTempC, maxTempC) => {
    const middle = (minTempC + maxTempC) / 2;
    const swing = (maxTempC - minTempC) / 2;
    let sum = 0;
    for (const cosine of EVEN_SWING) sum += response[placeOf(middle + swing * cosine)] ?? 0;
    return sum / EVEN_SWING.length;
  };
}

/**
 * The place of a temperature in the tables of response: the same for every crop, so that many crops
 * in one spot need the places of its hours only once.
 */
export function placeOf(tempC: number): number {
  const place = ((tempC - TABLE_FIRST_C) / TABLE_STEP_C + 0.5) | 0;
  return place < 0 ? 0 : place > LAST_STEP ? LAST_STEP : place;
}

/** Packet days that a day on the seedling bench is worth: the same temperature day and night. */
export function benchDayWorth(crop: GrowthNeeds): number {
  return steadyGrowth(crop, BENCH) / packetGrowth(crop);
}

function steadyGrowth(
  crop: GrowthNeeds,
  weather: { temperatureC: number; dliMol: number },
): number {
  return (
    temperatureResponse(crop.temperature, weather.temperatureC) *
    lightResponse(crop.lightHalfMol, weather.dliMol)
  );
}

/** A cosine day: its two halves mirror each other, so twelve places of one half tell all. */
const EVEN_SWING = Float64Array.from({ length: 12 }, (_, at) =>
  Math.cos(((at + 0.5) / 12) * Math.PI),
);

const tables = new Map<string, Float64Array>();

/** Response to temperature by the places of `placeOf`; crops with the same temperatures share it. */
export function responseTable(cardinals: Cardinals): Float64Array {
  const key = cardinalsKey(cardinals);
  let table = tables.get(key);
  if (!table) {
    table = Float64Array.from({ length: LAST_STEP + 1 }, (_, index) =>
      temperatureResponse(cardinals, TABLE_FIRST_C + index * TABLE_STEP_C),
    );
    tables.set(key, table);
  }
  return table;
}

/** Cardinal temperatures as text, to find what was computed for the same ones. */
export function cardinalsKey({ minimumC, optimumC, ceilingC }: Cardinals): string {
  return `${minimumC},${optimumC},${ceilingC}`;
}
