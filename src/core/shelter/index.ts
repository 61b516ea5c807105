export { coverWords, materials, whereWords, type CoverIds } from "./materials";
export {
  BY_RULE,
  growingSpace,
  type Degrees,
  type GrowingSpace,
  type OwnBias,
} from "./growingSpace";
export { usualDay, usualGroundOf } from "./usualDays";

export { MaterialSchema, type Material } from "./materialSchema";
export { soilMeansC, soilOn, type SoilCare, type SoilDay } from "./soil";
export { nightUnder, type ExpectedNight, type Extremes, type NightUnder } from "./night";
export { type ShelterDay } from "./weatherSteps";
export { groundBetween } from "./night";
export {
  runShelter,
  SHUT,
  VENTED,
  type GroundStart,
  type ShelterRun,
  type Working,
} from "./shelterRun";
export { stackOf, type Stack } from "./stack";
export { weatherSteps, type WeatherSteps } from "./weatherSteps";
export { nightGainC as thumbGainC } from "./ruleOfThumb";
