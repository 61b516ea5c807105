export { GroundFields } from "./GroundFields";
export {
  GROUND_FIELDS,
  groundFieldsOf,
  partFrom,
  refineGround,
  type GroundFields as TypedGround,
} from "./groundFields";
export { groundWords } from "./groundWords";
export { TrialVerdicts } from "./TrialVerdicts";
