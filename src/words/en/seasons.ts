import { plural, table } from "../table";

const plantings = (count: number) => `${count} ${plural(count, "planting", "plantings")}`;

/** What the page of the seasons says. */
export const seasons = table({
  seasons: "Seasons",
  what: "A season runs from midsummer to midsummer. Closed, it is kept whole as it was; the next begins from it, with crops moved on and dates put right by what you learned.",
  needsPlace: "Enter where you garden first: seasons go by its midsummer.",
  reading: "Reading the season…",
  season: ({ year, next }: { year: number; next: string }) => `${year}/${next}`,
  nothingOver:
    "Nothing from this season has finished yet. Close it once plantings are harvested or cleared; best at its end.",
  soFar: ({ season }: { season: string }) => `${season} so far`,
  close: ({ season }: { season: string }) => `Close ${season}`,
  closes: ({ over, goesOn }: { over: number; goesOn: number }) =>
    `${plantings(over)} that ${plural(over, "is", "are")} over ${plural(over, "moves", "move")} into it; ${goesOn} that still ${plural(goesOn, "stands or is", "stand or are")} planned ${plural(goesOn, "goes", "go")} on, like seed, trays and store.`,
  early: ({ date }: { date: string }) =>
    `It runs until ${date}: what is over after closing goes into the next.`,
  closed: ({ season }: { season: string }) => `${season} is closed.`,
  closedSeasons: "Closed seasons",
  oneLine: ({ count, harvested }: { count: number; harvested: string }) =>
    `${plantings(count)}, ${harvested} weighed`,
  closedOn: ({ date }: { date: string }) => `closed ${date}`,
  open: ({ season }: { season: string }) => `Read ${season}`,
  shut: ({ season }: { season: string }) => `Put ${season} away`,
  begin: ({ season }: { season: string }) => `Begin ${season} from it`,
  begun: ({ season }: { season: string }) => `${season} has begun.`,
  came: "What it came to",
  weighed: ({ harvested, usual }: { harvested: string; usual: string }) =>
    `${harvested} weighed, of ${usual} usual.`,
  weeksLabel: ({ open, covered }: { open: string; covered: string }) =>
    `Weighed week by week: ${open} in the open, ${covered} under covers`,
  underCovers: "under covers",
  late: "Late",
  nothingLate: "Nothing came much later than planned.",
  lateLine: ({ name, days, why }: { name: string; days: string; why: string }) =>
    `${name}: first picked ${days} late${why}`,
  sownLate: ({ days }: { days: string }) => `${days} of it sown late`,
  slower: ({ days }: { days: string }) => `${days} of it slow growth or left standing`,
  less: ({ weight }: { weight: string }) => `gave ${weight} less than usual`,
  neverPicked: "Nobody picked it",
  lost: "Lost",
  lostLine: ({ cause, weight, names }: { cause: string; weight: string; names: string }) =>
    `${cause}: about ${weight} (${names})`,
  rotted: "Rotted in store",
  gaps: "Weeks that were short",
  gapLine: ({
    group,
    from,
    until,
    weight,
  }: {
    group: string;
    from: string;
    until: string;
    weight: string;
  }) => `${group}: about ${weight} a week short from ${from} to ${until}`,
  covers: "Covers that paid",
  coverLine: ({ bed, weight }: { bed: string; weight: string }) =>
    `${bed}: ${weight} picked after the cold that would have taken it in the open`,
  nextTime: "For next time",
  nextTimeWhat: "Each is kept with a tap, and the next season begins by it.",
  noSuggestion: "Nothing to change.",
  keep: "Keep",
  kept: "Kept",
  keepWish: ({ words }: { words: string }) => `Keep: ${words}`,
  dropWish: ({ words }: { words: string }) => `Drop: ${words}`,
  sooner: ({ name, days }: { name: string; days: string }) => `Sow ${name} ${days} sooner`,
  half: ({ name }: { name: string }) => `Sow half as much ${name}`,
  cover: ({ name, bed }: { name: string; bed: string }) => `Put ${name} under cover: ${bed}`,
  net: ({ name }: { name: string }) => `Net ${name} at once`,
  leaveOut: ({ name }: { name: string }) => `Leave out ${name}`,
  takeNumbers: ({ count }: { count: number }) =>
    `Use ${count} ${plural(count, "number", "numbers")} of your own`,
  takeNumbersDone: "Your own numbers are in use.",
  against: "Plan against what came",
  by: "Group by",
  byPlanting: "Planting",
  byCrop: "Crop",
  byBed: "Bed",
  byShelter: "Shelter",
  inTheOpen: "in the open",
  item: "What",
  sown: "Sown",
  up: "Came up",
  picked: "First picked",
  amount: "Weighed",
  losses: "Losses",
  asPlanned: "as planned",
  later: ({ days }: { days: string }) => `${days} late`,
  sooner2: ({ days }: { days: string }) => `${days} early`,
  unknown: "not logged",
  never: "never picked",
  due: ({ date }: { date: string }) => `due ${date}`,
  ofUsual: ({ harvested, usual }: { harvested: string; usual: string }) =>
    `${harvested} of ${usual}`,
  lossWords: ({ share, cause }: { share: string; cause: string }) => `${share} ${cause}`,
  showAll: ({ count }: { count: number }) => `Show all ${count}`,
  logOf: ({ count }: { count: number }) => `Its log, ${count} ${plural(count, "entry", "entries")}`,
  logFile: ({ season }: { season: string }) => `log ${season}.csv`,
  saveLog: "Save its log (.csv)",
  sideBySide: "Seasons side by side",
  cellPicked: ({ date }: { date: string }) => `from ${date}`,
  cellNone: "not grown",
  cellNever: "not picked",
  beginTitle: ({ season }: { season: string }) => `Begin ${season}`,
  beginWhat:
    "A year on, moved to beds where the family has not stood lately. Untick what you do not want; everything can be changed later.",
  turnedBy: ({ beds, by }: { beds: string; by: number }) =>
    `${beds}: everything moves on by ${by} ${plural(by, "bed", "beds")}.`,
  nothingToBegin: "Nothing from it can be sown again: everything is past or already growing.",
  beginNow: ({ count }: { count: number }) => `Begin with ${plantings(count)}`,
  draft: ({ name, bed, date }: { name: string; bed: string; date: string }) =>
    `${name}: ${bed}, ${date}`,
  restDraft: ({ name, bed, date }: { name: string; bed: string; date: string }) =>
    `${name} in ${bed} from ${date}`,
  fromBed: ({ bed }: { bed: string }) => `was in ${bed}`,
  sownSooner: ({ days }: { days: string }) => `${days} sooner`,
  sownLater: ({ days }: { days: string }) => `${days} later`,
  rests: "Resting ground",
});

/** Why a planting comes otherwise in the next season, or not at all. */
export const draftNotes = table({
  leftOut: "left out, as you wished",
  noRoom: "no free ground in these beds",
  tooSoon: "its family stood there lately",
  gone: "its bed is gone",
  wish: "as you wished",
  learned: "by your own numbers",
});
