export { LarderView } from "./LarderView";
