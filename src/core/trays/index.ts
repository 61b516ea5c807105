export { overFull, roomTaken, type Occupant, type RoomStretch } from "./benchRoom";
export { hardeningPlan, type HardeningPlan } from "./hardeningOff";
export { trayLabels, type Label, type LabelSpacing } from "./labels";
export { lookAlikesIn } from "./lookAlikes";
export { ingredientLitres, ingredients, mixCautions, mixLibrary, mixLitres } from "./mix";
export { MixSchema, type Mix } from "./mixSchema";
export {
  cellCount,
  cellName,
  countSeedlings,
  freeCells,
  mostInCell,
  moveTo,
  potOn,
  rowName,
  rowsOf,
  seedlingsIn,
  sowInto,
  spreadByRow,
  standOn,
  takeCells,
  thinTo,
  type TrayResult,
} from "./tray";
export { trayGrid } from "./trayGrid";
export {
  StandSchema,
  TraySchema,
  TraySowingSchema,
  type Stand,
  type Tray,
  type TraySowing,
} from "./traySchema";
