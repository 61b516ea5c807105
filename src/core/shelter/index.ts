export { coverWords, materials, whereWords, type CoverIds } from "./materials";
export { growingSpace, type GrowingSpace } from "./growingSpace";
export { MaterialSchema, type Material } from "./materialSchema";
export { soilMeansC, soilOn, type SoilCare, type SoilDay } from "./soil";
