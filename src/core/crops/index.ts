export {
  CropSchema,
  VarietySchema,
  type Crop,
  type CropGroup,
  type PacketBasis,
  type Variety,
} from "./schema";
export { SPROUTING_TEMPERATURES_C } from "./sproutingTemperatures";
export { readCropSources } from "./sources";
export { CROP_GROUPS, cropLibrary, varietyOf } from "./library";
export {
  emergenceAt,
  packetEmergenceDays,
  sproutingRange,
  sproutingRate,
  type Emergence,
} from "./sprouting";
export { coverCropLibrary } from "./coverCrops";
export { CoverCropSchema, type CoverCrop } from "./coverCropSchema";
export { cropProblems, type CropProblem } from "./cropProblems";
export { cautionWords } from "./cautions";
export {
  benchDayWorth,
  cardinalsKey,
  dayWorthOf,
  hourlySteps,
  HOURS_TOLD,
  lightResponse,
  packetGrowth,
  responseTable,
  temperatureResponse,
  type DayWorth,
  type GrowthNeeds,
} from "./growth";
export {
  hardenedAfter,
  hardenedShares,
  hardinessRange,
  lt50At,
  nightDamage,
  type HardinessRange,
  type NightDamage,
  type Organ,
} from "./hardiness";
