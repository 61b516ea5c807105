import type { FoodFacts } from "@/core/facts";
import { learn } from "../../sentences";

export const food = learn<FoodFacts>({
  "food.giveAWeight": "Enter a weight.",
  "food.aNeedIsNothingOrMore": "A need is 0 or more: enter 0 for what nobody eats.",
  "food.atMost100TonnesAWeek": (_about, say) => `At most ${say.weightG(100_000_000)} a week.`,
  "food.giveHowManyEat": "Enter how many people eat from the garden.",
  "food.wholePeople": "Enter a whole number of people.",
  "food.atLeastOneEater": "At least one person eats from it.",
  "food.atMost5000Eaters": "At most 5,000 people.",
  "food.moreThanNothing": "Enter a weight above 0.",
  "food.atMost50Tonnes": (_about, say) => `At most ${say.weightG(50_000_000)} in one place.`,
});
