export { asOwnNumber, learn, TOLD_AT_SOIL_C } from "./learned";
export { gardenOfSeason } from "./seasonsSeen";
export type { LearnedNumber, Seen } from "./seen";
