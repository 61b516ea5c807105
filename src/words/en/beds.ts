import { plural, table } from "../table";

/** What beds says. */
export const beds = table({
  cabbages: "cabbages",
  carrots: "carrots",
  onions: "onions",
  lettuces: "lettuces",
  squashes: "squashes",
  compost: "compost",
  volumeAndBarrows: ({ volume, count }: { volume: string; count: number }) =>
    `${volume}, ${count} ${plural(count, "barrow", "barrows")}`,
  standing: ({
    stretch,
    count,
    between,
    state,
  }: {
    stretch: string;
    count: number;
    between: string;
    state: string;
  }) => `${stretch}, ${count} ${plural(count, "place", "places")}${between}, ${state}`,
  occupant: ({
    name,
    fromM,
    toM,
    date,
    until,
  }: {
    name: string;
    fromM: string;
    toM: string;
    date: string;
    until: string;
  }) => `${name}: ${fromM} to ${toM}, from ${date}${until}`,
  now: "now",
  opening: ({
    length,
    fromM,
    from,
    until,
  }: {
    length: string;
    fromM: string;
    from: string;
    until: string;
  }) => `${length}, starting at ${fromM}, from ${from}${until}`,
  gap: ({ length, fromM, from }: { length: string; fromM: string; from: string }) =>
    `${length} at ${fromM}, from ${from}`,
  fromDate: ({ date }: { date: string }) => ` from ${date}`,
  length: "Length",
  width: "Width",
  centerFromLeft: "Center from left",
  centerFromBottom: "Center from bottom",
  angle: "Angle",
  enterANameForTheBed: "Enter a name for the bed.",
  enterItsLength: "Enter its length.",
  enterItsWidth: "Enter its width.",
  enterWhereItsCenterIs: "Enter where its center is.",
  enterItsAngle0IsAlongThePlot: "Enter its angle. 0 is along the plot.",
  saved: ({ bed }: { bed: string }) => `${bed} saved.`,
  name: "Name",
  save: "Save",
  growing: "Growing",
  freeSpace: "Free space",
  soil: "Soil",
  position: "Position",
  hDirectSunOn: ({ number, date }: { number: string; date: string }) =>
    `, ${number} h direct sun on ${date}`,
  about: ({ bed }: { bed: string }) => `About ${bed}`,
  noFreeSpaceOfAWeekOrMoreInTheNext: "No free space of a week or more in the next year.",
  freeFrom: ({ length, value, value2 }: { length: string; value: string; value2: string }) =>
    `Free: ${length} from ${value}${value2}`,
  until: ({ date }: { date: string }) => ` until ${date}`,
  nothingIsPlannedInThisBedAround: "Nothing is planned in this bed around this date.",
  beds: "Beds",
  ofOn: ({ head, date }: { head: string; date: string }) => `of ${head} on ${date}`,
  editLayout: "Edit layout",
  plotSize: "Plot size…",
  shoppingList: "Shopping list…",
  print: "Print",
  addBeds: "Add beds…",
  addYourBedsTheyAppearSideBySide: "Add your beds. They appear side by side: drag them into place.",
  setYourLocationFirstThenAddYour: "Set your location first, then add your beds.",
  whatFitsHere: "What fits here",
  thisBedIsFullForAYearReplantItOr:
    "This bed is full for a year. Replant it, or choose another bed.",
  addedTo: ({ crop, bed }: { crop: string; bed: string }) => `${crop} added to ${bed}.`,
  where: "Where",
  whatFitsHereSown: ({ date }: { date: string }) => `What fits here, sown ${date}`,
  calculating: "Calculating…",
  nothingCanBeReadyHereInThatTimeTry:
    "Nothing can be ready here in that time. Try another gap, or sow a cover crop.",
  fewer: "Fewer",
  betweenThe: ({ split, until }: { split: string; until: string }) =>
    `Between the ${split}${until}`,
  babyLeaf: ", baby leaf",
  startedInTrays: "started in trays",
  directSown: "direct sown",
  readyPlants: ({
    how,
    value,
    odds,
    number,
    isSeedsInBox,
  }: {
    how: string;
    value: string;
    odds: string;
    number: string;
    isSeedsInBox: boolean;
  }) =>
    `, ${how}: ready ${value}, ${odds}; ${number} plants${isSeedsInBox ? "; seed in stock" : ""}.`,
  finishedByForTheNextCrop: ({ date }: { date: string }) =>
    ` Finished by ${date} for the next crop.`,
  addToPlan: "Add to plan",
  addToPlan2: ({ crop }: { crop: string }) => `Add to plan: ${crop}`,
  removed: ({ bed }: { bed: string }) => `${bed} removed.`,
  whereItIsNow: "Where it is now",
  removeBed: "Remove bed",
  removeWithItsPlantings: "Remove with its plantings",
  to: ({ length, length2 }: { length: string; length2: string }) => `${length} to ${length2}`,
  andOverlapFromMoveOneAlongTheBedTo: ({
    earlier,
    later,
    date,
  }: {
    earlier: string;
    later: string;
    date: string;
  }) =>
    `${earlier} and ${later} overlap from ${date}. Move one along the bed, to another bed or to another date.`,
  on: ({ date }: { date: string }) => `On ${date}`,
  nothingGrowingHere: "Nothing growing here.",
  betweenOtherCrops: " between other crops",
  grown: ({ grown }: { grown: number }) => `${grown} % grown`,
  restingUntil: ({ stretch, date }: { stretch: string; date: string }) =>
    `${stretch}, resting until ${date}`,
  replant: "Replant…",
  plantHere: "Plant here…",
  enterWhatGrowsAlready: "Enter what grows already…",
  yearInThisBed: "Year in this bed",
  comingUp: "Coming up",
  sown: ({ date }: { date: string }) => `sown ${date}`,
  sowOn: ({ date }: { date: string }) => `sow ${date}`,
  move: "Move…",
  move2: ({ props }: { props: string }) => `Move ${props}`,
  open: "Open",
  open2: ({ props }: { props: string }) => `Open ${props}`,
  dragToSizeTheBed: "Drag to size the bed",
  dragToRotateTheBed: "Drag to rotate the bed",
  north: "North",
  ready: ({ crop }: { crop: string }) => `${crop}, ready`,
  grown2: ({ crop, grown }: { crop: string; grown: number }) => `${crop}, ${grown} % grown`,
  hoursOfDirectSun: ({ number }: { number: string }) => `; ${number} hours of direct sun`,
  toAt: ({ name, bed, length }: { name: string; bed: string; length: string }) =>
    `${name} to ${bed}, at ${length}`,
  reasonsFor: "Reasons for",
  noEffect: "No effect",
  reasonsAgainst: "Reasons against",
  notPossible: "Not possible",
  growing2: "growing",
  ready2: "ready",
  covered: "covered",
  resting: "resting",
  shelter: "shelter",
  directSunDarkerIsMore: "direct sun: darker is more",
  dragArrowKeysOrRHandlesResizeAnd: "drag, arrow keys or R; handles resize and rotate",
  dragAPlantingToAnotherBed: "drag a planting to another bed",
  movedTo: ({ bed }: { bed: string }) => `Moved to ${bed}.`,
  move3: ({ plantingName }: { plantingName: string }) => `Move ${plantingName}`,
  move4: "Move",
  to2: "To",
  startsAt: ({ imperial }: { imperial: boolean }) => `Starts at (${imperial ? "ft" : "m"})`,
  dragItToAnotherBed: ({ crop }: { crop: string }) => `${crop}: drag it to another bed`,
  enterTheLengthOfThePlot: "Enter the length of the plot.",
  enterTheCompassBearingOfUp0IsNorth: "Enter the compass bearing of up: 0 is north, 90 is east.",
  plotSaved: "Plot saved.",
  plot: "Plot",
  lengthAlongTheBottom: ({ unit }: { unit: string }) => `Length along the bottom (${unit})`,
  widthUpTheMap: ({ unit }: { unit: string }) => `Width up the map (${unit})`,
  compassBearingOfUp0IsNorth: "Compass bearing of up (°, 0 is north)",
  standsNow: ({ bed, value }: { bed: string; value: string }) => `${bed} stands ${value} now.`,
  feedingPlannedForOnAddedToThe: ({ bed, date }: { bed: string; date: string }) =>
    `Feeding planned for ${bed} on ${date}. Added to the shopping list.`,
  feedThisBed: "Feed this bed",
  withWord: "With",
  forM: ({ area, amount }: { area: string; amount: string }) => `For ${area}: ${amount}.`,
  saveFor: ({ date }: { date: string }) => `Save for ${date}`,
  digItInASpadeDeep: "Dig it in a spade deep. ",
  spreadItOnTopRootsOfWhatStoodHere: "Spread it on top; roots of what stood here stay in. ",
  wetDustyCompostWearAMaskWashYour: "Wet dusty compost, wear a mask, wash your hands. ",
  theBagsLabelOverridesTheseAmounts:
    "The bag's label overrides these amounts. Keep ammonium nitrate and other oxidizers dry and away from fuel and sparks. ",
  rawManureCanCarryGermsLeave120Days:
    "Raw manure can carry germs. Leave 120 days before harvest of crops that touch soil, 90 for others; local rules may require more. Wash your hands. ",
  planned: "Planned",
  on2: ({ date, amount }: { date: string; amount: string }) => `on ${date}: ${amount}`,
  remove: "Remove",
  remove2: ({ item }: { item: string }) => `Remove ${item}`,
  wouldBeHarvestedDaysAfterRawManure: ({
    one,
    days,
    neededDays,
    date,
  }: {
    one: string;
    days: number;
    neededDays: number;
    date: string;
  }) =>
    `${one} would be harvested ${days} days after raw manure. Wait ${neededDays} days, until ${date}. Local rules may require more.`,
  tooEarly: " (too early)",
  tooLate: " (too late)",
  of: ({ length, bed }: { length: string; bed: string }) => `${length} of ${bed}`,
  restingUntil2: ({ ground, date }: { ground: string; date: string }) =>
    `${ground} resting until ${date}.`,
  restThisBed: "Rest this bed",
  under: "Under",
  mulch: ({ name }: { name: string }) => `Mulch: ${name}`,
  sown2: "Sown",
  inRows: "in rows",
  broadcast: "broadcast",
  seedRate: "Seed rate ×",
  until2: "Until",
  noPartOfTheBedIsFreeUntilThen: "No part of the bed is free until then. Choose an earlier date. ",
  restFrom: ({ date }: { date: string }) => `Rest from ${date}`,
  of2: ({ volume, name }: { volume: string; name: string }) => `${volume} of ${name}`,
  ofSeed: ({ weight }: { weight: string }) => `${weight} of seed`,
  forOfBed: ({ much, length }: { much: string; length: string }) =>
    `${much} for ${length} of bed. `,
  to3: ({ length, date, date2 }: { length: string; date: string; date2: string }) =>
    `, ${length}, ${date} to ${date2}`,
  remove3: ({ restName }: { restName: string }) => `Remove ${restName}`,
  cropFamiliesHereNoRotationSet: "Crop families here (no rotation set)",
  cropFamiliesHereRotation: ({ rotationYears }: { rotationYears: number }) =>
    `Crop families here (rotation ${rotationYears} ${plural(rotationYears, "year", "years")})`,
  year: "Year",
  family: "Family",
  add: "Add",
  removeOf: ({ family }: { family: string }) => `Remove ${family} of`,
  out: "out",
  spinachBeets: "spinach, beets",
  peasBeans: "peas, beans",
  tomatoesPotatoes: "tomatoes, potatoes",
  shoppingListCsv: "shopping list.csv",
  shoppingListOn: ({ date }: { date: string }) => `Shopping list, ${date} on`,
  nothingYetFeedingsCoverCropsAnd:
    "Nothing yet. Feedings, cover crops and mulches you plan under a bed's Soil tab are added up here.",
  item: "Item",
  howMuch: "How much",
  firstNeeded: "First needed",
  forWord: "For",
  seedsAreListedUnderSeedlingsSeed: "Seeds are listed under Seedlings, Seed order.",
  saveAsASpreadsheetCsv: "Save as a spreadsheet (.csv)",
  done: "Done",
  aFertilizerByItsNPK: "a fertilizer by its N-P-K",
  compostedManure: "composted manure",
  rawManure: "raw manure",
  limeOrAnotherAmendment: "lime or another amendment",
  strawOrDryLeaves: "straw or dry leaves",
  compostIn: "Compost (in)",
  compostCm: "Compost (cm)",
  bagNPK: "Bag N-P-K",
  nNeeded: ({ small }: { small: string }) => `N needed (${small})`,
  manure: ({ large }: { large: string }) => `Manure (${large})`,
  rate: ({ small }: { small: string }) => `Rate (${small})`,
  dry: ({ large }: { large: string }) => `Dry (${large})`,
  enterACompostDepthAbove0: "Enter a compost depth above 0.",
  enterAManureRateAbove0: "Enter a manure rate above 0.",
  enterARateOf0OrMore: "Enter a rate of 0 or more.",
  enterWhatItIsSuchAsLimeOrRockDust: "Enter what it is, such as lime or rock dust.",
  enterAWeightAbove0: "Enter a weight above 0.",
  enterTheBagsThreeNumbersLike532: "Enter the bag's three numbers, like 5-3-2.",
  enterNitrogenOf0OrMore: "Enter nitrogen of 0 or more.",
  dugInItTiesUpOfNitrogenAtFirstAdd: ({ much, weight }: { much: string; weight: string }) =>
    `${much}; dug in, it ties up ${weight} of nitrogen at first: add that much more`,
  nitrogen: ({ weight }: { weight: string }) => `${weight} nitrogen`,
  phosphate: ({ weight }: { weight: string }) => `${weight} phosphate`,
  potash: ({ weight }: { weight: string }) => `${weight} potash`,
  withWord2: ({ much, brings }: { much: string; brings: string }) => `${much}, with ${brings}`,
  tooEarlySow: "Too early: sow",
  tooLateForAReliableStandSow: "Too late for a reliable stand: sow",
  turnItIn: "Turn it in",
  mowOrCrimpItAndLeaveItOnTop: "Mow or crimp it and leave it on top",
  toDeep: ({
    WHEN_WORDS,
    date,
    date2,
    distance,
  }: {
    WHEN_WORDS: string;
    date: string;
    date2: string;
    distance: string;
  }) => `${WHEN_WORDS} ${date} to ${date2}, ${distance} deep.`,
  winterKillsIt: ({ chance }: { chance: string }) => `Winter kills it ${chance}.`,
  by: ({ end, date }: { end: string; date: string }) => `${end} by ${date}.`,
  itsStrawTiesUpNitrogenAtFirst: "Its straw ties up nitrogen at first.",
  checkTheSackIsSoldUnderASimilar: ({ lookAlikeSeed }: { lookAlikeSeed: string }) =>
    `Check the sack: ${lookAlikeSeed} is sold under a similar name.`,
  enterAMultipleOfTheUsualRate1Is: "Enter a multiple of the usual rate. 1 is usual.",
  whatCouldFollow: "What could follow",
  onReadyAbout: ({
    date,
    value,
    aboutWeight,
    value2,
  }: {
    date: string;
    value: string;
    aboutWeight: string;
    value2: string;
  }) => `on ${date}: ready ${value}, about ${aboutWeight}${value2}`,
  worthEating: "worth eating",
  moreThanEnough: "more than enough",
  notEaten: "not eaten",
  diseased: "diseased",
  frostIsLikelyByAtYourAcceptedRisk: ({ date }: { date: string }) =>
    ` Frost is likely by ${date} at your accepted risk.`,
  wouldStillYieldAbout: "would still yield about",
  countingTheOddsOfFrost: ({ from, frost }: { from: string; frost: string }) =>
    `${from}, counting the odds of frost.${frost}`,
  value: "Value",
  plantsToKeepOf: ({ places }: { places: number }) => `Plants to keep, of ${places}`,
  pullItSoonWithRootsAndFallenLeaves:
    "Pull it soon, with roots and fallen leaves, and keep it out of a cool compost heap.",
  stillHarvested: "still harvested",
  nextCrop: "next crop",
  both: "both",
  yieldByChangeoverDateStill: ({
    weight,
    weight2,
    crop,
    date,
  }: {
    weight: string;
    weight2: string;
    crop: string;
    date: string;
  }) => `Yield by changeover date: ${weight} still harvested and ${weight2} of ${crop} on ${date}`,
  replantedWithOn: ({ bed, crop, date }: { bed: string; crop: string; date: string }) =>
    `${bed} replanted with ${crop} on ${date}.`,
  chooseADateInTheNextTenWeeks: "Choose a date in the next ten weeks.",
  bestDate: ({ date }: { date: string }) => `Best date: ${date}.`,
  theDateWithTheHighestTotalYield: "The date with the highest total yield.",
  replant2: ({ bed }: { bed: string }) => `Replant ${bed}`,
  replant3: "Replant",
  buySeedlings: "Buy seedlings",
  itIsTooLateHereForAnotherCrop:
    "It is too late here for another crop before winter. Leave these, then rest the bed.",
  nextCrop2: "Next crop",
  changeoverDate: "Changeover date",
  needsTransplantSizeSeedlingsOnSown: ({ date, date2 }: { date: string; date2: string }) =>
    `Needs transplant-size seedlings on ${date}, sown about ${date2}.`,
  sowInTraysOnTheBedIsNeededFrom: ({
    name,
    date,
    date2,
  }: {
    name: string;
    date: string;
    date2: string;
  }) => `Sow ${name} in trays on ${date}. The bed is needed from ${date2}.`,
  plantedThenWillNotBeReady: ({ name }: { name: string }) =>
    `${name} planted then will not be ready.`,
  readyOnAboutCountingTheOdds: ({
    name,
    date,
    weight,
  }: {
    name: string;
    date: string;
    weight: string;
  }) => `${name} ready on ${date}: about ${weight}, counting the odds.`,
  itWouldNotBeReady: "it would not be ready",
  itWouldBeReady: ({ later }: { later: string }) => `it would be ready ${later}`,
  aWeekLaterWithLess: ({ moved, weight }: { moved: string; weight: string }) =>
    `A week later ${moved}, with ${weight} less.`,
  aWeekLaterItWouldBeReadyWithThe: ({ later }: { later: string }) =>
    `A week later it would be ready ${later}, with the same yield.`,
  youGiveUp: ({ value, weight }: { value: string; weight: string }) =>
    `${value}. You give up ${weight}.`,
  youGiveUpAlmostNothingByPulling: "You give up almost nothing by pulling then.",
  enterTheWidthOfThePlot: "Enter the width of the plot.",
  on3: " on",
  to4: ({ date }: { date: string }) => ` to ${date}`,
  inTheOpen: "uncovered",
  itsFamilyWasHereTooLately: "; its family was here too lately",
  upToThenIsStillPicked: ({ weight }: { weight: string }) => `Up to then ${weight} is still picked`,
  nothingIsPickedUpToThen: "Nothing is picked up to then",
  all: ({ fitsCount }: { fitsCount: number }) => `All ${fitsCount}`,
  inWord: ({ shelter }: { shelter: string }) => `in ${shelter}`,
  text: ({ crop, WHEN_WORDS }: { crop: string; WHEN_WORDS: string }) => `${crop}${WHEN_WORDS}`,
  inoculant: ({ inoculantGroup }: { inoculantGroup: string }) => `Inoculant: ${inoculantGroup}.`,
});
