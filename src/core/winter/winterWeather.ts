import shelterJson from "@data/shelter.json";
import winterJson from "@data/winter.json";
import {
  CLEAR_SHARE,
  OVERCAST_SHARE,
  randomStream,
  snowDepthsM,
  type GeneratedWeather,
} from "../climate";
import { weatherSteps, type WeatherSteps } from "../shelter";
import { dailyLightIntegralMol, extraterrestrialRadiationMJ } from "../sky";
import type { WinterSpan } from "./winterSpan";

/** Hours of a day, which are the steps of a winter. */
export const HOURS = 24;

/** One winter's weather outside, ready for covers and plants. One value a day but for the steps. */
export interface WinterWeather {
  span: WinterSpan;
  daily: GeneratedWeather;
  steps: WeatherSteps;
  meanC: Float64Array;
  /** Daily light in the open, mol/m². */
  dliMol: Float64Array;
  snowM: Float32Array;
  /** What was told the evening before of a morning's low, less what came, °C. */
  toldOffC: Float64Array;
  /** How far covers are off as the season has turned: 0 closed up, 1 wide open. */
  openness: Float64Array;
}

/**
 * A winter's weather outside.
 *
 * @param seed for what an evening's forecast is off by
 */
export function winterWeather(
  latitudeDeg: number,
  daily: GeneratedWeather,
  span: WinterSpan,
  seed: number,
): WinterWeather {
  const { days, firstDay } = span;
  const { minTempC, maxTempC, cloudShare, windMps } = daily;
  const steps = weatherSteps(
    latitudeDeg,
    firstDay,
    Array.from({ length: days }, (_, day) => ({
      minTempC: minTempC[day] ?? 0,
      maxTempC: maxTempC[day] ?? 0,
      cloudShare: cloudShare[day] ?? 0,
      windMps: windMps[day] ?? 0,
    })),
    HOURS,
  );
  const random = randomStream(seed);
  const weather: WinterWeather = {
    span,
    daily,
    steps,
    meanC: new Float64Array(days),
    dliMol: new Float64Array(days),
    snowM: snowDepthsM(daily),
    toldOffC: new Float64Array(days),
    openness: new Float64Array(days),
  };
  const { fullBelowMeanC, offAboveMeanC } = shelterJson.worn;
  let feltC = NaN;
  for (let day = 0; day < days; day += 1) {
    const meanC = ((minTempC[day] ?? 0) + (maxTempC[day] ?? 0)) / 2;
    const share = OVERCAST_SHARE + (CLEAR_SHARE - OVERCAST_SHARE) * (1 - (cloudShare[day] ?? 0));
    weather.meanC[day] = meanC;
    weather.dliMol[day] = dailyLightIntegralMol(
      Math.max(0, extraterrestrialRadiationMJ(latitudeDeg, firstDay + day)) * share,
    );
    weather.toldOffC[day] = winterJson.nightKnownSpreadC * random.normal();
    // Growers go by the last days, not by the hour.
    feltC = Number.isNaN(feltC) ? meanC : feltC + (meanC - feltC) / winterJson.seasonFeltDays;
    const open = (feltC - fullBelowMeanC) / (offAboveMeanC - fullBelowMeanC);
    weather.openness[day] = Math.min(1, Math.max(0, open));
  }
  return weather;
}
