import type { Climate, GeneratedWeather } from "../climate";
import { usualDay } from "../shelter";
import type { WinterSpan } from "./winterSpan";
import { winterWeather, type WinterWeather } from "./winterWeather";

/** A winter whose every day is as it usually is, and every forecast right. */
export function usualWinter(climate: Climate, span: WinterSpan): WinterWeather {
  const daily: GeneratedWeather = {
    firstDay: span.firstDay,
    minTempC: new Float32Array(span.days),
    maxTempC: new Float32Array(span.days),
    precipitationMm: new Float32Array(span.days),
    cloudShare: new Float32Array(span.days),
    windMps: new Float32Array(span.days),
  };
  for (let index = 0; index < span.days; index += 1) {
    const day = usualDay(climate, span.firstDay + index);
    daily.minTempC[index] = day.minTempC;
    daily.maxTempC[index] = day.maxTempC;
    daily.cloudShare[index] = day.cloudShare;
    daily.windMps[index] = day.windMps;
  }
  const weather = winterWeather(climate.latitudeDeg, daily, span, 1);
  weather.toldOffC.fill(0);
  return weather;
}
