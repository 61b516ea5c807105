import { plural, table } from "../table";

/** What place says. */
export const place = table({
  outside: "outside",
  onePointALine: "One point a line, such as 120, 15",
  frost2: "frost",
  frostInTen: ({ inTen }: { inTen: number }) => `frost ${inTen} in 10`,
  clear: "clear",
  cloudy: "cloudy",
  dry: "dry",
  windy: "windy",
  midsummer: "midsummer",
  equinox: "equinox",
  midwinter: "midwinter",
  pointWord: ({ number, problem }: { number: number; problem: string }) =>
    `Point ${number}: ${problem}`,
  place: "Place",
  startFromAnExampleLocation: "Start from an example location",
  locationName: "Location name",
  latitudeNorth: "Latitude",
  longitudeEast: "Longitude",
  elevation: "Elevation",
  climateSource: "Climate source",
  aFewNumbers: "A few numbers",
  dailyWeatherRecord: "Daily weather record",
  saveLocation: "Save location",
  frost: "Frost",
  daylight: "Daylight",
  sun: "Sun",
  forecast: "Forecast",
  lightAndFrostOddsShowHereOnceThe:
    "Light and frost odds show here once the numbers are filled in. Find average lows and highs in any climate table. Frost dates are the ones by which half of the years have had frost.",
  fromOf: ({ seasons, station }: { seasons: number; station: string }) =>
    `From ${seasons} ${plural(seasons, "season", "seasons")} of ${station}.`,
  calculatedFromTheNumbersGiven: ({ spread }: { spread: string }) =>
    `Calculated from the numbers given: nights vary by about ${spread} around the average.`,
  show: "Show",
  savedEveryDateFollowsIt: ({ place }: { place: string }) =>
    `${place} saved. Every date follows it.`,
  low: "Low",
  high: "High",
  coldestMonthAverage: "Coldest month, average",
  warmestMonthAverage: "Warmest month, average",
  coldestNightIfKnown: "Coldest night of a usual year, if known",
  daysWithRainOrSnowPerYearIfKnown: "Days with rain or snow per year, if known",
  everyWinter: "every winter",
  notInMostWinters: "not in most winters",
  possibleInAnyMonth: "possible in any month",
  firstInFall: "First in fall",
  lastInSpring: "Last in spring",
  daylightOverTheSeasonLongest: ({ hours, hours2 }: { hours: string; hours2: string }) =>
    `Daylight over the season: longest ${hours}, shortest ${hours2}`,
  noDayHereIsShorterThanHoursLight: ({ hours }: { hours: number }) =>
    `No day here is shorter than ${hours} hours: light does not stop growth in winter.`,
  aroundMidwinterTheSunDoesNotRiseAt: " Around midwinter the sun does not rise at all.",
  aroundMidsummerItDoesNotSet: " Around midsummer it does not set.",
  daysAreShorterThanHoursFromTo: ({
    hours,
    from,
    to,
    polar,
  }: {
    hours: number;
    from: string;
    to: string;
    polar: string;
  }) =>
    `Days are shorter than ${hours} hours from ${from} to ${to}. Growth nearly stops in between.${polar}`,
  yearsIn10: "years in 10",
  rareHere: "rare here",
  killingFrost: ({ chance, when }: { chance: string; when: string }) =>
    `${chance}: killing frost ${when}`,
  rare: ({ name }: { name: string }) => `${name} rare`,
  andLastOrLater: ({ date }: { date: string }) => `, and last ${date} or later`,
  by: ({ name, date, until }: { name: string; date: string; until: string }) =>
    `${name} by ${date}${until}`,
  frostOddsOverTheSeason: ({ chance, each }: { chance: string; each: string }) =>
    `Frost odds over the season. ${chance}: ${each}.`,
  killingFrostIsRarerThanPlansIgnore: ({
    temperature,
    often,
  }: {
    temperature: string;
    often: string;
  }) => `Killing frost (${temperature}) is rarer than ${often}: plans ignore it.`,
  andTheLastSpringOneIsOrLater: ({ date }: { date: string }) =>
    `, and the last spring one is ${date} or later`,
  killingFrostComesByPlansUseThis: ({
    capital,
    temperature,
    date,
    again,
  }: {
    capital: string;
    temperature: string;
    date: string;
    again: string;
  }) =>
    `${capital}, killing frost (${temperature}) comes by ${date}${again}. Plans use this risk: drag the line to change it.`,
  lightFrost: "Light frost",
  killingFrost2: "Killing frost",
  frostOdds: "Frost odds",
  firstBy: "first by",
  lastSpringFrostOrLater: "last spring frost or later",
  acceptedFrostRisk: "Accepted frost risk",
  day: "Day",
  lowToHigh: "Low to high",
  sky: "Sky",
  toGiveOrTake: ({
    temperature,
    temperature2,
    degrees,
  }: {
    temperature: string;
    temperature2: string;
    degrees: string;
  }) => `${temperature} to ${temperature2}, give or take ${degrees}`,
  forecastSaved: "Forecast saved.",
  enterAForecast: "Enter a forecast",
  on: ({ label, name }: { label: string; name: string }) => `${label} on ${name}`,
  leaveLaterDaysBlankIfUnknown: "Leave later days blank if unknown.",
  cancel: "Cancel",
  stopReading: "Stop reading",
  save: "Save",
  theLastForecastIsKept: "The last forecast is kept.",
  youCanEnterOneYourself: "You can enter one yourself.",
  allItsDaysHavePassedAskAgainOr: "All its days have passed. Ask again, or enter a forecast.",
  tryTheSimulatedStation: "Try the simulated station",
  updateFromStation: "Update from station",
  enterByHand: "Enter by hand…",
  thermometersLastDay: "Thermometers, last day",
  waitingForTheStation: "Waiting for the station.",
  noStationIsSetEnterTheComingDays:
    "No station is set. Enter the coming days, import a spreadsheet, or add a station address in Settings.",
  notARealForecast: ", not a real forecast",
  importFailedThisFileIsFarTooLarge:
    "Import failed: this file is far too large for a few days' forecast.",
  aSpreadsheet: "a spreadsheet",
  importFailed: ({ problem }: { problem: string }) => `Import failed. ${problem}`,
  importedFrom: ({ daysCount, source }: { daysCount: number; source: string }) =>
    `${daysCount} ${plural(daysCount, "day", "days")} imported from ${source}.`,
  importASpreadsheet: "Import a spreadsheet…",
  forecastSpreadsheet: "Forecast spreadsheet",
  thermometers: "Thermometers",
  lowest: "lowest",
  highest: "highest",
  last: "last",
  at: ({ temperature, slice }: { temperature: string; slice: string }) =>
    `${temperature} at ${slice}`,
  frostUnlikely: "frost unlikely",
  mm: ({ isMaxTempC, amount }: { isMaxTempC: boolean; amount: string }) =>
    `${isMaxTempC ? "snow" : "rain"} ${amount}`,
  someCloud: "some cloud",
  issuedToday: "issued today",
  issuedYesterday: "issued yesterday",
  issuedDaysAgo: ({ age }: { age: number }) => `issued ${age} days ago`,
  justNow: "just now",
  minuteAgo: ({ minutes }: { minutes: number }) =>
    `${minutes} minute${plural(minutes, "", "s")} ago`,
  hoursAgo: ({ minutes }: { minutes: number }) => `${minutes} hours ago`,
  daysAgo: ({ minutes }: { minutes: number }) => `${minutes} days ago`,
  received: ({ made, came }: { made: string; came: string }) => `${made}, received ${came}`,
  enterALowAndAHighForAtLeastThe: "Enter a low and a high for at least the first day.",
  enterALowAndAHighInDegreesOrLeave: ({ nameOf }: { nameOf: string }) =>
    `${nameOf}: enter a low and a high in degrees, or leave it and all later days blank.`,
  enteredByHand: "entered by hand",
  from: "From",
  to: ({ date, date2 }: { date: string; date2: string }) => `${date} to ${date2}`,
  lows: "Lows",
  highs: "Highs",
  rain: "Rain",
  stationAt: "Station",
  position: ({
    latitude,
    longitude,
    height,
  }: {
    latitude: string;
    longitude: string;
    height: string | null;
  }) => `${latitude}°, ${longitude}°${height === null ? "" : `, ${height}`}`,
  apart: ({
    distance,
    height,
    isHigher,
  }: {
    distance: string;
    height: string | null;
    isHigher: boolean;
  }) =>
    `${distance} from your garden${height === null ? "" : `, ${height} ${isHigher ? "higher" : "lower"}`}.`,
  differs: ({ degrees, isWarmer }: { degrees: string; isWarmer: boolean }) =>
    `By its height it is usually about ${degrees} ${isWarmer ? "warmer" : "colder"} there; on clear nights a hollow can be colder than a slope above it.`,
  leftOut: "Left out",
  line: ({
    number,
    reason,
    linesCount,
    lines,
    isCount,
  }: {
    number: string;
    reason: string;
    linesCount: number;
    lines: string;
    isCount: boolean;
  }) => `${number} ${reason}: line${plural(linesCount, "", "s")} ${lines}${isCount ? " …" : ""}`,
  days: ({ number, value }: { number: string; value: string }) => `${number} days${value}`,
  aWeatherStationNearYouHasDailyLows:
    "A weather station near you has daily lows and highs on file. Import it for real odds instead of calculated ones.",
  importAnother: "Import another…",
  importARecord: "Import a record…",
  daysColdestNight: ({
    years,
    number,
    temperature,
  }: {
    years: string;
    number: string;
    temperature: string;
  }) => `${years}, ${number} days. Coldest night ${temperature}.`,
  recordSaved: "Record saved.",
  removed: ({ station }: { station: string }) => `${station} removed.`,
  saveAsCsv: "Save as .csv",
  remove: "Remove",
  tarnholtMillMadeUp: "Tarnholt Mill (made-up)",
  theExampleRecordCouldNotBeLoaded: "The example record could not be loaded. Try again.",
  importedFrostOddsAndEveryDate: ({ station }: { station: string }) =>
    `${station} imported. Frost odds and every date follow it.`,
  ghcnDailyDlyOrATableCsvWithDate:
    "GHCN-Daily (.dly) or a table (.csv) with date, high, low and rain, in any order. Ten years or more make good odds.",
  chooseFile: "Choose file…",
  weatherRecordFile: "Weather record file",
  useTheExampleStation: "Use the example station",
  reading: ({ file }: { file: string }) => `Reading ${file}…`,
  shareOfTheFileRead: "Share of the file read",
  stationName: "Station name",
  saveThisRecord: "Save this record",
  theFileCouldNotBeReadItMayHaveBeen:
    "The file could not be read. It may have been moved or changed.",
  skylineFromNorthAroundToNorthOnThe: ({
    value,
    date,
    noon,
  }: {
    value: string;
    date: string;
    noon: number;
  }) => `Skyline from north around to north, ${value}. On ${date} the sun reaches ${noon}°.`,
  skylinePoint: ({ direction }: { direction: string }) => `Skyline point, ${direction}`,
  highAt: ({ elevationDeg, azimuthDeg }: { elevationDeg: number; azimuthDeg: number }) =>
    `${elevationDeg}° high at ${azimuthDeg}°`,
  theSkylineInNumbers: "The skyline in numbers",
  pointsDirectionAndHeightInDegrees: "Direction and height, °",
  savePoints: "Save points",
  lineEnterTwoNumbersDirectionFrom: ({ index }: { index: number }) =>
    `Line ${index}: enter two numbers, direction from north and height, like 180 12.`,
  theGarden: "the garden",
  where: "Where",
  wholeGarden: "Whole garden",
  ownSkyline: ", own skyline",
  addAPoint: "Add a point",
  clearToLevel: "Clear to level",
  useTheGardensSkyline: "Use the garden's skyline",
  dragPointsClickTheSkyToAddOnePress:
    "Drag points. Click the sky to add one, press Delete to remove one.",
  giveItsOwnSkyline: ({ spotName }: { spotName: string }) => `Give ${spotName} its own skyline`,
  itNowUsesTheGardensSkyline: "It now uses the garden's skyline.",
  upToHoursOfDirectSunOnAndAt: ({
    date,
    directSunH,
    spotName,
    value,
    dliMol,
    dliMol2,
  }: {
    date: string;
    directSunH: string;
    spotName: string;
    value: string;
    dliMol: number;
    dliMol2: number;
  }) =>
    `${spotName}: up to ${directSunH} hours of direct sun on ${date}, and ${value} at midwinter. Usual light ${dliMol} and ${dliMol2} mol/m² a day.`,
  forHeads: "for heads",
  forLeaves: "for leaves",
  directSunOnByWeekAtMostHoursADayAt: ({
    spotName,
    value,
    value2,
  }: {
    spotName: string;
    value: string;
    value2: string;
  }) => `Direct sun on ${spotName} by week: at most ${value} hours a day, at least ${value2}`,
  missing: ({ number }: { number: string }) => `, ${number} missing`,
  noneMissing: ", none missing",
  to2: " to ",
  levelAllAround: "level all around",
  upToHigh: ({ highest }: { highest: number }) => `up to ${highest}° high`,
  by2: ({ date }: { date: string }) => `by ${date}`,
  text: ({ azimuthDeg, elevationDeg }: { azimuthDeg: number; elevationDeg: number }) =>
    `${azimuthDeg} ${elevationDeg}`,
  hardFreeze: "Hard freeze",
});
