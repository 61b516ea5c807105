export { closesAGap } from "./closesAGap";
export { dishOf, eatDishes, eatInOrder, type Dish, type Eaten, type Meals } from "./eating";
export { eatingOrder, type EatNow } from "./order";
export { waysToClose } from "./ways/waysToClose";
export type { ShortOf } from "./ways/judge";
export type { Doing, WayToClose } from "./ways/way";
export { FORCED_EVERY_DAYS, forcedCrops, usualForcing } from "./usualForcing";
export { usualShoots } from "./usualShoots";
export { shootRounds, type ShootBatch, type ShootRotation, type ShootRounds } from "./shootRounds";
export { plantingSources, type Weeks } from "./plantingSources";
export type { Source } from "./source";
export {
  needByWeek,
  sourcesIn,
  supplyOver,
  type Gap,
  type GroupWeek,
  type Strayed,
  type Supply,
  type SupplyWeek,
} from "./supply";
export { USUAL_YEAR, type Year } from "./year";
export { coverHours, roundHours, workHours } from "./workHours";
export { forcedFromStore } from "./forcedRoots";
export { coversFor } from "./coversFor";
export { takenWay, type TakenWay } from "./ways/taking";
