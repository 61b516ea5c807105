export { NumbersView } from "./NumbersView";
