export { letterOf } from "./letters";
export { blocksIn, layOut } from "./layOut";
export { trialPlantings } from "./plantings";
export { trialFound, verdictsOf, type Comparison, type TrialFound } from "./verdict";
