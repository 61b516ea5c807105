export { derive, newTable } from "./derive";
export { keepEqual } from "./keepEqual";
