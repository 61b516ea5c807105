import type { SeedBoxFacts } from "@/core/facts";
import { learn } from "../../sentences";

export const seedBox = learn<SeedBoxFacts>({
  "seedBox.enterHowManySeedsWereTested": "Enter how many seeds were tested.",
  "seedBox.wholeSeedsOnly": "Whole seeds only.",
  "seedBox.atLeastOneSeed": "At least one seed.",
  "seedBox.atMost1000Seeds": "At most 1,000 seeds.",
  "seedBox.enterHowManyGerminated": "Enter how many germinated.",
  "seedBox.enter0OrMore": "Enter 0 or more.",
  "seedBox.moreGerminatedThanWereTestedCheck":
    "More germinated than were tested: check the two numbers.",
  "seedBox.giveTheYearOnThePacket": "Give the year on the packet.",
  "seedBox.giveTheYearInFourDigits": "Give the year in four digits.",
  "seedBox.giveTheYearInFourDigitsAs2026": "Give the year in four digits, as 2026.",
  "seedBox.enterTheAmount": "Enter the amount.",
  "seedBox.atMostAMillion": "At most a million.",
});
