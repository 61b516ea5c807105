import { isoDate, type DayNumber } from "@/core/calendar";
import { hourlyTemperaturesC, simulatedWeather, type MadeUpClimate } from "@/core/climate";
import { READINGS_FORMAT, READINGS_VERSION, type Readings } from "@/core/log";
import { readQuestion, type Answer } from "./question";

/**
 * The thermometers that the simulated logger has: degrees that a night, and a sunny noon, add to the
 * air outside (rounded from the rule of thumb in data/materials; a stand-in, not a measurement).
 */
const SENSORS = [
  { sensor: "outside", nightGainC: 0, noonGainC: 0 },
  { sensor: "greenhouse", nightGainC: 2.6, noonGainC: 8 },
  { sensor: "twin-frames", nightGainC: 3.7, noonGainC: 10 },
];
const HOURS = 24;

/** Hourly readings of the day before the day asked about. */
export function answerReadings(query: URLSearchParams, today: DayNumber): Answer {
  const asked = readQuestion(query, today);
  if ("refused" in asked) return asked.refused;
  return { status: 200, body: readingsOf(asked.climate, asked.day - 1) };
}

function readingsOf(climate: MadeUpClimate, day: DayNumber): Readings {
  // A day on either side: the small hours carry on the evening before, the evening cools to the next low.
  const weather = simulatedWeather(climate, day - 1, 3);
  const at = (values: Float32Array, index: number) => values[index] ?? 0;
  const outside = hourlyTemperaturesC(
    climate.latitudeDeg,
    day,
    at(weather.minTempC, 1),
    at(weather.maxTempC, 1),
    at(weather.minTempC, 2),
    { minTempC: at(weather.minTempC, 0), maxTempC: at(weather.maxTempC, 0) },
  );
  const clear = 1 - at(weather.cloudShare, 1);
  return {
    format: READINGS_FORMAT,
    version: READINGS_VERSION,
    source: `${climate.station} (simulated)`,
    simulated: true,
    readings: SENSORS.flatMap(({ sensor, nightGainC, noonGainC }) =>
      Array.from({ length: HOURS }, (_, hour) => {
        const sun = Math.max(0, Math.sin(((hour - 6) / 12) * Math.PI));
        const gainC = nightGainC + clear * sun * (noonGainC - nightGainC);
        return {
          sensor,
          at: `${isoDate(day)}T${String(hour).padStart(2, "0")}:00`,
          tempC: Math.round(((outside[hour] ?? 0) + gainC) * 10) / 10 + 0,
        };
      }),
    ),
  };
}
