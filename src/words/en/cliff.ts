import { table } from "../table";

/** The cliff: how the day of sowing moves the harvest. */
export const cliff = table({
  howSowingDateChangesReadyDateThe: ({ name, narrow }: { name: string; narrow: boolean }) =>
    `${narrow ? `Last dates (the cliff): ${name}` : `How sowing date changes ready date (the cliff): ${name}`}`,
  lastSafeDateOf: ({ date, years }: { date: string; years: number | null }) =>
    `last safe date ${date}${years === null ? "" : `, ${years} of 10 years`}`,
  noCliffADaysDelayCostsAboutADay: "no cliff: a day's delay costs about a day",
  noSafeSowingDate: "no safe sowing date",
  lastSafeSowingDate: ({ cover, date }: { cover: string; date: string }) =>
    `${cover}: last safe sowing date ${date}`,
  readyDateBySowingDateFor: ({ name, parts }: { name: string; parts: string }) =>
    `Ready date by sowing date for ${name}. ${parts}.`,
  lastSafe: ({ curve, date }: { curve: string; date: string }) => `last safe ${curve}: ${date}`,
});
