export { type FillLimits } from "./fillProblem";
export { takenSteps, type FillPlan, type FillStep } from "./fillPlan";
export { searchPlan, type PlanFound } from "./searchPlan";
