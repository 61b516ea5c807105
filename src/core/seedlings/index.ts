export { roomTaken, overFull, type Occupant, type RoomStretch } from "./benchRoom";
export { hardeningPlan, type HardeningDay, type HardeningPlan } from "./hardeningOff";
export { trayLabels, type Label, type LabelSpacing } from "./labels";
export { lookAlikesIn, type LookAlikes } from "./lookAlikes";
export {
  ingredientLitres,
  ingredients,
  mixCautions,
  mixLibrary,
  mixLitres,
  type Ingredient,
} from "./mix";
export { MixSchema, type Mix } from "./mixSchema";
export {
  germinationInterval,
  isSpent,
  lotSprouting,
  seedsIn,
  withoutSeeds,
  type LotSprouting,
} from "./seedLot";
export { SeedLotSchema, type GerminationTest, type SeedLot } from "./seedLotSchema";
export {
  cellCount,
  cellName,
  countSeedlings,
  freeCells,
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
  type MoveResult,
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
