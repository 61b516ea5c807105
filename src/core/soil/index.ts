export { FeedingSchema, RestSchema, type Feeding, type Rest } from "./schema";
export {
  barrowLoads,
  depthLitres,
  nitrogenBoundG,
  productProblem,
  usualNitrogenGPerM2,
  USUAL_COMPOST_CM,
  weighedOut,
  type Product,
  type WeighedOut,
} from "./amounts";
export { mulches, type Mulch } from "./mulches";
export { feedingAmount, RAW_MANURE_DAYS, type FeedingAmount, type SoilSchool } from "./feeding";
