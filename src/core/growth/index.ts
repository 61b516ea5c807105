export { drawnSoilC, frozenSoilKeeps, potBufferC } from "./coldMedium";
export { dayWhenGathered, latestStart, sumBetween, type RunningSum } from "./growthCurve";
export type { ColdRisk, PartFrom } from "./coldRisk";
export { HARDENED_OFF_SHARE } from "../crops";
export { decidingParts, topOf, type DecidingPart } from "./decidingPart";
export { feltHardening, lt50Course } from "./hardening";
export { hardeningYear, WINTER_CROP } from "./hardeningYear";
export { MADE_YEARS, manyYears } from "./manyYears";
export {
  requirement,
  seedlingDays,
  usualBoughtAgeDays,
  standingPacketDays,
  type Method,
  type Requirement,
  type Stage,
} from "./requirement";
export {
  exposureKey,
  horizonKey,
  Site,
  USUAL_PLAN_SETTINGS,
  type DegreesSchool,
  type Exposure,
  type InContainers,
  type PlanSettings,
  type School,
} from "./site";
export { distinctSpots, type Spot } from "./spots";
