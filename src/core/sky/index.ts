export { dayLengthHours, dayLengthOnDay, sunDay, type SunDay } from "./sun";
export { shortDays, type ShortDays } from "./shortDays";
export { dailyLightIntegralMol, extraterrestrialRadiationMJ, globalRadiationMJ } from "./radiation";
export {
  directSun,
  horizonElevationDeg,
  LEVEL_HORIZON,
  lightShareOf,
  sunPositionAt,
  type Horizon,
  type HorizonPoint,
} from "./horizon";
export { HorizonSchema } from "./horizonSchema";
