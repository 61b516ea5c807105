import { table } from "../table";

/** What quickLog says. */
export const quickLog = table({
  nameInBed: ({ name, bed }: { name: string; bed: string }) => `${name} in ${bed}`,
  typeWhatHappenedFirst: "Type what happened first.",
  logged: "Logged.",
  entriesLogged: ({ understoodCount }: { understoodCount: number }) =>
    `${understoodCount} entries logged.`,
  logSomething: "Log something",
  setYourLocationFirstEntriesAre: "Set your location first: entries are matched to the plan.",
  inAFewWords: "In a few words",
  kale: ({ picking }: { picking: string }) => `${picking} kale`,
  sowed2RowsSpinachBed735InTheHouse9:
    "“sowed 2 rows spinach bed 7”, “-3.5 in the house, -9 out”, “lost half the lettuce to slugs”",
  on: "On",
  cancel: "Cancel",
  save: "Save",
  transplanted: "transplanted",
  kindOfWork: "Kind of work",
  growingInTheBeds: "Growing in the beds",
  willBeLogged: "Will be logged",
  or: "Or:",
});
