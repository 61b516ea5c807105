import { plural, table } from "../table";

/** What the command line says. */
export const cli = table({
  unknownOption: ({ name, knownOptions }: { name: string; knownOptions: string }) =>
    `Unknown option --${name}.${knownOptions}`,
  thisVerbTakesNone: " This command takes none.",
  knownHere: ({ map }: { map: string }) => ` It takes: ${map}.`,
  cannotReadIsTheNameRight: ({ path }: { path: string }) =>
    `Cannot read ${path}: is the name right?`,
  andMore: ({ problemsCount }: { problemsCount: number }) => ` (and ${problemsCount} more)`,
  thisGardenHasNoPlaceYetSoNothing:
    "This garden has no place yet, so nothing can be calculated. Set its location first.",
  thereIsNoCropKnown: ({ id, value }: { id: string; value: string }) =>
    `There is no crop "${id}". Known: ${value}.`,
  thereIsNoCoveringKnownNone: ({ id, value }: { id: string; value: string }) =>
    `There is no cover "${id}". Known: none, ${value}.`,
  doesNotStandBeingTransplantedLeave: ({ crop }: { crop: string }) =>
    `${crop} does not transplant well: leave out --transplant.`,
  thereIsNoVerbKnown: ({ name, map }: { name: string; map: string }) =>
    `There is no command "${name}". Known: ${map}.`,
  fillUsage: "fill --garden FILE [--seconds S]",
  whichSowingsLeaveLeastUnmet: "which sowings in free ground leave least unmet of what is wanted",
  howLongToSearch: "how long to search, in seconds (default 20)",
  secondsFromTo: "--seconds should be a number above 0, at most 3600.",
  rehearseUsage:
    "rehearse --garden FILE [--winters N] [--seed S] [--on D] [--from-record] [--change FILE] [--from-winter A --to-winter B] [--threads T], or rehearse --join FILE…",
  whatBecomesOfAGardenInManyWinters:
    "what becomes of every planting, and of the harvest each week, in many winters",
  howManyWinters: "how many winters (default 100, at most 100000)",
  aNumberThatTheWintersAreMadeFrom:
    "a whole number from which the winters are made: the same makes the same winters (default 1)",
  theYearsOnRecordInPlaceOfMadeOnes: "the years of the garden's weather record, not made-up ones",
  aFileWithAListOfCommands:
    "a JSON file with a list of commands, tried against the plan on the same winters",
  theFirstWinterOfAPart:
    "the first winter of a part, 1 for the first: prints the part, to be joined",
  theLastWinterOfAPart: "the last winter of a part",
  howManyProcesses: "how many processes at once (default 1)",
  putsPartsTogether: "puts the parts in the files together and prints the whole",
  joinTakesFilesOnly: "--join takes the files of the parts, and no other option.",
  bothEndsOfAPart: "--from-winter and --to-winter go together, the first not after the last.",
  notJson: ({ path }: { path: string }) => `${path} does not read as JSON.`,
  aPartFailed: ({ from, to, said }: { from: number; to: number; said: string }) =>
    `Winters ${from} to ${to} were not finished: ${said}`,
  supplyUsage: "supply --garden FILE [--from D --to D]",
  whatComesEachWeekAgainstWhatIsWanted:
    "what comes from beds and store each week, as it strays, against what is wanted",
  theFirstDay: "the first day (default: the garden's today)",
  theLastDay: "the last day (default: 40 weeks on)",
  toLiesBeforeFrom: "--to lies before --from.",
  atMostWeeks: ({ most }: { most: number }) => `At most ${most} weeks at once.`,
  usageEmber: ({ usage }: { usage: string }) => `Usage: ember ${usage}`,
  lateEmberWithoutABrowserJsonOn: ({
    lines,
  }: {
    lines: string;
  }) => `Late Ember without a browser. JSON on standard output.

${lines}

ember COMMAND --help tells more.
`,
  metricOrImperialForTemperaturesIn: "metric or imperial, for temperatures in sentences",
  checkFile: "check FILE",
  whetherAGardenFileIsRightIts: "checks a garden file and lists its problems with their paths",
  countbackGardenFileCropIdVarietyId:
    "countback --garden FILE --crop ID [--variety ID] --ready DATE [--transplant] [--cover LIST] [--school growth|calendar|tenhour]",
  theLatestSowingThatIsReadyByADate:
    "the latest sowing that is ready by a date, and the season's last safe one",
  theDateWanted: "the date wanted",
  noSowingOfTheSeasonBeforeIsReadyBy: ({ date }: { date: string }) =>
    `No sowing of the season before is ready by ${date}.`,
  cropsKindFoodCover: "crops [--kind food|cover]",
  theCropLibraryEveryValueOfEvery:
    "the crop library: every value of every crop, and where it comes from",
  foodAsUsualOrCoverCrops: "food (as usual) or cover crops",
  thisGardenHasNoPlaceYetSoItsBeds:
    "This garden has no place yet, so its beds have no position on a map.",
  exportGardenFileAsIcsPlantingsCsv:
    "export --garden FILE --as ics|plantings.csv|tasks.csv|log.csv|seedbox.csv|geojson",
  theCalendarFileBefore:
    "the calendar file given out before: what changed is updated, what is gone cancelled",
  alarmsWhereLatenessCosts: "alarms where being late costs something",
  notACalendar: ({ path }: { path: string }) => `${path} is not an iCalendar file.`,
  thePlanAndTheTasksAheadAsACalendar:
    "the plan and the tasks ahead as a calendar or a table, the log as a table, the beds as GeoJSON",
  aGardenFile: "a garden file",
  frostFileAt02244UnitCFOrderDay: "frost FILE [--at 0,-2.2,-4.4] [--unit C|F] [--order day|month]",
  oddsOfFirstAndLastFrostFromADaily:
    "odds of first and last frost from a daily record (.dly or CSV)",
  thresholdsCApartByCommasDefault022: "thresholds in °C, separated by commas (default 0,-2.2,-4.4)",
  cOrFWhereTheTableDoesNotTell: "C or F, where the table does not say",
  dayOrMonthWhichComesFirstInDates: "day or month: which comes first in dates like 03/04",
  takenAsSayOtherwise: ({
    tell,
    assumed,
    isUnit,
  }: {
    tell: string;
    assumed: string;
    isUnit: boolean;
  }) => `${tell} Taken as ${assumed}; say --${isUnit ? "unit" : "order"} otherwise.`,
  leftOutLines: ({
    count,
    tell,
    lines,
    isCount,
  }: {
    count: number;
    tell: string;
    lines: string;
    isCount: boolean;
  }) => `Left out: ${count} ${tell} (lines ${lines}${isCount ? ", …" : ""}).`,
  noSeasonIsCompleteFromMidsummerTo:
    "No season is complete from midsummer to midsummer, so there are no odds.",
  onlyCompleteSeasonTheOddsAre: ({ seasons }: { seasons: number }) =>
    `Only ${seasons} complete ${plural(seasons, "season", "seasons")}: the odds are widened.`,
  aGardenFileForItsPlaceAndSettings: "a garden file, for its place and settings",
  aCropsId: "a crop's id",
  aVarietysIdDefaultTheCropsFirst: "a variety's id (default: the crop's first)",
  startedInTraysAndTransplanted: "started in trays and transplanted",
  coveringsFromTheOutsideInOrNone: "covers from the outside in, or none",
  growthCalendarOrTenhourDefaultThe: "growth, calendar or tenhour (default: the garden's)",
  hardinessGardenFileCropIdFromDToD:
    "hardiness --garden FILE --crop ID --from D --to D [--cover LIST] [--stage S]",
  whatKillsHalfOfACropDayByDayAsIt:
    "the temperature that kills half of a crop, day by day, as it hardens in average weather",
  firstDay: "first day",
  lastDay: "last day",
  seedlingHeadFlowerPodOrRoot: "seedling, head, flower, pod or root",
  askForAtMostDays: ({ mostDays }: { mostDays: number }) => `Ask for at most ${mostDays} days.`,
  knownForIt: ({ known }: { known: string }) => `Known for it: ${known}.`,
  leaveItOut: "Leave it out.",
  hasNoStageOfItsOwn: ({ crop, organ, words }: { crop: string; organ: string; words: string }) =>
    `${crop} has no stage "${organ}" of its own. ${words}`,
  nightCoverListLatLDateDMinTMaxT:
    "night --cover LIST --lat L --date D --min T --max T [--wind 1] [--cloud 0] [--before 4]",
  aNightUnderNestedCoversByTheEnergy:
    "temperatures under layered covers on a night, by the energy balance",
  latitudeInDegreesNorthPositive: "latitude in degrees, north positive",
  theDayWhoseMorningIsColdest: "the day of the coldest morning",
  itsMinimumOutside: "the low outside",
  itsMaximumOutside: "the high outside",
  meanWindMSDefault1: "mean wind, m/s (default 1)",
  shareOfTheSkyUnderCloud0To1Default: "share of the sky under cloud, 0 to 1 (default 0)",
  howMuchMilderTheDaysBeforeWere: "how many degrees milder the days before were (default 4)",
  readyGardenFileCropIdVarietyIdSow:
    "ready --garden FILE --crop ID [--variety ID] --sow DATE [--transplant] [--cover LIST] [--school growth|calendar|tenhour]",
  whenASowingIsReadyAndWhy: "when a sowing is ready, and why",
  theSowingDate: "the sowing date",
  amountsUsage:
    "amounts --crop ID --length L --width W [--between-rows D] [--in-row D] [--together N] [--seeds-per-hole N] [--transplant] [--units metric|imperial]",
  plantsSeedsCellsAndYieldOfAStretchOfBed: "plants, seeds, cells and yield of a stretch of bed",
  lengthOfTheBed: 'its length, m (ft with --units imperial), or with a unit: "30 in"',
  widthOfTheBed: "its width, m (ft with --units imperial)",
  distanceBetweenRows: "distance between rows, cm (in with --units imperial); the crop's usual",
  distanceBetweenStations:
    "distance from station to station in the row, cm (in with --units imperial); the crop's usual",
  plantsAtAStation: "plants at each station (default 1)",
  seedsInEachHole: "seeds in each hole or cell, thinned to the plants of a station",
  rowsAreWiderThanTheBed:
    "--between-rows is more than --width: rows farther apart than the bed is wide.",
  shouldBeALength: ({ name, typed }: { name: string; typed: string }) =>
    `--${name} should be a length like 8, 2.5 or "30 in", not "${typed}".`,
  shouldBeAWholeNumber: ({ name, typed, most }: { name: string; typed: string; most: number }) =>
    `--${name} should be a whole number from 1 to ${most}, not "${typed}".`,
  sproutCropIdSoilT: "sprout --crop ID --soil T",
  daysToEmergenceAndShareEmergedAtA: "days to emergence and share emerged at a soil temperature",
  soilTemperatureCFWithUnitsImperial: "soil temperature, °C (°F with --units imperial)",
  sunLatLLonLGardenFileBedIdFromDate:
    "sun (--lat L [--lon L] | --garden FILE --bed ID) --from DATE --to DATE [--short 10]",
  dayLengthSunriseSunsetAndRadiation:
    "day length, sunrise, sunset and radiation, day by day; direct sun and light on a bed",
  longitudeInDegreesEastPositive: "longitude in degrees, east positive (default 0)",
  aGardenFileForItsPlaceAndSkylines: "a garden file, for its place and skylines",
  aBedsIdInIt: "a bed's id in it",
  firstDate: "first date",
  lastDate: "last date",
  hoursUnderWhichADayIsShortDefault: "hours under which a day is short (default 10)",
  askForAtMostDaysAtOnce: ({ maxDays }: { maxDays: number }) =>
    `Ask for at most ${maxDays} days at once.`,
  thereIsNoBedInThisGardenKnown: ({ bedId, known }: { bedId: string; known: string }) =>
    `There is no bed "${bedId}" in this garden. Known: ${known}.`,
  todayGardenFileOnD: "today --garden FILE --on D",
  whatTheGardenAsksForOnADayTonight: "the tasks of a day: tonight first, then in walking order",
  theDay: "the day",
  learnUsage: "learn --garden FILE [--on D]",
  whatTheRecordSaysOfTheLibrarysNumbers: "the grower's own numbers beside the library's",
  learnOn: "what is of later days is left out (default: the garden's today)",
  seasonUsage: "season (close|next) --garden FILE --out FILE [--on D]",
  closesASeasonOrBeginsTheNext: "closes a season, or begins the next from the last one closed",
  mergeUsage: "merge A B --out C [--base O]",
  joinsTwoDevicesFiles: "joins the files of two devices of one garden, the same in either order",
  whatBothBeganWith: "a file that both began with, where they have no history in common",
  mergeTakesTwoFiles: "merge takes two garden files.",
  theFileToWrite: "the garden file to write",
  seasonOn: "the day on which it is done (default: the garden's today)",
  seasonTakesCloseOrNext: "Say what to do with it: season close, or season next.",
  noSeasonIsClosedYet: "No season is closed yet: close one first, with season close.",
  cannotWrite: ({ path }: { path: string }) => `Cannot write ${path}: does its folder exist?`,
  trialUsage: "trial --garden FILE --id T",
  whatATrialSaysAgainstChance:
    "what a trial says, by permutation, and how many plots more would tell",
  aTrialsId: "the id of a trial in it",
  noneYet: "none yet",
  thereIsNoTrial: ({ id, known }: { id: string; known: string }) =>
    `There is no trial "${id}" in this garden. Known: ${known}.`,
});
