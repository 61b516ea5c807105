import type { Nothing } from "./told";

/** What the room of soil has to say, and about what. */
export interface SoilFacts {
  "soil.theNumbersOnTheBagAre0OrMore": Nothing;
  "soil.togetherTheThreeNumbersPass100Look": Nothing;
  "soil.thisProductHasNoNitrogenSoItCannot": Nothing;
  "soil.rawManure": Nothing;
  "soil.compostedManure": Nothing;
  "soil.strawOrDryLeaves": Nothing;
  "soil.giveWhereItBegins": Nothing;
  "soil.atLeast0M": Nothing;
  "soil.giveALength": Nothing;
  "soil.atLeast01M": Nothing;
  "soil.atLeastTheUsualRate": Nothing;
  "soil.atMostThreeTimesTheRate": Nothing;
  "soil.giveADepth": Nothing;
  "soil.atLeast05Cm": Nothing;
  "soil.giveTheNumbersOnTheBag": Nothing;
  "soil.n0OrMore": Nothing;
  "soil.giveARate": Nothing;
  "soil.aRateIs0OrMore": Nothing;
  "soil.atMost10KgForASquareMetre": Nothing;
  "soil.atLeast01Cm": Nothing;
  "soil.atLeast01Kg": Nothing;
  "soil.compost": Nothing;
}
