import { table } from "../table";

/** What plan says. */
export const plan = table({
  plan: "Plan",
  iWant: "I want…",
  ifISowToday: "If I sow today…",
  groupBy: "Group by",
  byBed: "By bed",
  byCrop: "By crop",
  datesBy: "Dates by",
  growth: "Growth",
  tenHourDay: "Ten-hour day",
  calendarDays: "Calendar days",
  sowNow: "Sow now…",
  rehearse: "Rehearse",
  oddsInKey: "rehearsed winters that reach a harvest",
  inWinters: ({ reached, winters }: { reached: number; winters: number }) =>
    `a harvest in ${reached} of ${winters} rehearsed winters`,
  ofWinters: ({ reached, winters }: { reached: number; winters: number }) =>
    `${reached}/${winters}`,
  pickedInWinters: ({ early, late }: { early: string; late: string }) =>
    `first picked between ${early} and ${late} in 8 of 10 rehearsed winters`,
  nothingIsPlannedThisSeasonMoveThe:
    "Nothing is planned this season. Move the date marker below, or add a planting.",
  babyLeaf2: " (baby leaf)",
  ready2: "ready ",
  sown: "sown ",
  lastSafeYears: ({ words, years }: { words: string; years: number }) =>
    `${words}, in ${years} of 10 years before the darkest day`,
  straysUntil: ({ early, late }: { early: string; late: string }) =>
    `first picking: 1 year in 5 before ${early}, 1 in 5 after ${late}`,
  spreadInKey: "first picking, 1 year in 5 earlier or later",
  orBetween: ({ early, late }: { early: string; late: string }) =>
    ` (1 year in 5 before ${early}, 1 in 5 after ${late})`,
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
  inContainers: "Pots, sacks and boxes",
  times: ({ picked }: { picked: number }) => `${picked} times`,
  selectSeveral: "Select several",
  andSelected: ", selected",
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
});
