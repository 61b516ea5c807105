import { table } from "../table";

/** The same tray once more. */
export const trayAgain = table({
  theSameAgain: "The same again",
  againInWeeks: "The same again in weeks",
  enterWeeks: "Enter a number of weeks, from 1 to 52.",
  planIt: "Plan it",
  dates: ({
    sow,
    out,
    ready,
    bed,
  }: {
    sow: string;
    out: string | null;
    ready: string | null;
    bed: string | null;
  }) =>
    `Sown ${sow}${out === null ? "" : `, planted out ${out}`}${bed === null ? "" : ` in ${bed}`}; ${ready === null ? "it would not be ready" : `first picking about ${ready}`}.${bed === null ? " No bed under the same covers has room for it then." : ""}`,
  planned: ({ name, date }: { name: string; date: string }) => `${name} planned again for ${date}.`,
  labelsOfThisTray: "Labels for this tray",
  thisTray: "this tray",
});
