export { BY_THE_BOOK } from "./byTheBook";
export { checkGardenFile, type CheckedFile } from "./checkFile";
export { damagedIn } from "./damaged";
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
export { without, type Damaged } from "./without";
