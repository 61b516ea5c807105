import { plural, table } from "../table";

/** What plan says. */
export const plan = table({
  plan: "Plan",
  setYourLocationFirstLatitudeAFew:
    "Set your location first. Latitude, a few temperatures and frost dates give the light and cold that every date is calculated from.",
  setLocation: "Set location",
  nextAddYourBedsHowManyHowLongAnd:
    "Next, add your beds: how many, how long and how they are covered.",
  addBeds: "Add beds",
  nothingIsPlannedYetChooseACropAnd:
    "Nothing is planned yet. Choose a crop and when you want it. Late Ember shows when to sow it and whether there is still time.",
  iWant: "I want…",
  ifISowToday: "If I sow today…",
  addMoreBeds: "Add more beds",
  groupBy: "Group by",
  byBed: "By bed",
  byCrop: "By crop",
  datesBy: "Dates by",
  growth: "Growth",
  tenHourDay: "Ten-hour day",
  calendarDays: "Calendar days",
  sowNow: "Sow now…",
  nothingIsPlannedThisSeasonMoveThe:
    "Nothing is planned this season. Move the date marker below, or add a planting.",
  whatYouCanStillSowOn: ({ date }: { date: string }) => `What you can still sow on ${date}`,
  sownThatDayWillBeReadyInTimeHere: ({ nowCount }: { nowCount: number }) =>
    `${nowCount} ${plural(nowCount, "crop", "crops")} sown that day will be ready in time here. Each is shown in the simplest spot that works.`,
  calculating: "Calculating…",
  tooLateOrTooEarly: ({ notCount }: { notCount: number }) =>
    `Too late or too early: ${notCount} ${plural(notCount, "crop", "crops")}`,
  close: "Close",
  inTrays: "in trays",
  babyLeaf: ", baby leaf",
  ready: ({ value }: { value: string }) => `: ready ${value}`,
  overWinter: ", over winter",
  options: "Options…",
  optionsForSowing: ({ crop }: { crop: string }) => `Options for sowing ${crop}`,
  lastSafeDate: "last safe date",
  n1DayLeft: "1 day left",
  left: ({ left }: { left: number }) => `${left} ${plural(left, "day", "days")} left`,
  babyLeaf2: " (baby leaf)",
  howSowingDateChangesReadyDateThe: ({ name, narrow }: { name: string; narrow: boolean }) =>
    `${narrow ? `Last dates (the cliff): ${name}` : `How sowing date changes ready date (the cliff): ${name}`}`,
  noSafeSowingDate: "no safe sowing date",
  noCliffADaysDelayCostsAboutADay: "no cliff: a day's delay costs about a day",
  lastSafeSowingDate: ({ cover, date }: { cover: string; date: string }) =>
    `${cover}: last safe sowing date ${date}`,
  readyDateBySowingDateFor: ({ name, parts }: { name: string; parts: string }) =>
    `Ready date by sowing date for ${name}. ${parts}.`,
  ready2: "ready ",
  sown: "sown ",
  lastSafe: ({ curve, date }: { curve: string; date: string }) => `last safe ${curve}: ${date}`,
  lastSafeDateOf: ({ date }: { date: string }) => `last safe date ${date}`,
  underHours: ({ shortDayHours }: { shortDayHours: number }) => `under ${shortDayHours} hours`,
  daysUnderHours: ({
    shortDayHours,
    date,
    date2,
  }: {
    shortDayHours: number;
    date: string;
    date2: string;
  }) => `days under ${shortDayHours} hours, ${date} – ${date2}`,
  key: "Key",
  sowingDateDragToChange: "sowing date: drag to change",
  sownLogged: "sown (logged)",
  plannedDate: "planned date",
  harvested: "harvested",
  transplanted: "transplanted",
  growing: "growing",
  readyAndHolding: "ready and holding",
  aKillingFrostMayHaveComeByThen: "a killing frost may have come by then",
  transplanted2: ({ date }: { date: string }) => `transplanted ${date}`,
  aKillingFrostIsLikelyBy: ({ date }: { date: string }) => `a killing frost is likely by ${date}`,
  sowingDay: ({
    cropName,
    varietyName,
    bedName,
  }: {
    cropName: string;
    varietyName: string;
    bedName: string;
  }) => `${cropName}, ${varietyName}, ${bedName}: sowing day`,
  willNotBeReadyHere: "will not be ready here",
  logged: " (logged)",
  harvested2: ({ value }: { value: string }) => `, harvested ${value}`,
  babyLeaf3: "baby leaf",
  uncoveredBeds: "Uncovered beds",
  notEnoughTime: "not enough time",
  inSpring: "in spring",
  risky: "risky",
  addToPlan: "Add to plan",
  addToPlan2: ({ crop, way }: { crop: string; way: string }) => `Add to plan: ${crop}, ${way}`,
  forBabyLeaf: ", for baby leaf",
  inTraysTransplant: ({ date }: { date: string }) => `in trays, transplant ${date}`,
  isFullThen: ({ bed }: { bed: string }) => `${bed} is full then.`,
  addedToSowOn: ({ crop, bed, date }: { crop: string; bed: string; date: string }) =>
    `${crop} added to ${bed}: sow on ${date}.`,
  done: ({ words }: { words: string }) => `Done: ${words}.`,
  cannotBeReadyByThenHereUnderAny: ({ crop }: { crop: string }) =>
    `${crop} cannot be ready by then here, under any cover. Try another crop or a later date.`,
  otherCropsReadyByThen: "Other crops ready by then",
  whatStillWorks: " What still works:",
  nothingSownNowIsReadyInTimeClosest: " Nothing sown now is ready in time. Closest options:",
  where: "Where",
  anywhere: "Anywhere",
  when: "When",
  readyBy: "ready by",
  fromTo: "from … to …",
  ifISowToday2: "if I sow today",
  readyBy2: "Ready by",
  from: "From",
  to: "To",
  chooseACrop: "Choose a crop.",
  enterTheDateYouWantItBy: "Enter the date you want it by.",
  thatDateHasPassedChooseOneAfter: "That date has passed: choose one after today.",
  enterTheLastDateYouWantIt: "Enter the last date you want it.",
  theEndDateIsBeforeTheStartDate: "The end date is before the start date.",
  times: ({ picked }: { picked: number }) => `${picked} times`,
  text: ({
    cropName,
    varietyName,
    knot,
  }: {
    cropName: string;
    varietyName: string;
    knot: string;
  }) => `${cropName}, ${varietyName}: ${knot}`,
  picked: ({ date }: { date: string }) => `picked ${date}`,
  text2: ({ trimEnd }: { trimEnd: string }) => `${trimEnd}…`,
  ready3: ({ date }: { date: string }) => `ready ${date}`,
  sown2: ({
    date,
    known,
    ready,
    times,
  }: {
    date: string;
    known: string;
    ready: string;
    times: string;
  }) => `sown ${date}${known}, ${ready}${times}`,
  under: ({ cover }: { cover: string }) => `Under ${cover}`,
  text3: ({ crop }: { crop: string }) => `${crop}: `,
  sow: ({
    date,
    how,
    where,
    spot,
    what,
  }: {
    date: string;
    how: string;
    where: string;
    spot: string;
    what: string;
  }) => `Sow ${date} ${how}, ${where}${spot}${what}`,
  text4: ({ shortfall }: { shortfall: string }) => `${shortfall} `,
  hasFree: ({ bed, length }: { bed: string; length: string }) => `${bed} has ${length} free.`,
});
