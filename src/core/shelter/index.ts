export { containerSpace, potSwing } from "./containerSpace";
export { AT_WINDOW, movedIndoors, ON_BENCH, type Indoors } from "./indoors";
export { coverLight } from "./coverLight";
export { COURSE_STEPS, openCourseC } from "./dayCourse";
export { stackOf, type Structure } from "./balance/stack";
export {
  BY_RULE,
  growingSpace,
  type Degrees,
  type GrowingSpace,
  type OwnBias,
} from "./growingSpace";
export { MaterialSchema, type Material } from "./materialSchema";
export { materials, type CoverIds } from "./materials";
export { groundBetween, nightUnder } from "./night";
export { conditionKeeps, pieceFit, type PieceFit } from "./pieceFit";
export { PieceSchema, type CoverPiece, type Piece } from "./pieceSchema";
export { thumbGainAtC } from "./ruleOfThumb";
export { runShelter, SHUT, VENTED, type ShelterRun, type Working } from "./shelterRun";
export { soilMeansC, soilOn, type SoilDay } from "./soil";
export { usualDay, usualGroundOf } from "./usualDays";
export { giveUsualYear, hasUsualYear, usualYear, type UsualYear } from "./usualYear";
export { VentSchema, type Vent } from "./ventSchema";
export { weatherSteps, type ShelterDay, type WeatherSteps } from "./weatherSteps";
