export { amountSums, blockShortfall, seedFact, spacingEffectFact } from "./amountSums";
export { lengthForHowMuch, USUAL_HOW_MUCH, type HowMuch } from "./howMuch";
export { plantsIn, type StandingPlants } from "./bedPlants";
export { leafAreaIndexOf } from "./leafArea";
export { exposureOver } from "./exposure";
export { factsOf } from "./facts";
export { isSownByWeight, kindAmounts, plantingAmounts, type KindAmounts } from "./kinds";
export { standYieldKg, type Kind } from "./kindsOf";
export { kindTimelines } from "./kindTimelines";
export { climateOfPlace, siteFor, siteOf } from "./gardenSite";
export { fittedTo } from "./fittedTo";
export { groundHardDay } from "./groundHard";
export { growingName, growingOf, plantingName, spotsOf, standOf } from "./growing";
export { finalSpacing, plantingLabels } from "./plantingLabels";
export {
  expectedYieldKg,
  lackOfSun,
  leftToPickKg,
  plannedOtherwise,
  plannedTimeline,
  plantingState,
  plantingStates,
  stateIfSown,
  survivingShare,
  timelineIfSetOut,
  timelineIfSown,
  type PlantingState,
} from "./plantingState";
export {
  isPrepared,
  prepare,
  preparedSoFar,
  takePreparation,
  type Preparation,
} from "./preparation";
export { amountsFor, bookSpacing, lengthForPlants, usualYieldKg } from "./spacing";
export type { Stand } from "./stand";
export { groundM2 } from "./stations";
export { successionMoves, successionOf } from "./successionGroup";
export {
  measuredOver,
  measuredUnder,
  thermometerDaysOf,
  type Measured,
  type ThermometerPair,
} from "./thermometers";
