import { table } from "../table";

/** What is said of how to get about, and on the tour. */
export const help = table({
  help: "Help, keys and terms",
  keysHeading: "Keys",
  keysAreOff: "Single keys are switched off in Settings.",
  key: "Key",
  does: "What it does",
  termsHeading: "Terms",
  takeTheTour: "Take the tour",
  allTerms: "All terms",
  close: "Close",
  singleKeys: "Single-key shortcuts",
  singleKeysHelp:
    "L, T, ?, [ and ]. Switch them off if you speak to your device or hit keys by accident.",
  tour: "Tour",
  stepOf: ({ step, steps }: { step: number; steps: number }) => `${step} of ${steps}`,
  next: "Next",
  back: "Back",
  leave: "Leave the tour",
  finish: "Done",
});

/** What stands on the keys; several between dots. */
export const keyNames = table({
  search: "Ctrl K · ⌘ K",
  log: "L",
  today: "T",
  day: "[ · ]",
  week: "{ · }",
  undo: "Ctrl Z · ⌘ Z",
  redo: "Ctrl Y · ⇧ ⌘ Z",
  help: "?",
  tab: "Tab",
  enter: "Enter",
  several: "Ctrl Enter · ⌘ Enter",
  escape: "Esc",
});

/** What each key does, in the order in which it is of use. */
export const keyWords = table({
  search: "Search, go to anything, run any command",
  log: "Log something",
  today: "Back to today",
  day: "The date in view a day back or on",
  week: "The date in view a week back or on",
  undo: "Undo",
  redo: "Redo",
  help: "This page",
  tab: "From one part to the next; arrow keys move within a list, a chart or a map",
  enter: "Open or press what is marked",
  several: "In the plan: select this planting along with others (also Ctrl and a click)",
  escape: "Close what is open; leave a drag as it was",
});

/** The five steps of the tour. */
export const tourSteps = table({
  todayTitle: "Today: what to do",
  todayText:
    "What the garden asks for today, in the order you walk past the beds. Tick it off with a tap; the plan follows from what was really done.",
  planTitle: "Plan: when to sow",
  planText:
    "Each strand is one planting, from sowing to the last harvest. Its last safe date is the cliff: drag a strand and see what a week costs.",
  bedsTitle: "Beds: where it stands",
  bedsText:
    "Tap a bed for what grows there, which ground is free and when, and what could fill the gap.",
  sheltersTitle: "Shelters: tonight",
  sheltersText:
    "What the night does under each cover, which crops are at risk, and where your covers go first.",
  placeTitle: "Place: light and frost",
  placeText:
    "Everything is computed from where you garden: day length, frost odds, the skyline. Set your own here first.",
});
