export { containerSpace, potSwing } from "./containerSpace";
export { AT_WINDOW, movedIndoors, ON_BENCH, type Indoors } from "./indoors";
export { coverLight } from "./coverLight";
export { COURSE_STEPS, openCourseC } from "./dayCourse";
export { EnergyBalance, type Driving, type Handling } from "./balance/energyBalance";
export { PAIR_INPUT, PairBalance } from "./balance/pairBalance";
export { stackOf, type Stack, type Structure } from "./balance/stack";
export {
  BY_RULE,
  growingSpace,
  type Degrees,
  type GrowingSpace,
  type OwnBias,
} from "./growingSpace";
export { MaterialSchema, type Material } from "./materialSchema";
export { materials, type CoverIds } from "./materials";
export { coldestAtCropC, groundBetween, nightSteps, nightUnder, type NightSteps } from "./night";
export { conditionKeeps, pieceFit, type PieceFit } from "./pieceFit";
export { PieceSchema, type CoverPiece, type Piece } from "./pieceSchema";
export { cropDayOf, nightGainC, thumbGainAtC, type CropDay } from "./ruleOfThumb";
export {
  runShelter,
  SHUT,
  VENTED,
  type GroundStart,
  type ShelterRun,
  type Working,
} from "./shelterRun";
export { soilMeansC, soilOn, type SoilDay } from "./soil";
export { usualDay, usualDeepC, usualGroundOf } from "./usualDays";
export { giveUsualYear, hasUsualYear, usualYear, type UsualYear } from "./usualYear";
export { VentSchema, type Vent } from "./ventSchema";
export { weatherSteps, type ShelterDay, type WeatherSteps } from "./weatherSteps";
