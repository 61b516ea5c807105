import type { Nothing } from "./told";

/** Where something is stored. */
export type StoredAt = "cellar" | "shelf" | "clamp" | "mulch" | "freezer" | "jars";

/** What the room of food has to say, and about what. */
export interface FoodFacts {
  "food.giveAWeight": Nothing;
  "food.aNeedIsNothingOrMore": Nothing;
  "food.atMost100TonnesAWeek": Nothing;
  "food.giveHowManyEat": Nothing;
  "food.wholePeople": Nothing;
  "food.atLeastOneEater": Nothing;
  "food.atMost5000Eaters": Nothing;
  "food.moreThanNothing": Nothing;
  "food.atMost50Tonnes": Nothing;
}
