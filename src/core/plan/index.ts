export {
  exposureKey,
  Site,
  USUAL_PLAN_SETTINGS,
  type DegreesSchool,
  type Exposure,
  type PlanSettings,
  type School,
} from "./site";
export { exposureOver } from "./exposure";
export { builtBeside, resized } from "./building";
export { uncovering } from "./uncovering";
export {
  measuredOver,
  measuredUnder,
  thermometerDaysOf,
  type Measured,
  type ThermometerPair,
} from "./thermometers";
export { requirement, type Method, type Requirement, type Stage } from "./requirement";
export { latestSowingFor, timelineFrom, type Growing, type Timeline } from "./timeline";
export { cliffOf, seasonAimedAt, type Cliff } from "./cliff";
export { judge, type Verdict, type Wanted } from "./feasibility";
export { why } from "./why";
export { otherCropsFor, waysTo, type Way, type Wish } from "./wish";
export { type Spot } from "./spots";
export { daysUntilWorth, grownShare, standingShare, worthOn } from "./size";
export { strandOf, type Strand, type StrandPoint } from "./strand";
export {
  amountsFor,
  amountSums,
  blockShortfall,
  seedWords,
  spacingEffect,
  spacingEffectWords,
  usualYieldKg,
  type Amounts,
  type Arrangement,
  type Stand,
} from "./spacing";
export {
  ruleFromDays,
  ruleFromStanding,
  successionPreview,
  successionSowDays,
  type SuccessionPreview,
  type SuccessionRule,
} from "./succession";
export { lastSafeSowing, type LastSafe } from "./lastSafe";
export { daysLeftFor, sowableToday, type SowNow, type SowToday } from "./sowToday";
export { sowingAdvice, type SowingAdvice } from "./sowingAdvice";
export { boxAmounts, seedNeeds, type SeedNeed } from "./seedNeed";
export { plannedRaisings, trayOccupants, type Raising } from "./raising";
export { roomIn, roomiestBed, type Room } from "./room";
export {
  growingOf,
  planSettingsOf,
  plantingName,
  climateOfPlace,
  siteOf,
  spotsOf,
  standOf,
} from "./gardenPlan";
export {
  groundSun,
  shortfallWords,
  sunShortfall,
  weeksOfSun,
  type SunShortfall,
  type WeekOfSun,
} from "./bedSun";
export {
  hardeningOn,
  seedlingSize,
  sowingStates,
  trayWork,
  type SowingState,
  type TrayWork,
} from "./trayWork";
export { finalSpacing, plantingLabels } from "./plantingLabels";
export { successionMoves, successionOf } from "./successionGroup";
export { layoutOf, type GardenLayout } from "./gardenLayout";
export { plantsIn, type StandingPlants } from "./bedPlants";
export {
  familiesByYear,
  ROTATION_EXCEPTIONS,
  tooSoonFor,
  tooSoonWords,
  type TooSoon,
} from "./rotation";
export { openingsIn, plantingInto, whatFits, type Fit, type Opening } from "./whatFits";
export { firstCrops, type FirstCrop } from "./firstCrops";
export { greenManures, type GreenManure } from "./greenManure";
export { lifeOf, plannedOtherwise, siteFor, type PlantingLife } from "./lives";
export { factsOf, isSown, NOTHING_KNOWN, shareLeft, type Facts } from "./facts";
export {
  bedDays,
  clashesIn,
  freeStretches,
  gapsIn,
  occupantsOf,
  placeFor,
  type Clash,
  type Gap,
  type Occupant,
} from "./occupancy";
export { stillGives, turnOverOn, turnOvers, type StillGives, type TurnOver } from "./turnover";
export { placesOf, turnOverPlantings, type Clearing } from "./turnoverPlantings";
export {
  feedingsOf,
  restNeeds,
  shoppingList,
  tooFresh,
  type ShoppingItem,
  type TooFresh,
} from "./feedings";
export { restName } from "./occupancy";
export { setupOperations, usualSetup, type Operation, type Setup } from "./setup";
export { meaningOfMove, nearestPlace, type Meaning } from "./moving";
export { feltHardening, lt50Course } from "./hardening";
export {
  expectedDay,
  handlingOf,
  handlingOver,
  lightShareOfCovers,
  nightDegrees,
  nightOf,
  oneMoreLayer,
  shelterDays,
  ventAdvice,
  type NightDegrees,
  type OneMore,
  type ShelterHandling,
  type ShelterDays,
  type VentAdvice,
} from "./shelterDays";
