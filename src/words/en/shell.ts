import { table } from "../table";

/** What shell says. */
export const shell = table({
  frostWord: ", frost",
  frostInTen: ({ inTen }: { inTen: number }) => `, frost ${inTen} in 10`,
  done: ({ words }: { words: string }) => `Done: ${words}.`,
  undo: "Undo",
  helpAndKeys: "Help, keys and terms",
  pageNotFound: "Page not found",
  thisAddressIsNotAPageOfLateEmber:
    "This address is not a page of Late Ember. Your garden is unchanged.",
  goToToday: "Go to Today",
  searchOrRunACommand: "Search or run a command",
  today: "Today",
  larder: "Larder",
  logbook: "Logbook",
  plan: "Plan",
  beds: "Beds",
  shelters: "Shelters",
  place: "Place",
  redo: "Redo",
  settings: "Settings",
  seedlings: "Seedlings",
  calculating: "Calculating…",
  theSeasonsLightAndFrostShowHere:
    "The season's light and frost show here once your location is set.",
  searchHint: "Search ",
  gardensDate: "garden's date",
  ago: ({ days }: { days: string }) => `${days} ago`,
  killingFrostIn: ({ days, riskWords }: { days: string; riskWords: string }) =>
    `killing frost in ${days}, ${riskWords}`,
  killingFrostLikelyFor: ({ days, riskWords }: { days: string; riskWords: string }) =>
    `killing frost likely, ${riskWords}, for ${days}`,
  moveUndone: "Move undone.",
  fromAnotherTabOrAnEarlierVisit: ({ label }: { label: string }) =>
    `${label} (from another tab or an earlier visit)`,
  rehearseThePlan: "Rehearse the plan",
  practiseAWinter: "Practise a winter",
  inPractice: "in practice",
  killingFrostOn: ({ date }: { date: string }) => `killing frost ${date}`,
  killingFrostBy: ({ chance, date }: { chance: string; date: string }) =>
    `killing frost, ${chance}, by ${date}`,
  somethingWentWrongAndYourLast: ({ slice }: { slice: string }) =>
    `Something went wrong and your last action may not have been saved: ${slice}`,
  undone: ({ step }: { step: string }) => `Undone: ${step}.`,
  redone: ({ step }: { step: string }) => `Redone: ${step}.`,
  undo2: ({ step }: { step: string }) => `Undo ${step}`,
  redo2: ({ step }: { step: string }) => `Redo ${step}`,
  inWord: ({ days }: { days: string }) => `in ${days}`,
  tonight2: ({ temperature, frost }: { temperature: string; frost: string }) =>
    `tonight ${temperature}${frost}`,
});
