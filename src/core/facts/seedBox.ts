import type { Nothing } from "./told";

/** What the room of seedBox has to say, and about what. */
export interface SeedBoxFacts {
  "seedBox.enterHowManySeedsWereTested": Nothing;
  "seedBox.wholeSeedsOnly": Nothing;
  "seedBox.atLeastOneSeed": Nothing;
  "seedBox.atMost1000Seeds": Nothing;
  "seedBox.enterHowManyGerminated": Nothing;
  "seedBox.enter0OrMore": Nothing;
  "seedBox.moreGerminatedThanWereTestedCheck": Nothing;
  "seedBox.giveTheYearOnThePacket": Nothing;
  "seedBox.giveTheYearInFourDigits": Nothing;
  "seedBox.giveTheYearInFourDigitsAs2026": Nothing;
  "seedBox.enterTheAmount": Nothing;
  "seedBox.atMostAMillion": Nothing;
}
