import { plural, table } from "../table";

/** What today says. */
export const today = table({
  enterWhatGrowsAlready: "Enter what grows already…",
  somethingGrowsAlready: "Something grows there already?",
  lessWord: "less",
  moreWord: "more",
  noted: ({ name, mild }: { name: string; mild: string }) => `Noted: ${name}. ${mild}`,
  found: "Found:",
  found2: "Found",
  found3: ({ name, place }: { name: string; place: string }) => `Found ${name}, ${place}`,
  logSomething: "Log something",
  kale: ({ picking }: { picking: string }) => `“${picking} kale”`,
  backOnTheList: "Back on the list.",
  done: "Done",
  doneToday: "Done today",
  doneThatDay: "Done that day",
  undo: "Undo",
  undo2: ({ name }: { name: string }) => `Undo ${name}`,
  seeAllInLogbook: "See all in Logbook",
  withSelected: "With selected",
  snooze: "Snooze",
  skip: "Skip",
  selectAll: "Select all",
  cancel: "Cancel",
  late: "late",
  about: ({ open, name }: { open: boolean; name: string }) =>
    `${open ? "Less" : "More"} about ${name}`,
  snooze2: ({ name }: { name: string }) => `Snooze: ${name}`,
  snoozeUntilTomorrow: "Snooze until tomorrow",
  skip2: ({ name }: { name: string }) => `Skip: ${name}`,
  skipNotDoingIt: "Skip: not doing it",
  fromTo: ({ date, date2 }: { date: string; date2: string }) => `From ${date} to ${date2}.`,
  doneWhenIfLeft: ({
    window,
    endsWhen,
    charAt,
  }: {
    window: string;
    endsWhen: string;
    charAt: string;
  }) => `${window} Done when ${endsWhen}. If left: ${charAt}`,
  inThreeDays: "In three days",
  inAWeek: "In a week",
  todaysTasks: "Today's tasks",
  stopSelecting: "Stop selecting",
  selectSeveral: "Select several",
  weeklySheet: "Weekly sheet",
  walkingOrder: "Walking order…",
  today: "Today",
  expectedTasksIfEverythingBeforeIs:
    "Expected tasks, if everything before is done. Tick them off on the day.",
  allDone: "All done.",
  notThereAnyMore: ({ name }: { name: string }) =>
    `“${name}” was tapped before the garden was open, and is not on the list any more.`,
  nothingToDoToday: "Nothing to do today.",
  besideTheTasks: "Beside the tasks",
  late2: ({ things, late }: { things: string; late: number }) => `${things}, ${late} late`,
  tonight: "Tonight",
  thatNight: "That night",
  beforeDark: "Before dark",
  beforeDark2: ({ when }: { when: string }) => `${when}, before dark`,
  seeTonightUnderCovers: "See tonight under covers",
  nothingToCoverCloseOrPick: "Nothing to cover, close or pick. Everything survives as it is.",
  inThisWinter: "In this winter",
  noForecastBasedOnUsualWeatherEnter: "No forecast: based on usual weather. Enter one under Place.",
  pileToday: "Must be done today",
  pileWeek: "This week",
  pilePassing: "When you pass",
  pileSize: ({ count, minutes }: { count: number; minutes: number }) =>
    `${count} ${plural(count, "task", "tasks")}, ${aboutHours(minutes)}`,
  piles: ({ today, week, passing }: { today: number; week: number; passing: number }) =>
    `${today} for today, ${week} this week, ${passing} when you pass`,
  show: "Show",
  hide: "Hide",
  showPile: ({ pile, isOpen }: { pile: string; isOpen: boolean }) =>
    `${pile}: ${isOpen ? "hide" : "show"}`,
  nothingMustBeDone: "Nothing has to be done today.",
  allHere: "All here",
  allOf: ({ stop }: { stop: string }) => `All of ${stop}`,
  walkingOrderSaved: "Walking order saved.",
  walkingOrder2: "Walking order",
  resetOrder: "Reset order",
  dragTheBedsIntoTheOrderYouWalkPast: "Drag the beds into the order you walk past them.",
  beds: "Beds",
  drag: ({ bed }: { bed: string }) => `Drag ${bed}`,
  moveUp: ({ bed }: { bed: string }) => `Move ${bed} up`,
  moveDown: ({ bed }: { bed: string }) => `Move ${bed} down`,
  mmOfRain: ({ amount }: { amount: string }) => `, ${amount} of rain`,
  toInTheNightAfterHoursOfDay: ({
    value,
    temperature,
    temperature2,
    rain,
    temperature3,
    number,
  }: {
    value: string;
    temperature: string;
    temperature2: string;
    rain: string;
    temperature3: string;
    number: string;
  }) =>
    `${value} ${temperature} to ${temperature2}${rain}; ${temperature3} in the night after. ${number} hours of day.`,
  enterAWeightOrACount: "Enter a weight or a count.",
  harvestSaved: "Harvest saved.",
  enterHowMuchIsStored: "Enter how much was stored: more than 0.",
  storedOf: ({ unit, crop }: { unit: string; crop: string }) => `${unit} of ${crop} stored`,
  storedWhere: "Where",
  putIntoTheLarder: "Into the larder",
  putIntoTheLarderOf: ({ crop }: { crop: string }) => `Put ${crop} into the larder`,
  inTheLarder: ({ crop }: { crop: string }) => `${crop} is in the larder.`,
  of: ({ UNIT, name }: { UNIT: string; name: string }) => `${UNIT} of ${name}`,
  pieces: "pieces",
  piecesOf: ({ name }: { name: string }) => `Pieces of ${name}`,
  save: "Save",
  saveTheWeightOf: ({ name }: { name: string }) => `Save the weight of ${name}`,
  aNewDayHasBegunAndItsTasksAreShown:
    "A new day has begun and its tasks are shown now. Tick the ones you mean.",
  tasks: ({ tasksCount }: { tasksCount: number }) => `${tasksCount} tasks`,
  skipped: ({ what }: { what: string }) => `Skipped: ${what}.`,
  snoozedTo: ({ date, what }: { date: string; what: string }) => `Snoozed to ${date}: ${what}.`,
  weekFrom: ({ head, date }: { head: string; date: string }) => `${head}, week from ${date}`,
  to: ({ date, date2 }: { date: string; date2: string }) => `${date} to ${date2}`,
  lowestInside: "lowest inside",
  lowestOutside: "lowest outside",
  writeDown: "Write down",
  detail: "Detail",
  onePage: "One page",
  withReasons: "With reasons",
  print: "Print",
  back: "Back",
  noTasksInTheWeekFrom: ({ date }: { date: string }) => `No tasks in the week from ${date}.`,
  calculating: "Calculating…",
  beforeDarkOnTheFirstDay: "Before dark on the first day",
  dailyTo: ({ from, weekday }: { from: string; weekday: string }) => `${from}daily to ${weekday}`,
  enterTheLengthOfTheBed: "Enter the length of the bed.",
  added: ({ name }: { name: string }) => `${name} added.`,
  firstBed: "First bed",
  oneIsEnoughToStartAddMoreLater: "One is enough to start. Add more later.",
  name: "Name",
  length: ({ unit }: { unit: string }) => `Length (${unit})`,
  width: ({ unit }: { unit: string }) => `Width (${unit})`,
  addBed: "Add bed",
  addSeveral: "Add several…",
  cropAddedToThePlan: "Crop added to the plan.",
  cropsAddedToThePlan: ({ chosenCount }: { chosenCount: number }) =>
    `${chosenCount} crops added to the plan.`,
  nothingSownInTheseBedsOnWillBe: ({ date }: { date: string }) =>
    `Nothing sown in these beds on ${date} will be ready. A cover or another date may help: see the plan.`,
  openPlan: "Open Plan",
  easyCropsYouCanStillSowHereToday: "Easy crops you can still sow here today:",
  firstCrops: "First crops",
  addToPlan: "Add to plan",
  addTheseToThePlan: ({ chosenCount }: { chosenCount: number }) =>
    `Add these ${chosenCount} to the plan`,
  chooseAnotherCrop: "Choose another crop",
  babyLeaf: ", baby leaf",
  ready: ({ date, days }: { date: string; days: string }) => `, ready ${date} (${days})`,
  startInCellTraysThen: "Start in cell trays, then",
  sowDirectlyIn: "Sow directly in",
  threeStepsTwoMinutesAfterThatThis:
    "Three steps, two minutes. After that this page lists each day's tasks.",
  yourLocation: "Your location",
  latitudeAndAFewTemperaturesGiveThe:
    "Latitude and a few temperatures give the light and frost that every date is calculated from.",
  setLocation: "Set location",
  threeFirstCrops: "Three first crops",
  putOn: ({ lowered }: { lowered: string }) => `Put on ${lowered}`,
  enterTheWidthOfTheBed: "Enter the width of the bed.",
  done2: ({ someCount }: { someCount: number }) => `Done: ${someCount}`,
  text2: ({ title, place }: { title: string; place: string }) => `${title}, ${place}`,
  text3: ({ place }: { place: string }) => `, ${place}`,
  choose: ({ name }: { name: string }) => `Choose: ${name}`,
  done3: ({ name }: { name: string }) => `Done: ${name}`,
  on: ({ date }: { date: string }) => `On ${date}.`,
  done4: ({ what }: { what: string }) => `Done: ${what}.`,
});

/** A time of work, as rough as it is known: to five minutes, from two hours on to half hours. */
function aboutHours(minutes: number): string {
  if (minutes < 57.5) return `about ${Math.max(5, Math.round(minutes / 5) * 5)} min`;
  if (minutes < 120) {
    const quarters = Math.round(minutes / 15) * 15;
    const rest = quarters % 60;
    return `about ${Math.floor(quarters / 60)} h${rest > 0 ? ` ${rest} min` : ""}`;
  }
  const halves = Math.round(minutes / 30);
  return `about ${Math.floor(halves / 2)}${halves % 2 === 1 ? "½" : ""} h`;
}
