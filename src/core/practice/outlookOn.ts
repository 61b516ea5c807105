import { outlookFromTruth, type Climate, type OutlookDay } from "../climate";
import type { WinterWeather } from "../winter";

const DAYS_TOLD = 7;

/** What is told on an evening of the days that come, with the spread of a forecast. */
export function outlookOn(
  climate: Climate,
  { daily }: WinterWeather,
  index: number,
  seed: number,
): readonly OutlookDay[] {
  const part = (values: Float32Array) => values.slice(index, index + DAYS_TOLD);
  const truth = {
    firstDay: daily.firstDay + index,
    minTempC: part(daily.minTempC),
    maxTempC: part(daily.maxTempC),
    precipitationMm: part(daily.precipitationMm),
    cloudShare: part(daily.cloudShare),
    windMps: part(daily.windMps),
  };
  const usual = {
    minTempC: climate.minTempC,
    maxTempC: climate.maxTempC,
    minSpreadC: climate.nightSpreadC,
    maxSpreadC: climate.nightSpreadC,
  };
  return outlookFromTruth(
    truth,
    usual,
    climate.latitudeDeg.toString(),
    truth.firstDay - 1,
    seed + index,
  ).days;
}
