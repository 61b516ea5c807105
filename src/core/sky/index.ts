export { dayLengthHours, dayLengthOnDay, sunDay, type SunDay } from "./sun";
export { shortDays, type ShortDays } from "./shortDays";
export { dailyLightIntegralMol, extraterrestrialRadiationMJ, globalRadiationMJ } from "./radiation";
export {
  directSun,
  horizonElevationDeg,
  HorizonSchema,
  LEVEL_HORIZON,
  lightShareUnder,
  sunPositionAt,
  type Horizon,
  type HorizonPoint,
} from "./horizon";
