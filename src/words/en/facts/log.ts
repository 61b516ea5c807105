import type { LogFacts } from "@/core/facts";
import { learn } from "../../sentences";

export const log = learn<LogFacts>({
  "log.aTasksIdIsMadeOfLettersDigitsAnd": "A task's id is made of letters, digits and hyphens.",
  "log.giveANumber": "Give a number.",
  "log.wholeNumbersOnly": "Whole numbers only.",
  "log.n0OrMore": "0 or more.",
  "log.atMostAMillion": "At most a million.",
  "log.giveAWeight": "Give a weight.",
  "log.aHarvestWeighsMoreThanNothing": "A harvest weighs more than nothing.",
  "log.moreThan500KgInOneEntryIsItInGrams": "More than 500 kg in one entry: is it in grams?",
  "log.aHarvestCountsAtLeastOne": "A harvest counts at least one.",
  "log.moreThan0": "More than 0 %.",
  "log.atMost100": "At most 100 %.",
  "log.giveATemperature": "Give a temperature.",
  "log.colderThanMinus60CMinus76FIsItA": "Colder than −60 °C (−76 °F): is it a reading?",
  "log.warmerThan70C158FIsItInFahrenheit": "Warmer than 70 °C (158 °F): is it in Fahrenheit?",
  "log.aNameCannotHoldOrControlCharacters": "A name cannot hold <, > or control characters.",
  "log.writeTheTimeAs20260924t0600": "Write the time as 2026-09-24T06:00.",
  "log.theHighestLiesBelowTheLowestAreThe": ({ where }) =>
    `The highest ${where} lies below the lowest: are the two swapped?`,
  "log.theReadingsOfTheNightHaveAGapOf":
    "the readings of the night have a gap of more than three hours",
  "log.theThermometerInsideShowedOneValue":
    "the thermometer inside showed one value all night while it changed outside",
  "log.thereAreReadingsOfOneSideOnly": "there are readings of one side only",
  "log.theLowInsideStayedTheSameForDays":
    "the low inside stayed the same for days while it changed outside: a stuck thermometer",
});
