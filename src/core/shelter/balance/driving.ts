import type { Driving } from "./energyBalance";
import type { WeatherSteps } from "../weatherSteps";

/** What drives a balance through steps of weather, to be filled anew for each: nothing is made in the loop. */
export function drivingThrough(weather: WeatherSteps, deepC: number): Driving {
  return { airC: 0, skyWPerM2: 0, sunWPerM2: 0, windMps: 0, deepC, stepS: weather.stepS };
}

/** Takes over a step of weather. */
export function drive(driving: Driving, weather: WeatherSteps, step: number): void {
  driving.airC = weather.airC[step] ?? 0;
  driving.skyWPerM2 = weather.skyWPerM2[step] ?? 0;
  driving.sunWPerM2 = weather.sunWPerM2[step] ?? 0;
  driving.windMps = weather.windMps[step] ?? 0;
}
