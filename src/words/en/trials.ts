import { plural, table } from "../table";

const plots = (count: number) => `${count} ${plural(count, "plot", "plots")}`;

/** What trials say. */
export const trials = table({
  trials: "Trials",
  what: "Compare on your own ground: strips of each treatment, in an order drawn by lot, with rows of your crops running through all of them. What you weigh is set against chance.",
  none: "No trials yet. Start with something you doubt: compost or none, two varieties, two dates.",
  needsBeds: "Add a bed first: a trial needs ground.",
  newTrial: "Lay out a trial…",
  title: "Lay out a trial",
  name: "Name",
  nameExample: "Compost on fall rows",
  enterName: "Enter a name.",
  kind: "What differs",
  measure: "Measured by",
  treatments: "Treatments, one a line; the first as you usually do it",
  treatmentsDates: "Sowing dates, one a line (like 2026-08-20); the first as usual",
  treatmentsSpacings: "Spacings as % of the book's, one a line; the first as usual",
  enterTwo: "Enter at least two, one a line.",
  noMoreThan8: "At most 8.",
  twice: "Each only once.",
  enterDates: "Enter dates like 2026-08-20, one a line.",
  enterSpacings: "Enter percentages from 50 to 200, one a line.",
  varieties: "Varieties; the first chosen as usual",
  crops: "Crops, a row each",
  crop: "Crop",
  chooseCrop: "Choose at least one crop.",
  oneCrop: "Varieties are of one crop: choose one.",
  beds: "Beds",
  chooseBed: "Choose at least one bed.",
  blocks: "Blocks: how often each treatment comes",
  enterBlocks: "Enter a whole number from 1 to 20.",
  noRoom: ({ most }: { most: number }) =>
    most === 0
      ? "These beds have no room for that: strips would be too short. Choose fewer treatments or more beds."
      : `These beds have room for ${most} ${plural(most, "block", "blocks")} at most.`,
  drawAgain: "Draw lots again",
  plantRows: "Put the rows into the plan",
  sownOn: "Sown on",
  enterDate: "Enter a date.",
  lay: "Lay out",
  laid: ({ name }: { name: string }) => `${name} is laid out.`,
  layOut: ({ count, blocks }: { count: number; blocks: number }) =>
    `${plots(count)} in ${blocks} ${plural(blocks, "block", "blocks")}`,
  plan: ({ name }: { name: string }) => `How ${name} lies`,
  strip: ({
    letter,
    treatment,
    bed,
    from,
    to,
  }: {
    letter: string;
    treatment: string;
    bed: string;
    from: string;
    to: string;
  }) => `${letter}, ${treatment}: ${bed}, ${from} to ${to}`,
  usual: "as usual",
  results: "Results",
  resultsTitle: ({ name }: { name: string }) => `Results of ${name}`,
  enterResults: "Enter results…",
  plot: "Plot",
  resultOf: ({ plot, row }: { plot: string; row: string }) => `${plot}, ${row}`,
  resultsKept: "Results kept.",
  enterNumber: "Enter a number, or leave it empty.",
  soFar: "What it says",
  noResults: "Nothing measured yet.",
  more: ({ treatment, percent, usual }: { treatment: string; percent: string; usual: string }) =>
    `${treatment} gave ${percent} more than ${usual}`,
  less: ({ treatment, percent, usual }: { treatment: string; percent: string; usual: string }) =>
    `${treatment} gave ${percent} less than ${usual}`,
  points: ({ treatment, points, usual }: { treatment: string; points: string; usual: string }) =>
    `${treatment}: ${points} points against ${usual}`,
  between: ({ low, high }: { low: string; high: string }) => `likely ${low} to ${high}`,
  chance: ({ percent }: { percent: string }) => `chance alone does this in ${percent} of trials`,
  enough: "That is no chance.",
  tooFew: ({ count }: { count: number }) => `Too few to tell: ${plots(count)} more would.`,
  noDifference: "No difference that a garden could see.",
  single: "There is one strip of each only: the ground may differ as much as the treatment.",
  pairs: ({ count }: { count: number }) => `${count} ${plural(count, "pair", "pairs")}`,
  verdict: "Your verdict",
  keepVerdict: "Keep a verdict…",
  verdictTitle: ({ name }: { name: string }) => `Verdict on ${name}`,
  keepTo: "I keep to",
  nothingBetter: "none is better",
  note: "Note",
  verdictKept: "Verdict kept, with its crops and beds.",
  verdictIs: ({ treatment, date }: { treatment: string; date: string }) => `${treatment} (${date})`,
  remove: ({ name }: { name: string }) => `Remove ${name}`,
  removeIt: "Remove",
  removed: "Trial removed.",
  ofBed: "Trials in this bed",
  ofCrop: "What trials said of it",
  verdictLine: ({ trial, treatment }: { trial: string; treatment: string }) =>
    `${trial}: ${treatment}`,
});

export const trialKinds = table({
  amendment: "Amendment",
  variety: "Variety",
  spacing: "Spacing",
  date: "Sowing date",
  cover: "Cover",
  other: "Something else",
});

export const trialMeasures = table({
  grams: "weight",
  count: "count",
  score: "score",
});
