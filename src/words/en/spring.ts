import { table } from "../table";

/** The spring ahead: the hungry gap, what wakes, what bolts, what makes way, what is sown first. */
export const spring = table({
  spring: "Spring",
  hungryGap: ({ weight, from, until }: { weight: string; from: string; until: string }) =>
    `The hungry gap: about ${weight} a week short of everything from ${from} to ${until}. What spring brings…`,
  noHungryGap: "No hungry gap in spring. What spring brings…",
  title: ({ year }: { year: number }) => `The spring of ${year}`,
  reckoning: "Looking through beds and covers…",
  wakes: "Grows again",
  uncover: "Covers off for good",
  bolts: "Runs to flower",
  makeWay: "Free by then",
  earliest: "First sowings",
  none: "Nothing in this garden.",
  inBed: ({ name, bed, covers }: { name: string; bed: string; covers: string }) =>
    `${name}, ${bed}${covers === "" ? "" : `, under ${covers}`}`,
  off: ({ covers, bed }: { covers: string; bed: string }) => `${bed}: ${covers} off`,
  waits: ({ bed, next, standing }: { bed: string; next: string; standing: string }) =>
    standing === ""
      ? `${bed} for ${next.toLowerCase()}`
      : `${bed} for ${next.toLowerCase()}; until then ${standing.toLowerCase()}`,
  sow: ({ crop, place, out, ready }: { crop: string; place: string; out: string; ready: string }) =>
    `${crop} ${place}${out}, ready ${ready}`,
  out: ({ date }: { date: string }) => `, out ${date}`,
  under: ({ covers }: { covers: string }) => `under ${covers}`,
  inOpen: "in the open",
  inPots: ({ bed }: { bed: string }) => `in ${bed}`,
  openFrom: ({ date }: { date: string }) => `in the open from ${date}`,
});
