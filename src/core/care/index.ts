export { care, earthingUpFor, supportFor } from "./care";
export { pests, pestsOf, type Host } from "./pests";
export { type Pest } from "./pestSchema";
export { referenceEvapotranspirationMm } from "./waterNeed";
