export { COLLECTED_KINDS, COLLECTIONS, collectionsFrom, type Collections } from "./collections";
export {
  bedsAsWalked,
  bedsInOrder,
  changesBetween,
  coversOver,
  differences,
  emptyGarden,
  entitiesOf,
  entityOf,
  hasBegun,
  horizonOver,
  inverse,
  isEmptyGarden,
  isEntityKind,
  withChanges,
  type Change,
  type Entity,
  type EntityKind,
  type Garden,
  type Surroundings,
} from "./garden";
export { cropsByTheBook, cropsOf, usesOf } from "./ownCrops";
export { isThermometerOff, ownNumberId, paceOfBed } from "./ownNumbers";
export { OwnNumberSchema, type OwnNumber, type OwnNumberOf } from "./ownNumberSchema";
export {
  KeptSeasonSchema,
  type KeptDates,
  type KeptPlanting,
  type KeptSeason,
  type Wish,
} from "./keptSeasonSchema";
export {
  BedSchema,
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
  type KeptOutlook,
  type OwnCrop,
  type OwnVariety,
  type Place,
  type Planting,
  type Settings,
  type Shelter,
  type Succession,
} from "./schema";
export {
  TRIAL_KINDS,
  TRIAL_MEASURES,
  TrialSchema,
  type Trial,
  type TrialPlot,
  type TrialResult,
} from "./trialSchema";
export { HistorySchema, type History } from "./historySchema";
export { ISOLATIONS, SeedPlanSchema, type Isolation, type SeedPlan } from "./seedPlanSchema";
export { sameForWinters } from "./sameForWinters";
export { inWrittenWinter, type WrittenWinter } from "./writtenWinter";
export { SIMULATED_STATION, STATION_ADDRESS } from "./stationAddress";
export { bedsOn } from "./standingWhere";
