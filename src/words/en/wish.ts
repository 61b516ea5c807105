import { plural, table } from "../table";

/** What the wish and the list of what can be sown say. */
export const wish = table({
  whatYouCanStillSowOn: ({ date }: { date: string }) => `What you can still sow on ${date}`,
  sownThatDayWillBeReadyInTimeHere: ({ nowCount }: { nowCount: number }) =>
    `${nowCount} ${plural(nowCount, "crop", "crops")} sown that day will be ready in time here. Each is shown in the simplest spot that works.`,
  calculating: "Calculating…",
  tooLateOrTooEarly: ({ notCount }: { notCount: number }) =>
    `Too late or too early: ${notCount} ${plural(notCount, "crop", "crops")}`,
  possibleThoughSeldom: ({ count }: { count: number }) =>
    `Possible, but seldom sown at this time: ${count}`,
  babyLeaves: "Baby leaf",
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
  notEnoughTime: "not enough time",
  inSpring: "in spring",
  risky: "risky",
  tooHot: "too hot",
  addToPlan: "Add to plan",
  addToPlan2: ({ crop, way }: { crop: string; way: string }) => `Add to plan: ${crop}, ${way}`,
  forBabyLeaf: ", for baby leaf",
  inTraysTransplant: ({ date }: { date: string }) => `in trays, transplant ${date}`,
  isFullThen: ({ bed }: { bed: string }) => `${bed} is full then.`,
  addedToSowOn: ({ crop, bed, date }: { crop: string; bed: string; date: string }) =>
    `${crop} added to ${bed}: sow on ${date}.`,
  addedToSetOutOn: ({ crop, bed, date }: { crop: string; bed: string; date: string }) =>
    `${crop} added to ${bed}: buy plants and set them out on ${date}.`,
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
  ifISowOn: "if I sow on…",
  sowOn: "Sow on",
  enterTheDateYouSow: "Enter the date you sow, or have sown.",
  thatIsTooLongAgo: "That is more than two years ago: choose a later date.",
  thatIsTooFarAhead: "That is more than three years ahead: choose an earlier date.",
  buyPlants: ({ date, where, spot }: { date: string; where: string; spot: string }) =>
    `Buy plants, set out ${date}, ${where}${spot}`,
  takes: ({ length, plants, weight }: { length: string; plants: string; weight: string }) =>
    ` Takes ${length}: ${plants}, about ${weight}.`,
  takesOnly: ({ length, plants, weight }: { length: string; plants: string; weight: string }) =>
    ` Less than you want: ${length} takes ${plants}, about ${weight}.`,
  plants: ({ count, number }: { count: number; number: string }) =>
    `${number} ${plural(count, "plant", "plants")}`,
  addedAsSown: ({ crop, bed, date }: { crop: string; bed: string; date: string }) =>
    `${crop} added to ${bed}, started on ${date}.`,
  readyBy2: "Ready by",
  from: "From",
  to: "To",
  chooseACrop: "Choose a crop.",
  enterTheDateYouWantItBy: "Enter the date you want it by.",
  thatDateHasPassedChooseOneAfter: "That date has passed: choose one after today.",
  enterTheLastDateYouWantIt: "Enter the last date you want it.",
  theEndDateIsBeforeTheStartDate: "The end date is before the start date.",
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
