import type { ClimateFacts } from "@/core/facts";
import { learn } from "../../sentences";

export const climate = learn<ClimateFacts>({
  "climate.theRecordIsWarmInButThePlaceLiesOf": ({ latitudeDeg }) =>
    `The record is warm in ${latitudeDeg < 0 ? "July" : "January"}, but the place lies ${latitudeDeg < 0 ? "south" : "north"} of the equator: check the latitude's sign, or the record.`,
  "climate.noSeasonOfThisRecordIsCompleteFrom":
    "No season of this record is complete from midsummer to midsummer, so it gives no frost odds of its own: those here follow its temperatures.",
  "climate.onlyCompleteOnRecordSoTheOddsAre": ({ count }) =>
    `Only ${count} complete ${count === 1 ? "season is" : "seasons are"} on record, so the odds are widened; ten or more would be better.`,
  "climate.leftOutBecauseMoreThanATenthOfThe": ({ one, within }, say) =>
    `Left out because more than a tenth of ${one ? "its" : "their"} nights is missing: ${say.names(within)}.`,
  "climate.colderThanMinus70CIsNotWeather": (_about, say) =>
    `Colder than ${say.temperature(-70)} is not weather.`,
  "climate.warmerThan60CIsNotWeather": (_about, say) =>
    `Warmer than ${say.temperature(60)} is not weather.`,
  "climate.aSpreadIsAtMost15C": (_about, say) => `A spread is at most ${say.temperature(15)}.`,
  "climate.theLowIsAboveTheHighAreTheySwapped": "The low is above the high: are they swapped?",
  "climate.nameTheSourceOfTheForecast": "Name the source of the forecast.",
  "climate.aNameCannotHoldOrControlCharacters": "A name cannot hold <, > or control characters.",
  "climate.aForecastNeedsAtLeastOneDay": "A forecast needs at least one day.",
  "climate.theDaysShouldFollowOneAnother": "The days should follow one another without gaps.",
  "climate.atMost250Years": "At most 250 years.",
  "climate.nameTheStation": "Name the station.",
  "climate.keepTheNameWithin80Characters": "Keep the name within 80 characters.",
  "climate.aRecordNeedsAtLeastOneDay": "A record needs at least one day.",
  "climate.thereShouldBeAsManyHighsAsLowsOneA": "There should be as many highs as lows, one a day.",
  "climate.thereShouldBeAsManyAmountsOfRainAs":
    "There should be as many amounts of rain as lows, one a day.",
  "climate.giveATemperatureInDegrees": "Give a temperature in degrees.",
  "climate.colderThanMinus60CIsOutsideWhat": (_about, say) =>
    `Colder than ${say.temperature(-60)} is outside what people garden in.`,
  "climate.warmerThan50CIsOutsideWhatPeople": (_about, say) =>
    `Warmer than ${say.temperature(50)} is outside what people garden in.`,
  "climate.theColdestNightDoesNotFit": ({ typedC, reachedC }, say) =>
    `With these frost dates and temperatures the coldest night of a usual year comes out at ${say.temperature(reachedC)}, not ${say.temperature(typedC)}. Check the frost dates and the coldest night.`,
  "climate.theColdestNightIsAboveTheColdestMonthsLow":
    "The coldest night is above the coldest month’s usual low. Give one that is colder.",
  "climate.theAverageLowIsAboveTheAverageHigh":
    "The average low is above the average high: are they swapped?",
  "climate.giveANumberOfDaysOrLeaveItEmpty": "Give a number of days, or leave it empty.",
  "climate.giveWholeDays": "Give whole days.",
  "climate.aYearHasAtLeast0WetDays": "A year has at least 0 wet days.",
  "climate.atMost350WetDaysFitInAYear": "At most 350 wet days fit in a year.",
  "climate.theWarmestMonthsLowIsBelowThe":
    "The warmest month's low is below the coldest month's low: are the two months swapped?",
  "climate.theWarmestMonthsHighIsBelowThe":
    "The warmest month's high is below the coldest month's high: are the two months swapped?",
  "climate.wetDaysAreNotGivenAYearAssumed": ({ usualWetDays }) =>
    `Wet days are not given: ${usualWetDays} a year assumed.`,
  "climate.theWarmestDayIsAssumedToBeFour":
    "The warmest day is assumed to be four weeks after midsummer.",
  "climate.theFrostDatesAreUnevenAround":
    "The frost dates are uneven around midsummer: check that first and last frost are not swapped.",
  "climate.theFrostDatesAreThanThese": ({ tooWarm }) =>
    `The frost dates are ${tooWarm ? "earlier" : "later"} than these temperatures explain: check the average lows and the dates.`,
  "climate.withoutFrostDatesHowMuchNightsVary":
    "Without frost dates, how much nights vary is estimated.",
  "climate.withLowsLikeTheseFrostComesMost":
    "With lows like these, frost comes most winters: give its dates, or check the lows. The odds here follow the lows.",
  "climate.withLowsLikeTheseFrostDoesNotCome":
    "With lows like these, frost does not come in summer: give its dates, or check the lows. The odds here follow the lows.",
});
