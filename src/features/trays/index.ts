export { LabelsView } from "./labels/LabelsView";
export { TraysSection } from "./TraysSection";
