export { cautionWords } from "./cautions";
export { cropProblems } from "./cropProblems";
export {
  benchDayWorth,
  cardinalsKey,
  lightResponse,
  packetGrowth,
  placeOf,
  responseTable,
  type GrowthNeeds,
} from "./growth";
export { AS_PACKETS_SAY, pacedAt, type Here } from "./here";
export {
  hardinessRange,
  leafRange,
  lt50At,
  nightDamage,
  type HardinessRange,
  type NightDamage,
  type Organ,
} from "./hardiness";
export {
  HARDENED_OFF_SHARE,
  hardenedAfter,
  hardeningDay,
  SPRING_PACKET_DAYS,
  type HardeningDay,
} from "./hardening";
export { CROP_GROUPS } from "./groups";
export { usableShare } from "./usable";
export {
  usualSowing,
  WINDOW_WEEKS_FOR_EACH_COVER,
  type FrostWeeks,
  type HowGrown,
} from "./usualSowing";
export { cropLibrary, varietyOf } from "./library";
export { CropSchema, VarietySchema, type Crop, type PacketBasis, type Variety } from "./schema";
export { readCropSources } from "./sources";
export { emergenceAt, packetEmergenceDays, sproutingRange, sproutingRate } from "./sprouting";
export { SPROUTING_TEMPERATURES_C } from "./sproutingTemperatures";
