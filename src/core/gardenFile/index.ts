export { fromGardenFile, toGardenFile } from "./asFile";
export { BY_THE_BOOK } from "./byTheBook";
export { checkGardenFile, type CheckedFile } from "./checkFile";
export { compareGardens, type KindCompared } from "./compared";
export { damagedIn } from "./damaged";
export { GardenFileSchema, type GardenFile } from "./fileSchema";
export {
  alongTheirBeds,
  migrateEntity,
  migrateGardenFile,
  PLACED_SINCE,
  PLAIN_SHELTER,
} from "./migrations";
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
export { storeLotProblems } from "./references";
export { EVERYTHING_FORMAT, GARDEN_FILE_FORMAT, GARDEN_FILE_VERSION } from "./version";
export { without, type Damaged } from "./without";
