import type { Nothing } from "./told";

/** What the room of log has to say, and about what. */
export interface LogFacts {
  "log.aTasksIdIsMadeOfLettersDigitsAnd": Nothing;
  "log.giveANumber": Nothing;
  "log.wholeNumbersOnly": Nothing;
  "log.n0OrMore": Nothing;
  "log.atMostAMillion": Nothing;
  "log.giveAWeight": Nothing;
  "log.aHarvestWeighsMoreThanNothing": Nothing;
  "log.moreThan500KgInOneEntryIsItInGrams": Nothing;
  "log.aHarvestCountsAtLeastOne": Nothing;
  "log.moreThan0": Nothing;
  "log.atMost100": Nothing;
  "log.giveATemperature": Nothing;
  "log.colderThanMinus60CMinus76FIsItA": Nothing;
  "log.warmerThan70C158FIsItInFahrenheit": Nothing;
  "log.aNameCannotHoldOrControlCharacters": Nothing;
  "log.writeTheTimeAs20260924t0600": Nothing;
  "log.theHighestLiesBelowTheLowestAreThe": { where: "inside" | "outside" };
  "log.theReadingsOfTheNightHaveAGapOf": Nothing;
  "log.theThermometerInsideShowedOneValue": Nothing;
  "log.thereAreReadingsOfOneSideOnly": Nothing;
  "log.theLowInsideStayedTheSameForDays": Nothing;
}
