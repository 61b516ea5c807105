export { TrialsView } from "./TrialsView";
