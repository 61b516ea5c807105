import type { Nothing } from "./told";

/** What the room of climate has to say, and about what. */
export interface ClimateFacts {
  "climate.theRecordIsWarmInButThePlaceLiesOf": { latitudeDeg: number };
  "climate.noSeasonOfThisRecordIsCompleteFrom": Nothing;
  "climate.onlyCompleteOnRecordSoTheOddsAre": { count: number };
  "climate.leftOutBecauseMoreThanATenthOfThe": { one: boolean; within: readonly string[] };
  "climate.colderThanMinus70CIsNotWeather": Nothing;
  "climate.warmerThan60CIsNotWeather": Nothing;
  "climate.aSpreadIsAtMost15C": Nothing;
  "climate.theLowIsAboveTheHighAreTheySwapped": Nothing;
  "climate.nameTheSourceOfTheForecast": Nothing;
  "climate.aNameCannotHoldOrControlCharacters": Nothing;
  "climate.aForecastNeedsAtLeastOneDay": Nothing;
  "climate.theDaysShouldFollowOneAnother": Nothing;
  "climate.atMost250Years": Nothing;
  "climate.nameTheStation": Nothing;
  "climate.keepTheNameWithin80Characters": Nothing;
  "climate.aRecordNeedsAtLeastOneDay": Nothing;
  "climate.thereShouldBeAsManyHighsAsLowsOneA": Nothing;
  "climate.thereShouldBeAsManyAmountsOfRainAs": Nothing;
  "climate.giveATemperatureInDegrees": Nothing;
  "climate.colderThanMinus60CIsOutsideWhat": Nothing;
  "climate.warmerThan50CIsOutsideWhatPeople": Nothing;
  "climate.theAverageLowIsAboveTheAverageHigh": Nothing;
  "climate.theColdestNightIsAboveTheColdestMonthsLow": Nothing;
  "climate.theColdestNightDoesNotFit": { typedC: number; reachedC: number };
  "climate.giveANumberOfDaysOrLeaveItEmpty": Nothing;
  "climate.giveWholeDays": Nothing;
  "climate.aYearHasAtLeast0WetDays": Nothing;
  "climate.atMost350WetDaysFitInAYear": Nothing;
  "climate.theWarmestMonthsLowIsBelowThe": Nothing;
  "climate.theWarmestMonthsHighIsBelowThe": Nothing;
  "climate.wetDaysAreNotGivenAYearAssumed": { usualWetDays: number };
  "climate.theWarmestDayIsAssumedToBeFour": Nothing;
  "climate.theFrostDatesAreUnevenAround": Nothing;
  "climate.theFrostDatesAreThanThese": { tooWarm: boolean };
  "climate.withoutFrostDatesHowMuchNightsVary": Nothing;
  "climate.withLowsLikeTheseFrostComesMost": Nothing;
  "climate.withLowsLikeTheseFrostDoesNotCome": Nothing;
}
