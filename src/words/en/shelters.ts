import { plural, table } from "../table";

/** What shelters says. */
export const shelters = table({
  colder: ({ degrees }: { degrees: string }) => `${degrees} colder`,
  warmer: ({ degrees }: { degrees: string }) => `${degrees} warmer`,
  nights: ({ count }: { count: number }) => `${count} ${plural(count, "night", "nights")}`,
  good: "good",
  worn: "worn",
  torn: "torn",
  saved: ({ typed }: { typed: string }) => `${typed} saved.`,
  added: ({ typed }: { typed: string }) => `${typed} added.`,
  removedItsBedsAreNowUncovered: ({ shelter }: { shelter: string }) =>
    `${shelter} removed. Its beds are now uncovered.`,
  addAShelter: "Add a shelter",
  save: "Save",
  addShelter: "Add shelter",
  removeShelter: "Remove shelter",
  kind: "Kind",
  name: "Name",
  length: ({ long }: { long: string }) => `Length (${long})`,
  width: ({ long }: { long: string }) => `Width (${long})`,
  averageHeight: ({ long }: { long: string }) => `Average height (${long})`,
  bedsInside: "Beds inside",
  cover: "Cover",
  innerCover: "Inner cover",
  none: "None",
  vents: "Vents",
  openWhenWarm: "Open when warm",
  openAtSetHours: "Open at set hours",
  alwaysClosed: "Always closed",
  startsToOpenAt: ({ warm }: { warm: string }) => `Starts to open at (${warm})`,
  fullyOpenAt: ({ warm }: { warm: string }) => `Fully open at (${warm})`,
  opensAtHour: "Opens at (hour)",
  closesAtHour: "Closes at (hour)",
  film: "Film",
  uvStabilized: "UV-stabilized",
  notUvStabilized: "Not UV-stabilized",
  installedYear: "Installed (year)",
  waterBarrels: ({ unit }: { unit: string }) => `Water barrels (${unit})`,
  beforeYouBuildAGreenhouseMayNeedA:
    "Before you build: a greenhouse may need a permit and must carry your snow and wind loads. Ask the local building office or a licensed engineer.",
  anchorItBeforeTheFirstWindFilmAnd:
    "Anchor it before the first wind: film and frame lights can blow away.",
  glassWearGlovesAndUseAPropThat: "Glass: wear gloves and use a prop that holds.",
  coldestAtTheCropTonight: "coldest at the crop tonight",
  outside: "outside",
  warmerThanOutside: "warmer than outside",
  lightLetThrough: "light let through",
  soilAtThatHour: "soil at that hour",
  venting: "Venting",
  edit: "Edit…",
  calculatedByAnEnergyBalanceOfSky: ({ cover }: { cover: string }) =>
    `Calculated by an energy balance of ${cover}: sky, wind, leaks, wet film and freezing soil. Check it with your own thermometer.`,
  shelters: "Shelters",
  addBedsFirstOrAShelterWithBeds:
    "Add beds first, or a shelter with beds inside. Temperatures under covers then show here, hour by hour.",
  setYourLocationAndAddBedsFirst:
    "Set your location and add beds first. Temperatures under covers then show here.",
  addAShelter2: "Add a shelter…",
  tonight: "Tonight",
  nightOf: ({ date }: { date: string }) => `Night of ${date}`,
  coversInThisGarden: "Covers in this garden",
  coversHoopsWeights: "covers, hoops, weights",
  notInUse: ({ coversCount, length }: { coversCount: number; length: number }) =>
    `${coversCount} ${plural(coversCount, "cover", "covers")}, ${length} not in use`,
  brushSnowOffFromOutsideBeforeIt:
    "Brush snow off from outside before it gets heavy. Weight or bury the edges before wind.",
  aGreenhouseMayNeedAPermitAndMust:
    "A greenhouse may need a permit and must carry your snow and wind loads: ask the local building office or a licensed engineer. Stay out in a storm or under heavy snow. No unvented heater inside. A closed greenhouse gets dangerously hot in the sun. ",
  glassWearGlovesAndPropTheLightSoIt: "Glass: wear gloves, and prop the light so it cannot fall. ",
  filmThatIsNotUvStabilizedLasts: " Film that is not UV-stabilized lasts about a season.",
  notUvStabilized2: "not UV-stabilized",
  filmSeason: ({ kind, seasons, value }: { kind: string; seasons: number; value: string }) =>
    `Film (${kind}), season ${seasons}; ${value}`,
  outside2: ({ temp }: { temp: string }) => `outside ${temp}`,
  crop: ({ temp }: { temp: string }) => `crop ${temp}`,
  soilAt5Cm: ({ depth, temp }: { depth: string; temp: string }) => `soil at ${depth} ${temp}`,
  outside3: ({ time, at }: { time: string; at: string }) => `${time}: outside ${at}`,
  ruleOfThumb: "rule of thumb",
  energyBalance: "energy balance",
  yourOwnThermometer: "your own thermometer",
  temperaturesNowComeFromTheHereAnd: ({ NAMES }: { NAMES: string }) =>
    `Temperatures now come from the ${NAMES}, here and in the plan.`,
  noReadingsYet: "no readings yet",
  whereTheDegreesComeFrom: "Where each number comes from, and why it changes with the night",
  ruleExplained:
    "Rule of thumb: so many degrees for each layer, as growers give them for a night of frost, fewer on a mild one. It knows nothing of wind, cloud, or how warm the soil is.",
  balanceExplained:
    "Energy balance: what sun, soil, covers, wind and sky exchange, hour by hour. At night the soil is the only source of heat, so warm days before a cold night give more.",
  ownExplained:
    "Your own thermometer: the balance, moved by how your nights differed from it. Each night that is read counts more.",
  windyNightExplained:
    "Degrees are counted from the air outside. Under a clear, calm sky a cover loses its heat to the sky and can be colder than that air, so it gains little. Clouds send heat back, and wind warms such a cover to the air's own temperature: an overcast, windy night can gain more degrees at the same low. Wind through gaps works against that, most of all under loose covers.",
  hereAtTheSameLow: ({ low, clear, windy }: { low: string; clear: string; windy: string }) =>
    `Under these covers, at the same low of ${low}: ${clear} on a clear, calm night, ${windy} on an overcast, windy one.`,
  degreesAboveOutsideTonightBy: "Degrees above outside tonight, by",
  selected: "· selected",
  addAFewNightsFromYourOwn:
    "Add a few nights from your own thermometer below. Each one corrects the calculation more.",
  fromThanTheBalanceOnAverage: ({
    nights,
    off,
    nightWeight,
    off2,
  }: {
    nights: number;
    off: string;
    nightWeight: number;
    off2: string;
  }) =>
    `From ${nights} ${plural(nights, "night", "nights")}: ${off} than the balance on average. Weighted ${nightWeight} %, so nights are corrected to ${off2}`,
  andDaysFromAverage: ({ days, off, off2 }: { days: number; off: string; off2: string }) =>
    `, and days, from ${days}, ${off} (average ${off2})`,
  text: ({ map, words }: { map: string; words: string }) => `${map}: ${words}.`,
  addALayer: "Add a layer",
  oneMoreInnerLayer: "one more inner layer",
  coldestTonight: "coldest tonight",
  warmerBy: "warmer by",
  light: "light",
  add: "Add",
  add2: ({ name }: { name: string }) => `Add: ${name}`,
  added2: ({ name }: { name: string }) => `${name} added`,
  remove: ({ shortName }: { shortName: string }) => `Remove ${shortName}`,
  remove2: "Remove",
  uncovered: "uncovered",
  removeTheInSpringAboutAfterThat: ({
    coverNames,
    isPlural,
    date,
  }: {
    coverNames: string;
    isPlural: boolean;
    date: string;
  }) =>
    `Remove the ${coverNames} in spring about ${date}: after that ${isPlural ? "they cost" : "it costs"} more light than ${isPlural ? "they give" : "it gives"} warmth, and killing nights are rarer than your accepted risk.`,
  waterVeryLittleDaysAreShortAnd:
    "Water very little: days are short and growth has stopped. If the soil is dry a finger deep, water the soil, not the leaves, at noon on a mild day.",
  doNotWaterTodayItFreezesAtThe:
    "Do not water today: it freezes at the plants tonight, and ice on leaves does harm.",
  doNotWaterRootsTakeUpAlmostNothing:
    "Do not water: roots take up almost nothing from soil this cold.",
  hourShown: "Hour shown",
  soilAt5Cm2: ({ depth }: { depth: string }) => `soil at ${depth}`,
  inThe: ({ shortName }: { shortName: string }) => `in the ${shortName}`,
  atTheCrop: "at the crop",
  keepItClosedTodayItReachesAtMost: ({ max }: { max: string }) =>
    `Keep it closed today: it reaches ${max} at most, and the warmth is needed for the night.`,
  closedItWouldReachTodayOpenItByAnd: ({ max, hour }: { max: string; hour: string }) =>
    `Closed, it would reach ${max} today. Open it by ${hour} and leave it open through the mild night.`,
  closedItWouldReachTodayOpenItAbout: ({
    max,
    hour,
    hour2,
  }: {
    max: string;
    hour: string;
    hour2: string;
  }) =>
    `Closed, it would reach ${max} today. Open it about ${hour} and close it about ${hour2} to keep the warmth in.`,
  asSetUp: ({ ventWay }: { ventWay: string }) => `as set up: ${ventWay}`,
  closedAllDay: "closed all day",
  byHand1000To1500: "by hand, 10:00 to 15:00",
  innerCoversAtNight: "inner covers at night",
  underSnow: "under snow",
  alwaysClosed2: "always closed",
  ventedAbove: ({ temperature }: { temperature: string }) => `vented above ${temperature}`,
  open00To00: ({ fromHour, toHour }: { fromHour: number; toHour: number }) =>
    `open ${fromHour}:00 to ${toHour}:00`,
  smallUprightFrameAgainstAWall: "Small upright frame against a wall",
  doubleColdFrame: "Double cold frame",
  lowTunnelFilmOnHoops: "Low tunnel: film on hoops",
  lowTunnel: "Low tunnel",
  hoopsWithRowCover: "Hoops with row cover",
  hoops: "Hoops",
  unheatedGreenhouse: "Unheated greenhouse",
  greenhouse: "Greenhouse",
  enterANameForTheShelter: "Enter a name for the shelter.",
  enterItsLength: "Enter its length.",
  enterLitersOfWater0IsNone: "Enter the volume of water. 0 is none.",
  enterTheTemperatureAtWhichVents: "Enter the temperature at which vents start to open.",
  enterTheTemperatureAtWhichVentsAre: "Enter the temperature at which vents are fully open.",
  enterTheHourVentsOpen: "Enter the hour vents open.",
  enterTheHourVentsClose: "Enter the hour vents close.",
  enterTheYearTheFilmWasInstalled: "Enter the year the film was installed.",
  bed: ({ fields }: { fields: string }) => `${fields}, bed`,
  bed2: ({ fields, index }: { fields: string; index: number }) => `${fields}, bed ${index}`,
  text2: ({ namesCount }: { namesCount: number }) =>
    `${namesCount} ${plural(namesCount, "bed", "beds")}`,
  enterHowManyThereAre: "Enter how many there are.",
  coversSaved: "Covers saved.",
  coverRemoved: "Cover removed.",
  editACover: "Edit a cover",
  addACover: "Add a cover",
  item: "Item",
  edgeWeights: "Edge weights",
  material: "Material",
  length2: ({ unit }: { unit: string }) => `Length (${unit})`,
  width2: ({ unit }: { unit: string }) => `Width (${unit})`,
  condition: "Condition",
  firstUsedYear: "First used (year)",
  whereItIsNow: "Where it is now",
  inStorage: "In storage",
  howMany: "How many",
  span: ({ unit }: { unit: string }) => `Span (${unit})`,
  coversYouOwn: "Covers you own",
  addACover2: "Add a cover…",
  listTheCoversHoopsAndWeightsYouOwn:
    "List the covers, hoops and weights you own. On cold evenings Late Ember shows which cover saves most on which bed.",
  covers: "Covers",
  cover2: "cover",
  size: "size",
  condition2: "condition",
  location: "location",
  fits: "fits",
  hoopsSpanning: ({ count, length }: { count: number; length: string }) =>
    `${count} hoops spanning ${length}`,
  weights: ({ count }: { count: number }) => `${count} weights`,
  edit2: "Edit",
  editThe: ({ kind }: { kind: string }) => `Edit the ${kind}`,
  inStorage2: "in storage",
  edit3: ({ shortName, length, bed }: { shortName: string; length: string; bed: string }) =>
    `Edit ${shortName}, ${length}, ${bed}`,
  fitsNoBedTooNarrowOrTooWide: "fits no bed: too narrow or too wide",
  everyBed: "every bed",
  whole: ({ whole }: { whole: number }) => `${whole} whole ${plural(whole, "bed", "beds")}`,
  partOf: ({ part }: { part: number }) => `part of ${part}`,
  season: ({ seasons, tail }: { seasons: number; tail: string }) => `${seasons}${tail} season`,
  lowInside: "Low inside",
  lowIn: "Low in",
  lowOutside: "Low outside",
  lowOut: "Low out",
  highInside: "High inside",
  highIn: "High in",
  highOutside: "High outside",
  highOut: "High out",
  yourThermometerReadings: ({ unit }: { unit: string }) => `Your thermometer readings, ${unit}`,
  eachNightsLowInsideAtCropHeightAnd:
    "Each night's low, inside at crop height and outside. Add daytime highs if you have them. Leave blank what was not read.",
  on: ({ label, name }: { label: string; name: string }) => `${label} on ${name}`,
  measuredCalculatedOutside: ({
    date,
    temperature,
    temperature2,
    temperature3,
  }: {
    date: string;
    temperature: string;
    temperature2: string;
    temperature3: string;
  }) => `${date}: measured ${temperature}, calculated ${temperature2}, outside ${temperature3}`,
  nightLowsFilledMeasuredInsideRing:
    "Night lows: filled, measured inside; ring, calculated; dash, outside.",
  theThermometersOfInOutside: ({
    simulated,
    date,
    temperature,
    shelter,
    temperature2,
  }: {
    simulated: boolean;
    date: string;
    temperature: string;
    shelter: string;
    temperature2: string;
  }) =>
    `The thermometers${simulated ? " (simulated)" : ""} of ${date}: ${temperature} in ${shelter}, ${temperature2} outside,`,
  theCalculationGivesForSuchANight: ({ signed }: { signed: string }) =>
    `. The calculation gives ${signed} for such a night.`,
  readingsSaved: "Readings saved.",
  thisFileIsTooLargeToBeAThermometer: "This file is too large to be a thermometer log.",
  itHasNoThermometerOfThisName: "it has no thermometer of this name",
  noReadingFromTheLoggerCanBeUsed: ({ why }: { why: string }) =>
    `No reading from the logger can be used: ${why}.`,
  readingsRemoved: "Readings removed.",
  yourOwnThermometer2: "Your own thermometer",
  yourOwnThermometer3: ({ place }: { place: string }) => `Your own thermometer, ${place}`,
  enterReadings: "Enter readings…",
  importASpreadsheet: "Import a spreadsheet…",
  thermometerSpreadsheet: "Thermometer spreadsheet",
  importAWeekFromTheLogger: "Import a week from the logger",
  removeAll: "Remove all",
  insideOutside: ({
    date,
    temperature,
    temperature2,
  }: {
    date: string;
    temperature: string;
    temperature2: string;
  }) => `${date}: ${temperature} inside, ${temperature2} outside`,
  removeTheReadingOf: ({ date }: { date: string }) => `Remove the reading of ${date}`,
  added3: ({ nights }: { nights: string }) => `${nights} added.`,
  leftOut: ({ nights, reason }: { nights: string; reason: string }) =>
    `${nights} left out: ${reason}.`,
  enterBothLowsInsideAndOutsideOne: ({ date }: { date: string }) =>
    `${date}: enter both lows, inside and outside. One alone says nothing about the cover.`,
  enterAtLeastOneNightItsLowInside: "Enter at least one night: its low inside and its low outside.",
  halfDieAt: ({
    date,
    temperature,
    temperature2,
  }: {
    date: string;
    temperature: string;
    temperature2: string;
  }) => `${date} ${temperature}, half die at ${temperature2}`,
  comingNightsAtThePlants: ({ name, words }: { name: string; words: string }) =>
    `${name}, coming nights at the plants: ${words}`,
  halfDie: "half die",
  coversToPutOn: "Covers to put on",
  fromStorageWhereEachSavesMost: "From storage, where each saves most:",
  on2: ({ pieceName }: { pieceName: string }) => `${pieceName} on`,
  savesAbout: ({ weight }: { weight: string }) => `: saves about ${weight}`,
  overOfIt: ({ length }: { length: string }) => `, over ${length} of it`,
  hoops2: ({ hoops }: { hoops: number }) => `; ${hoops} hoops`,
  weights2: ({ weights }: { weights: number }) => `; ${weights} weights`,
  markAsOn: "Mark as on",
  coverOn: "Cover on.",
  on3: ({ putCount }: { putCount: number }) =>
    `${putCount} ${plural(putCount, "cover", "covers")} on.`,
  onForTheNight: ({ map }: { map: string }) => `On for the night: ${map}.`,
  putThemBack: "Put them back",
  backInStorage: "Back in storage.",
  noStoredCoversAreNeededTonight: "No stored covers are needed tonight.",
  everythingSurvivesAsCovered: ({ when }: { when: string }) =>
    `${when}: everything survives as covered`,
  closeByDusk: ({ map }: { map: string }) => `; close ${map} by dusk`,
  atRisk: ({ when, count }: { when: string; count: number }) =>
    `${when}: ${count} ${plural(count, "planting is", "plantings are")} at risk`,
  notHardenedAfterMildWeeks: ", not hardened after mild weeks",
  stored: ({ covers }: { covers: number }) =>
    `${covers} stored ${plural(covers, "cover helps", "covers help")}. `,
  whatToDo: "What to do",
  noPlantingsInTheBeds: "No plantings in the beds.",
  everyOutdoorPlantingShouldSurvive: "Every outdoor planting should survive as it is covered now.",
  leftOpenTheyWouldCostHarvest: ({ map }: { map: string }) =>
    `${map}. Left open, they would cost harvest tonight.`,
  closeByDusk2: "Close by dusk:",
  onlyThoseAtRisk: "Only those at risk",
  all: ({ nightsCount }: { nightsCount: number }) =>
    `All ${nightsCount} ${plural(nightsCount, "planting", "plantings")}`,
  mph: ({ number }: { number: string }) => `${number} mph`,
  windOfAboutOnWeightOrBuryCover: ({ much, date }: { much: string; date: string }) =>
    `Wind of about ${much} on ${date}: weight or bury cover edges, close vents and doors, and stay out of the greenhouse in the storm.`,
  aboutOfSnowOnBrushItOffFromOutside: ({ distance, date }: { distance: string; date: string }) =>
    `About ${distance} of snow on ${date}: brush it off from outside while it is light. Stay out from under a heavy load.`,
  atThePlantsHalfDieAtHardened: ({
    temperature,
    temperature2,
    hardened,
  }: {
    temperature: string;
    temperature2: string;
    hardened: number;
  }) => `${temperature} at the plants; half die at ${temperature2}, ${hardened} % hardened`,
  comingNightsFor: ({ name, bed }: { name: string; bed: string }) =>
    `Coming nights for ${name}, ${bed}`,
  hideTheWeek: "Hide the week",
  theWeek: "The week",
  enterItsWidth: "Enter its width.",
  itIsDueOldFilmTearsInTheFirstStorm: "it is due: old film tears in the first storm. ",
  itLastsAbout: ({ value }: { value: number | string }) => `it lasts about ${value}. `,
  on4: ({ pieceName, name }: { pieceName: string; name: string }) => `${pieceName} on ${name}`,
  change: ({ shelter }: { shelter: string }) => `Change ${shelter}`,
  text3: ({ shortName, temp }: { shortName: string; temp: string }) => `${shortName} ${temp}`,
  under: ({ shortName, at }: { shortName: string; at: string }) => `under ${shortName} ${at}`,
  soil: ({ at }: { at: string }) => `soil ${at}`,
  all2: ({ bedsCount }: { bedsCount: number }) => `all ${bedsCount}`,
  text4: ({ name, number }: { name: string; number: number }) => `${name} ${number}`,
  wallFrame: "Wall frame",
  doubleFrame: "Double frame",
  enterItsAverageHeight: "Enter its average height.",
});
