export { GARDEN_FILE_FORMAT, GARDEN_FILE_VERSION } from "./version";
export {
  GardenFileSchema,
  PlaceSchema,
  type Bed,
  type GardenFile,
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
  inverse,
  isEmptyGarden,
  toGardenFile,
  withChanges,
  type Change,
  type Entity,
  type EntityKind,
  type Garden,
} from "./garden";
export { commands, type CommandInput, type CommandName } from "./commands";
export { type Outcome } from "./command";
export { problemsFrom, type Problem } from "./problems";
export { referenceProblems } from "./references";
