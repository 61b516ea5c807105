export {
  GARDEN_FILE_FORMAT,
  GARDEN_FILE_VERSION,
  SIMULATED_STATION,
  STATION_ADDRESS,
  EVERYTHING_FORMAT,
} from "./version";
export {
  BedSchema,
  GardenFileSchema,
  GardenHeadSchema,
  KeptOutlookSchema,
  OwnCropSchema,
  OwnVarietySchema,
  PlaceSchema,
  PlantingSchema,
  SettingsSchema,
  ShelterSchema,
  SuccessionSchema,
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
  bedsAsWalked,
  bedsInOrder,
  changesBetween,
  coversOver,
  emptyGarden,
  fromGardenFile,
  horizonOver,
  inverse,
  hasBegun,
  isEmptyGarden,
  isEntityKind,
  toGardenFile,
  withChanges,
  type Change,
  type Entity,
  type EntityKind,
  type Garden,
} from "./garden";
export { BY_THE_BOOK } from "./byTheBook";
export { cropsOf, usesOf } from "./ownCrops";
export {
  alongTheirBeds,
  migrateEntity,
  migrateGardenFile,
  PLACED_SINCE,
  PLAIN_SHELTER,
} from "./migrations";
export { checkGardenFile, entitySchema, type CheckedFile } from "./checkFile";
export { damagedIn } from "./damaged";
export { without, type Damaged } from "./without";
export { problemsFrom, type Problem } from "./problems";
export {
  bedProblems,
  coverProblems,
  cropAndVarietyProblems,
  feedingProblems,
  logProblems,
  pieceProblems,
  placeProblems,
  plantingProblems,
  referenceProblems,
  restProblems,
  thermometerProblems,
  trayProblems,
} from "./references";
