import type { WeatherFilesFacts } from "@/core/facts";
import { learn } from "../../sentences";

export const weatherFiles = learn<WeatherFilesFacts>({
  "weatherFiles.strayQuotationMarksTheRestOfTheir":
    "stray quotation marks (the rest of their lines is kept)",
  "weatherFiles.thisTableHasMoreThanLinesWhichIs": ({ mostRows }, say) =>
    `This table has more than ${say.number(mostRows)} lines, which is more than one station's days: cut it down to one station, one line a day.`,
  "weatherFiles.linesOfOtherStationsThan": ({ station }) =>
    `lines of other stations than ${station}`,
  "weatherFiles.linesWhoseDateCannotBeRead": "lines whose date cannot be read",
  "weatherFiles.amountsOfRain": "amounts of rain",
  "weatherFiles.thatFailedTheArchivesQualityChecks": ({ what }, say) =>
    `${say.tell(what)} that failed the archive's quality checks`,
  "weatherFiles.thatAreNoNumbers": ({ what }, say) => `${say.tell(what)} that are no numbers`,
  "weatherFiles.thisTableIsEmpty": "This table is empty.",
  "weatherFiles.noLineOfThisTableHasADateThatCanBe":
    "No line of this table has a date that can be read.",
  "weatherFiles.theDaysLowSuchAsTmin": "the day's low (such as tmin)",
  "weatherFiles.datesLike0304CanBeReadTwoWaysHere":
    "Dates like 03/04 can be read two ways here. Which number is the day?",
  "weatherFiles.theFirst": "the first",
  "weatherFiles.theSecond": "the second",
  "weatherFiles.linesWhoseDateDoesNotExist": "lines whose date does not exist",
  "weatherFiles.linesForDaysThatHadOneAlreadyThe":
    "lines for days that had one already (the first is kept)",
  "weatherFiles.inMostLinesTheLowIsAboveTheHighThe":
    "In most lines the low is above the high: the columns of highs and lows look swapped. Swap their headings and read the table again.",
  "weatherFiles.mostDatesStandInSeveralLinesThis":
    "Most dates stand in several lines: this looks like an hourly table. Give one line a day with its low and high.",
  "weatherFiles.theDatesOfThisTableSpanMoreThan250":
    "The dates of this table span more than 250 years: some of them must be wrong.",
  "weatherFiles.noLineOfThisTableHasAValueThatCan":
    "No line of this table has a value that can be used.",
  "weatherFiles.columnsNotNeededAndPassedOver": ({ unknown }, say) =>
    `Columns not needed and passed over: ${say.names(unknown.slice(0, 12))}.`,
  "weatherFiles.thereAreNoHighsGrowthCannotBe":
    "There are no highs: growth cannot be calculated well.",
  "weatherFiles.thereIsNoRainInItAllDaysCountAsDry":
    "There is no rain in it: all days count as dry.",
  "weatherFiles.theTemperaturesAreInTenthsOfA":
    "The temperatures are in tenths of a degree; they are divided by ten.",
  "weatherFiles.theTemperaturesAreReadAsFAndKeptAs":
    "The temperatures are read as °F and kept as °C.",
  "weatherFiles.theRainIsReadAsInchesAndKeptAs":
    "The rain is read as inches and kept as millimetres.",
  "weatherFiles.theTableDoesNotNameAUnit": "The table does not name a unit",
  "weatherFiles.theHeadingSays": ({ said }) =>
    `The heading says °${said === "celsius" ? "C" : "F"}`,
  "weatherFiles.butHighsOfAreNotCAnywhereAreTheyF": ({ claim, warmest }, say) =>
    `${say.tell(claim)}, but highs of ${warmest} are not °C anywhere. Are they °F?`,
  "weatherFiles.butHighsThatHardlyPassFWouldMakeNo": ({ claim, warmest }, say) =>
    `${say.tell(claim)}, but highs that hardly pass ${warmest} °F would make no summer. Are they °C?`,
  "weatherFiles.valuesThatNoWeatherHas": "values that no weather has",
  "weatherFiles.temperaturesOfDaysWhoseLowIsAbove":
    "temperatures of days whose low is above the high",
  "weatherFiles.linesWithoutAStationYearMonthAnd":
    "lines without a station, year, month and element",
  "weatherFiles.linesOfA13thMonth": "lines of a 13th month",
  "weatherFiles.valuesThatAreNoNumbers": "values that are no numbers",
  "weatherFiles.valuesOnDaysThatTheMonthDoesNot": "values on days that the month does not have",
  "weatherFiles.valuesThatFailedTheArchivesQuality":
    "values that failed the archive's quality checks",
  "weatherFiles.valuesForDaysThatHadOneAlreadyThe":
    "values for days that had one already (the first is kept)",
  "weatherFiles.onMostDaysTheLowIsAboveTheHighTmin":
    "On most days the low is above the high: TMIN and TMAX look swapped in this file.",
  "weatherFiles.thisGhcnDailyFileHoldsNoTminTmaxOr":
    "This GHCN-Daily file holds no TMIN, TMAX or PRCP that could be used.",
  "weatherFiles.notNeededAndPassedOver": ({ sort }, say) =>
    `Not needed and passed over: ${say.names(sort.slice(0, 12))}.`,
  "weatherFiles.nothingCouldBeRead": "Nothing could be read.",
  "weatherFiles.noDayOfThisTableFromOnHasBothAHigh": ({ isoDate }) =>
    `No day of this table from ${isoDate} on has both a high and a low.`,
  "weatherFiles.thereIsNoTableInItALineOfHeadings":
    "There is no table in it: a line of headings and a line a day or reading.",
  "weatherFiles.itHasNoColumnForTheDateHeadItDate":
    'It has no column for the date: head it "date", or "time" in a logger\'s table.',
  "weatherFiles.itNeedsTheTemperaturesOfBothSides":
    'It needs the temperatures of both sides: "inside_min" and "outside_min" for days, or "inside" and "outside" for a logger.',
  "weatherFiles.datesLike03042026WereReadWithThe":
    "Dates like 03/04/2026 were read with the day first.",
  "weatherFiles.theDateCouldNotBeRead": "the date could not be read",
  "weatherFiles.aTemperatureThatNoThermometerInA":
    "a temperature that no thermometer in a garden shows",
  "weatherFiles.theHighestLiesBelowTheLowestTheTwo":
    "the highest lies below the lowest: the two may be swapped",
  "weatherFiles.noNightOfItCanBeUsed": ({ reason }, say) =>
    `No night of it can be used: ${say.tell(reason)}.`,
  "weatherFiles.noLineOfItHasADateAndBoth": "No line of it has a date and both temperatures.",
  "weatherFiles.theTemperaturesWereReadAsFAsCThey":
    "The temperatures were read as °F: as °C they would be far from this place's.",
  "weatherFiles.theTemperaturesWereReadAsCAsFThey":
    "The temperatures were read as °C: as °F they would be far from this place's.",
  "weatherFiles.thisFileIsEmpty": "This file is empty.",
  "weatherFiles.thisIsNotATextFileGiveAGhcnDaily":
    "This is not a text file. Give a GHCN-Daily file (.dly) or a table (.csv) with date, tmax, tmin and precip.",
  "weatherFiles.lows": "lows",
  "weatherFiles.highs": "highs",
  "weatherFiles.aDate": "a date",
  "weatherFiles.noColumnLooksLikeTheFirstLineReads": ({ wanted, found }, say) =>
    `No column looks like ${wanted.map((one) => say.tell(one)).join(" or like ")}. The first line reads: ${found}. Name the columns date, tmax, tmin, precip.`,
  "weatherFiles.celsius": "°C",
  "weatherFiles.fahrenheit": "°F",
});
