export { derive, give, isDerived, newTable } from "./derive";
export { keepEqual } from "./keepEqual";
