export type { EarliestSowing } from "./earliest";
export { hungryGap, type HungryGap } from "./hungryGap";
export { springOf, type InBed, type MakesWay, type Spring } from "./spring";
