export { letterOf } from "./letters";
export { blocksIn, layOut, LEAST_PLOT_M } from "./layOut";
export { trialPlantings } from "./plantings";
export { trialFound, verdictsOf, type Comparison, type TrialFound } from "./verdict";
