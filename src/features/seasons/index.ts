export { SeasonsView } from "./SeasonsView";
