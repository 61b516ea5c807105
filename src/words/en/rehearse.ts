import { plural, table } from "../table";

interface Tried {
  better: number;
  winters: number;
  kg: string;
  from: string;
  to: string;
}

/** A rehearsal of the plan on many winters. */
export const rehearse = table({
  rehearse: "Rehearse",
  rehearsal: "Rehearsal",
  backToPlan: "Back to the plan",
  practise: "Practise a winter",
  what: "Your plan, as it stands, lived through many winters hour by hour: covers, frost, growth, picking. Nothing here changes your garden.",
  start: ({ winters }: { winters: number }) => `Rehearse ${winters} winters`,
  again: "Rehearse again",
  planChanged: "The plan has changed since: these odds are of the plan as it was.",
  needsPlace: "Set the garden's location first: winters are made from its climate.",
  needsPlan: "Plan a sowing first: there is nothing to rehearse yet.",
  winters: "Winters",
  made: "Made from the climate",
  recorded: "Years on record",
  starting: "Getting the winters ready…",
  soFar: ({ done, wanted }: { done: number; wanted: number }) =>
    `${done} of ${wanted} ${plural(wanted, "winter", "winters")}`,
  ended: ({ done }: { done: number }) => `${done} ${plural(done, "winter", "winters")} rehearsed`,
  stop: "Stop",
  resume: "Go on",
  more: "100 more",
  brokenSome: ({ count }: { count: number }) =>
    `${count} ${plural(count, "worker", "workers")} stopped working; the others took over.`,
  brokenAll: "All workers stopped working. What was rehearsed until then stays.",
  reachesHarvest: "What reaches a harvest",
  leastSureFirst: "least sure first",
  inAllWinters: ({ count }: { count: number }) =>
    `${count} ${plural(count, "planting reaches", "plantings reach")} a harvest in every winter`,
  reached: ({ reached, winters }: { reached: number; winters: number }) =>
    `${reached} of ${winters}`,
  reachedLong: ({ name, reached, winters }: { name: string; reached: number; winters: number }) =>
    `${name} reaches a harvest in ${reached} of ${winters} winters`,
  firstPicking: ({ early, usual, late }: { early: string; usual: string; late: string }) =>
    `first picked ${usual} (${early} – ${late})`,
  neverPicked: "no picking",
  kgAWeek: "Harvest a week",
  kgAWeekSummary: ({ kg, least, most }: { kg: string; least: string; most: string }) =>
    `In all ${kg} in a middling winter; ${least} in one of ten or less, ${most} in one of ten or more`,
  band: "shaded: eight winters in ten",
  middle: "line: a middling winter",
  threeWinters: "Look at a winter",
  cold: "The cold one",
  middling: "The middling one",
  kind: "The kind one",
  told: ({ winter, coldest, kg }: { winter: number; coldest: string; kg: string }) =>
    `Winter ${winter}: down to ${coldest}, ${kg}`,
  see: "See the garden in it",
  anyWinter: "Or winter number",
  anyFrom: ({ winters }: { winters: number }) => `Enter a number from 1 to ${winters}.`,
  cannotSee: "That winter could not be lived through again. Rehearse again first.",
  banner: ({ winter, coldest, kg }: { winter: number; coldest: string; kg: string }) =>
    `Rehearsed winter ${winter}: down to ${coldest}, ${kg} harvested. Nothing here is real.`,
  leave: "Back to my garden",
  tryTitle: "Try a change",
  tryWhat:
    "On the same winters as the plan, up to four side by side. It stops by itself when the answer is clear.",
  tryNew: "Try a change…",
  tryIt: "Try it",
  addMore: "Add another step",
  fourAtMost: "Four changes at once. Drop one first.",
  whatChange: "What to change",
  coverBed: "Cover a bed",
  moveSowing: "Move a sowing",
  leaveOut: "Leave out a planting",
  otherVariety: "Another variety",
  morePiece: "One more cover in the shed",
  bed: "Bed",
  planting: "Planting",
  sowOn: "Sow on",
  variety: "Variety",
  chooseBed: "Choose a bed.",
  choosePlanting: "Choose a planting.",
  chooseVariety: "Choose a variety.",
  chooseCover: "Choose a cover.",
  giveDate: "Give a date.",
  covered: ({ bed, cover }: { bed: string; cover: string }) => `${bed} under ${cover}`,
  uncovered: ({ bed }: { bed: string }) => `${bed} without covers of its own`,
  moved: ({ planting, date }: { planting: string; date: string }) => `${planting} sown ${date}`,
  leftOut: ({ planting }: { planting: string }) => `without ${planting}`,
  grown: ({ crop, variety, bed }: { crop: string; variety: string; bed: string }) =>
    `${crop} “${variety}” in ${bed}`,
  piece: ({ cover, length }: { cover: string; length: string }) =>
    `one more ${cover}, ${length}, in the shed`,
  trying: "Being tried…",
  better: ({ better, winters, kg, from, to }: Tried) =>
    `Better in ${better} of ${winters} winters, ${kg} more on average (${from} to ${to})`,
  worse: ({ better, winters, kg, from, to }: Tried) =>
    `Better in ${better} of ${winters} winters only, ${kg} less on average (${from} to ${to})`,
  notClear: ({ better, winters, from, to }: Omit<Tried, "kg">) =>
    `Better in ${better} of ${winters} winters; the mean lies from ${from} to ${to}: not clear`,
  noDifference: ({ winters, from, to }: Pick<Tried, "winters" | "from" | "to">) =>
    `Hardly any difference in ${winters} winters (${from} to ${to})`,
  keep: "Keep it",
  drop: "Drop it",
  kept: ({ title }: { title: string }) => `Kept: ${title}`,
  goOn: "Go on trying",
  worthTitle: "What is worth what",
  worthWhat: "What the harvest loses without each of them, on the same winters.",
  worthFind: "Find out",
  worthNothing: "No covers, and nothing left to sow: there is nothing to compare.",
  worthCover: ({ cover, bed }: { cover: string; bed: string }) => `${cover} over ${bed}`,
  worthPiece: ({ cover, length }: { cover: string; length: string }) => `${cover}, ${length}`,
  worthWeek: ({ date, count }: { date: string; count: number }) =>
    `sowing in the week of ${date} (${count} ${plural(count, "planting", "plantings")})`,
  worthLoses: ({ kg, from, to }: { kg: string; from: string; to: string }) =>
    `${kg} (${from} to ${to})`,
  worthKinds: "Rank",
  worthCovers: "Covers and shelters",
  worthWeeks: "Sowing weeks",
  worthVarieties: "Varieties",
});
