import { table } from "../table";

/** How much feed a bed wants, and what it brings. */
export const feeding = table({
  aBedKeptUpWantsLittleCompost: ({ usual }: { usual: string }) =>
    `A bed kept up wants about ${usual} of compost a year. `,
  aNewBedWantsMoreCompost: ({ from, to }: { from: string; to: string }) =>
    `A new bed wants ${from} to ${to} of compost. `,
  whatItBringsIsForItsFirstYear: "What it brings is for its first year; the rest comes later. ",
  alreadyGivenThisYear: ({ given, wanted }: { given: string; wanted: string }) =>
    `Compost, manure and fertiliser of the last year give ${given} of nitrogen; crops here want ${wanted}. `,
  onlyAPart: "Only a part of the bed",
  startsAt: ({ long }: { long: string }) => `Starts at (${long})`,
  length: ({ long }: { long: string }) => `Length (${long})`,
  enterWhereItBegins: "Enter where along the bed it begins: 0 is at its near end.",
  enterItsLength: "Enter how long the part is.",
  onAPart: ({ length, ground }: { length: string; ground: string }) =>
    ` on ${length} of it${ground === "" ? "" : `, ${ground}`}`,
  beforeWinterItWantsNitrogen: ({ rate }: { rate: string }) =>
    `On poor ground it wants about ${rate} of nitrogen before winter.`,
});
