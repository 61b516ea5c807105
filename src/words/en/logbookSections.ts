import { table } from "../table";

/** The pages of the logbook. */
export const logbookSections = table({
  pages: "Pages of the logbook",
  log: "Log",
  numbers: "Your numbers",
  seasons: "Seasons",
  trials: "Trials",
});
