import type { SoilFacts } from "@/core/facts";
import { learn } from "../../sentences";

export const soil = learn<SoilFacts>({
  "soil.theNumbersOnTheBagAre0OrMore": "The numbers on the bag are 0 or more.",
  "soil.togetherTheThreeNumbersPass100Look":
    "Together the three numbers pass 100 %: look at the bag again.",
  "soil.thisProductHasNoNitrogenSoItCannot":
    "This product has no nitrogen, so it cannot supply nitrogen.",
  "soil.rawManure": "Raw manure",
  "soil.compostedManure": "Composted manure",
  "soil.strawOrDryLeaves": "Straw or dry leaves",
  "soil.giveWhereItBegins": "Give where it begins.",
  "soil.atLeast0M": "At least 0 m.",
  "soil.giveALength": "Give a length.",
  "soil.atLeast01M": "At least 0.1 m.",
  "soil.atLeastTheUsualRate": "At least the usual rate.",
  "soil.atMostThreeTimesTheRate": "At most three times the rate.",
  "soil.giveADepth": "Give a depth.",
  "soil.atLeast05Cm": "At least 0.5 cm.",
  "soil.giveTheNumbersOnTheBag": "Give the numbers on the bag.",
  "soil.n0OrMore": "0 or more.",
  "soil.giveARate": "Give a rate.",
  "soil.aRateIs0OrMore": "A rate is 0 or more.",
  "soil.atMost10KgForASquareMetre": "At most 10 kg for a square metre.",
  "soil.atLeast01Cm": "At least 0.1 cm.",
  "soil.atLeast01Kg": "At least 0.1 kg.",
  "soil.compost": "Compost",
});
