export {
  byFoodGroup,
  FOOD_GROUPS,
  foodGroupOf,
  bunchKgOf,
  isCountedByHead,
  type FoodGroup,
} from "./foodGroups";
export { NeedSchema, type Need, type OfSeasons } from "./needSchema";
export {
  needInWeek,
  scaledNeed,
  usualNeed,
  YEAR_SEASONS,
  yearSeasonOf,
  type YearSeason,
} from "./need";
export { keepingIn, keepsUntilDay, takenGrams, type Keeping } from "./store";
export { STORE_PLACES, StoreLotSchema, type StoreLot, type StorePlace } from "./storeLotSchema";
