import growthJson from "@data/growth.json";
import type { Crop } from "./schema";

/** The weather for which packets give their days: a spring day of about 18 °C and DLI 30. */
const PACKET_WEATHER = growthJson.packetWeather;
/** A lit or sunny bench indoors, where seedlings are raised. */
const BENCH = growthJson.bench;

const TABLE_STEP_C = 0.1;
const TABLE_FIRST_C = -40;
const TABLE_LAST_C = 60;
const LAST_STEP = Math.round((TABLE_LAST_C - TABLE_FIRST_C) / TABLE_STEP_C);

type Cardinals = Crop["temperature"];
/** What of a crop its growth goes by. */
export type GrowthNeeds = Pick<Crop, "temperature" | "lightHalfMol" | "packetTemperatureC">;

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

/** Growth by temperature and light on a packet's day, of which every other day is told as a share. */
export function packetGrowth(crop: GrowthNeeds): number {
  return steadyGrowth(crop, {
    ...PACKET_WEATHER,
    temperatureC: crop.packetTemperatureC ?? PACKET_WEATHER.temperatureC,
  });
}

/** Response to temperature as a mean over the day's hours, between a low and a high, 0 to 1. */
function dayWarmthOf(cardinals: Cardinals): (minTempC: number, maxTempC: number) => number {
  const response = responseTable(cardinals);
  const steps = new Uint16Array(HOURS_TOLD);
  return (minTempC, maxTempC) => {
    hourlySteps(minTempC, maxTempC, steps, 0);
    let sum = 0;
    for (let hour = 0; hour < HOURS_TOLD; hour += 1) sum += response[steps[hour] ?? 0] ?? 0;
    return sum / HOURS_TOLD;
  };
}

/** A cosine day: its two halves mirror each other, so twelve hours tell all. */
export const HOURS_TOLD = 12;

/**
 * The hours' temperatures of a day as places in the tables of response: the same for every crop, so
 * that many crops in one place need them only once.
 *
 * @param into twelve values are written, from `at` on
 */
export function hourlySteps(
  minTempC: number,
  maxTempC: number,
  into: Uint16Array,
  at: number,
): void {
  const middle = (minTempC + maxTempC) / 2;
  const swing = (maxTempC - minTempC) / 2;
  for (let hour = 0; hour < HOURS_TOLD; hour += 1) {
    const tempC = middle + swing * (HOURLY_COSINES[hour] ?? 0);
    const step = ((tempC - TABLE_FIRST_C) / TABLE_STEP_C + 0.5) | 0;
    into[at + hour] = step < 0 ? 0 : step > LAST_STEP ? LAST_STEP : step;
  }
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

const HOURLY_COSINES = Float64Array.from({ length: HOURS_TOLD }, (_, hour) =>
  Math.cos(((hour + 0.5) / HOURS_TOLD) * Math.PI),
);

const tables = new Map<string, Float64Array>();

/** Response to temperature by the places of `hourlySteps`; crops with the same temperatures share it. */
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
