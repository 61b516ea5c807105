export { ClimateSketchSchema, type ClimateSketch } from "./sketch";
export { climateFromSketch, type Climate } from "./climate";
export {
  FROST_THRESHOLDS_C,
  firstFrostDay,
  frostChances,
  lastFrostDay,
  type FrostChances,
} from "./frostOdds";
