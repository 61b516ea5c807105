export { MaterialSchema, coverWords, materials, type CoverIds, type Material } from "./materials";
export { cropDay, nightGainC, type CropDay } from "./ruleOfThumb";
export { growingSpace, type GrowingSpace } from "./growingSpace";
