import growthJson from "@data/growth.json";
import type { Crop } from "./schema";

/** The weather for which packets give their days: a spring day of about 18 °C and DLI 30. */
const PACKET_WEATHER = growthJson.packetWeather;
/** A lit or sunny bench indoors, where seedlings are raised. */
const BENCH = growthJson.bench;

const TABLE_STEP_C = 0.1;
const TABLE_FIRST_C = -40;
const TABLE_LAST_C = 60;
const HALF_DAY_HOURS = 12;

type Cardinals = Crop["temperature"];

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
export function dayWorthOf(crop: Pick<Crop, "temperature" | "lightHalfMol">): DayWorth {
  const response = responseTable(crop.temperature);
  const atPacketWeather = steadyGrowth(crop, PACKET_WEATHER);
  return (minTempC, maxTempC, dliMol) => {
    const light = lightResponse(crop.lightHalfMol, dliMol);
    if (light === 0 || maxTempC <= crop.temperature.minimumC) return 0;
    const middle = (minTempC + maxTempC) / 2;
    const swing = (maxTempC - minTempC) / 2;
    let sum = 0;
    // A cosine day: its two halves mirror each other, so twelve hours tell all.
    for (let hour = 0; hour < HALF_DAY_HOURS; hour += 1) {
      const tempC = middle + swing * (HOURLY_COSINES[hour] ?? 0);
      sum += response[((tempC - TABLE_FIRST_C) / TABLE_STEP_C + 0.5) | 0] ?? 0;
    }
    return ((sum / HALF_DAY_HOURS) * light) / atPacketWeather;
  };
}

/** Packet days that a day on the seedling bench is worth: the same temperature day and night. */
export function benchDayWorth(crop: Pick<Crop, "temperature" | "lightHalfMol">): number {
  return steadyGrowth(crop, BENCH) / steadyGrowth(crop, PACKET_WEATHER);
}

function steadyGrowth(
  crop: Pick<Crop, "temperature" | "lightHalfMol">,
  weather: { temperatureC: number; dliMol: number },
): number {
  return (
    temperatureResponse(crop.temperature, weather.temperatureC) *
    lightResponse(crop.lightHalfMol, weather.dliMol)
  );
}

const HOURLY_COSINES = Float64Array.from({ length: HALF_DAY_HOURS }, (_, hour) =>
  Math.cos(((hour + 0.5) / HALF_DAY_HOURS) * Math.PI),
);

function responseTable(cardinals: Cardinals): Float64Array {
  const size = Math.round((TABLE_LAST_C - TABLE_FIRST_C) / TABLE_STEP_C) + 1;
  return Float64Array.from({ length: size }, (_, index) =>
    temperatureResponse(cardinals, TABLE_FIRST_C + index * TABLE_STEP_C),
  );
}
