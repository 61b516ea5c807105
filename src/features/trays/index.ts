export { LabelsView } from "./LabelsView";
export { TraysSection } from "./TraysSection";
