export { Shell } from "./Shell";
