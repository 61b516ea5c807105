import { plural, table } from "../table";

/** What is said while a table is brought in. */
export const bringIn = table({
  title: "Bring in a table",
  what: "A table as a spreadsheet saves it (CSV): harvests, sowings, temperatures, seed, plantings or a whole log. Nothing is kept before you have seen what it would bring.",
  choose: "Choose a table (.csv)",
  kind: "It holds",
  columns: "Columns",
  none: "none",
  column: ({ field }: { field: string }) => `Column for ${field}`,
  missing: ({ fields }: { fields: string }) => `Choose the columns for ${fields}.`,
  needsPlace: "Enter where you garden first.",
  ready: ({ count }: { count: number }) => `${count} ${plural(count, "line", "lines")} ready`,
  left: ({ count }: { count: number }) =>
    `${count} ${plural(count, "line is", "lines are")} left out:`,
  line: ({ line, reason }: { line: number; reason: string }) => `Line ${line}: ${reason}`,
  more: ({ count }: { count: number }) => `and ${count} more`,
  preview: "The first lines",
  keep: ({ count }: { count: number }) => `Bring in ${count}`,
  nothing: "Nothing to bring in yet",
  done: ({ count, left }: { count: number; left: number }) =>
    left === 0 ? `${count} brought in.` : `${count} brought in, ${left} left out.`,
});

export const tableKinds = table({
  harvests: "Harvests",
  sowings: "Sowings",
  temperatures: "Temperatures",
  seeds: "Seed for the box",
  plantings: "Plantings",
  log: "A log of all kinds of work",
});

export const tableFields = table({
  date: "date",
  crop: "crop",
  variety: "variety",
  place: "bed or shelter",
  weight: "weight",
  count: "count",
  seeds: "seeds",
  temperature: "temperature",
  outside: "temperature outside",
  year: "year",
  amount: "amount",
  length: "length",
  from: "where it begins",
  method: "direct or transplanted",
  note: "note",
  stage: "baby leaf or full size",
  clearOn: "day it is cleared",
  betweenRows: "distance between rows",
  inRow: "distance in the row",
  deed: "what was done",
  outOf: "counted out of",
  share: "share lost",
  cause: "cause",
  unit: "unit",
  treated: "treated seed",
  testedSeeds: "seeds tested",
  sprouted: "germinated of them",
  testedOn: "day of the test",
  id: "Late Ember’s own number",
});
