export { LabelsView } from "./LabelsView";
export { SeedlingsView } from "./SeedlingsView";
