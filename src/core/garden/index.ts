export { GARDEN_FILE_FORMAT, GARDEN_FILE_VERSION, SIMULATED_STATION } from "./version";
export {
  GardenFileSchema,
  PlaceSchema,
  type Bed,
  type OwnCrop,
  type OwnVariety,
  type Succession,
  type GardenFile,
  type KeptOutlook,
  type Place,
  type Planting,
  type Settings,
  type Shelter,
} from "./schema";
export {
  bedsInOrder,
  changesBetween,
  coversOver,
  emptyGarden,
  fromGardenFile,
  horizonOver,
  inverse,
  isEmptyGarden,
  toGardenFile,
  withChanges,
  type Change,
  type Entity,
  type EntityKind,
  type Garden,
} from "./garden";
export { BY_THE_BOOK } from "./byTheBook";
export { cropsOf } from "./ownCrops";
export { migrateEntity, migrateGardenFile } from "./migrations";
export { commands, type CommandInput, type CommandName } from "./commands";
export { type Outcome } from "./command";
export { problemsFrom, type Problem } from "./problems";
export { referenceProblems } from "./references";
