export { BedsView } from "./BedsView";
