import { plural, table } from "../table";

/** What logbook says. */
export const logbook = table({
  sown: ({ days, isLate }: { days: string; isLate: boolean }) =>
    `sown ${days} ${isLate ? "late" : "early"}`,
  entryCount: ({ all }: { all: number }) => `${all} ${plural(all, "entry", "entries")}`,
  entrySaved: "Entry saved.",
  day: "Day",
  cause: "Cause",
  nothingLeftToHarvest: "Nothing left to harvest",
  note: "Note",
  weightKg: "Weight (kg)",
  weightLb: "Weight (lb)",
  seedsFromStock: "Seeds from stock",
  lost: "Lost (%)",
  temperatureC: "Temperature (°C)",
  temperatureF: "Temperature (°F)",
  item: "Item",
  crop: "Crop",
  where: "Where",
  howMuch: "How much",
  noMatchingEntries: "No matching entries.",
  entries: "Entries",
  daysAgo: ({ days }: { days: number }) => `${days} days ago`,
  edit: "Edit…",
  writtenOn: ({ writer }: { writer: string }) => `written on: ${writer}`,
  edit2: ({ name }: { name: string }) => `Edit ${name}`,
  remove: "Remove",
  remove2: ({ name }: { name: string }) => `Remove ${name}`,
  entriesRemoved: ({ count }: { count: number }) =>
    count === 1 ? "Entry removed." : `${count} entries removed.`,
  logCsv: ({ head }: { head: string }) => `${head} log.csv`,
  logSaved: "Log saved.",
  logbook: "Logbook",
  saveCsv: "Save (.csv)",
  bringInATable: "Bring in a table…",
  logSomething: "Log something",
  nothingLoggedYetTickOffTasksUnder: ({
    picking,
    isImperial,
  }: {
    picking: string;
    isImperial: boolean;
  }) =>
    `Nothing logged yet. Tick off tasks under Today, or type a line: “sowed 2 rows spinach bed 7”, “${picking} kale”, “${isImperial ? "26 in the house, 16 out" : "-3.5 in the house, -9 out"}”. The plan follows what you log.`,
  filter: "Filter",
  words: "Words",
  kaleBed3: "kale bed 3",
  kind: "Kind",
  all: "all",
  from: "From",
  until: "Until",
  harvested: ({ weight }: { weight: string }) => `; ${weight} harvested`,
  pieces: ({ number }: { number: string }) => `; ${number} pieces`,
  of: ({ shown, all }: { shown: number; all: number }) =>
    `${shown} of ${all} ${plural(all, "entry", "entries")}`,
  changedFromPlan: "Changed from plan",
  transplanted: ({ days, isOutLate }: { days: string; isOutLate: boolean }) =>
    `transplanted ${days} ${isOutLate ? "late" : "early"}`,
  harvested2: ({ date }: { date: string }) => `harvested ${date}`,
  upOn: ({ date }: { date: string }) => `up on ${date}`,
  willNotBeReadyHere: "will not be ready here.",
  readyAsPlanned: ({ date }: { date: string }) => `ready ${date}, as planned.`,
  readyInsteadOf: ({ date, date2 }: { date: string; date2: string }) =>
    `ready ${date} instead of ${date2}.`,
  thisCannotBeRead: "This cannot be read.",
  lowestOutside: ({ temperature, temperature2 }: { temperature: string; temperature2: string }) =>
    `lowest ${temperature}, ${temperature2} outside`,
});
