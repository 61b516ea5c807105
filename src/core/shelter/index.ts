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
export { PieceSchema, type CoverPiece, type Piece } from "./pieceSchema";
export { conditionKeeps, pieceFit, type PieceFit } from "./pieceFit";
export { VentSchema, type Vent } from "./ventSchema";
export { stackOf, type Stack, type Structure } from "./stack";
export { weatherSteps, type WeatherSteps } from "./weatherSteps";
export { nightGainAtC as thumbGainAtC } from "./ruleOfThumb";
