import type { DayNumber } from "../calendar";
import { USUAL_WIND_MPS, CLEAR_SHARE, OVERCAST_SHARE, type Climate } from "../climate";
import type { GroundStart } from "./shelterRun";
import { groundBetween } from "./night";
import type { ShelterDay } from "./weatherSteps";

/** A day as it usually is at a place. */
export function usualDay(climate: Climate, day: DayNumber): ShelterDay {
  const clear = (climate.clearness(day) - OVERCAST_SHARE) / (CLEAR_SHARE - OVERCAST_SHARE);
  return {
    minTempC: climate.minTempC(day),
    maxTempC: climate.maxTempC(day),
    cloudShare: Math.min(1, Math.max(0, 1 - clear)),
    windMps: USUAL_WIND_MPS,
  };
}

/** Days over which the surface and the depth of the soil remember the air (estimates). */
const SURFACE_DAYS = 20;
const DEEP_DAYS = { from: 110, to: 10 };

/** The soil before a day: its surface by the weeks before, its depth by the months before. */
export function usualGroundOf(climate: Climate, day: DayNumber): GroundStart {
  return groundBetween(meanAirC(climate, day - SURFACE_DAYS, day), usualDeepC(climate, day));
}

/** The soil below a metre on a day, °C, by the months before. */
export function usualDeepC(climate: Climate, day: DayNumber): number {
  return meanAirC(climate, day - DEEP_DAYS.from, day - DEEP_DAYS.to);
}

function meanAirC(climate: Climate, from: DayNumber, to: DayNumber): number {
  let sum = 0;
  for (let at = from; at < to; at += 1) sum += (climate.minTempC(at) + climate.maxTempC(at)) / 2;
  return sum / (to - from);
}
