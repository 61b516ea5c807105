export { NotFound } from "./NotFound";
export { Shell } from "./Shell";
export { Trouble } from "./lazyTrouble";
