export { findCrops, type FoundCrop } from "./findCrops";
export { otherNamesOf } from "./otherNames";
