export { crossingsOf, type Crossing } from "./crosses";
export { floweringOf, type Flowering } from "./flowering";
export { seedSavingOf, speciesOf, type SeedSaving } from "./species";
export { seedSteps, type SeedStep } from "./steps";
export { selfSownPlanting, type SelfSown } from "./selfSown";
