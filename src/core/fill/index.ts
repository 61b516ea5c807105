export { fillModel, type FillModel } from "./fillModel";
export { gapToBest } from "./fillGap";
export type { FillLimits, FillProblem } from "./fillProblem";
export { fillPlan, gardenFill, type FillPlan, type FillStep, type GardenFill } from "./gardenFill";
