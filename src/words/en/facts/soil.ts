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
  "soil.atLeast0M": (_about, say) => `At least ${say.lengthM(0)}.`,
  "soil.giveALength": "Give a length.",
  "soil.atLeast01M": (_about, say) => `At least ${say.lengthM(0.1)}.`,
  "soil.atLeastTheUsualRate": "At least the usual rate.",
  "soil.atMostThreeTimesTheRate": "At most three times the rate.",
  "soil.giveADepth": "Give a depth.",
  "soil.atLeast05Cm": (_about, say) => `At least ${say.distanceCm(0.5)}.`,
  "soil.giveTheNumbersOnTheBag": "Give the numbers on the bag.",
  "soil.n0OrMore": "0 or more.",
  "soil.giveARate": "Give a rate.",
  "soil.aRateIs0OrMore": "A rate is 0 or more.",
  "soil.atMost10KgForASquareMetre": (_about, say) =>
    `At most ${say.weightG(10000)} for a square metre.`,
  "soil.atLeast01Cm": (_about, say) => `At least ${say.distanceCm(0.1)}.`,
  "soil.atLeast01Kg": (_about, say) => `At least ${say.weightG(100)}.`,
  "soil.compost": "Compost",
});
