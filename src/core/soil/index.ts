export {
  barrowLoads,
  depthLitres,
  nitrogenBoundG,
  productProblem,
  CEREAL_NITROGEN_G_PER_M2,
  NEW_BED_COMPOST_CM,
  USUAL_COMPOST_CM,
  usualNitrogenGPerM2,
  weighedOut,
} from "./amounts";
export { type CoverCrop } from "./coverCropSchema";
export { coverCropLibrary } from "./coverCrops";
export { feedingAmount, RAW_MANURE_DAYS, type FeedingAmount, type SoilSchool } from "./feeding";
export { mulches, type Mulch } from "./mulches";
export { FeedingSchema, RestSchema, type Feeding, type Rest } from "./schema";
