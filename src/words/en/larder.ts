import type { FoodGroup, YearSeason } from "@/core/food";
import { plural, table } from "../table";

/** What people call the food groups. */
export const foodGroups = table({
  salad: "Salad",
  cookedGreens: "Cooked greens",
  roots: "Roots",
  alliums: "Onions, leeks, garlic",
  heads: "Cabbage and heads",
  herbs: "Herbs",
  fruit: "Fruit, pods, squash",
} satisfies Record<FoodGroup, string>);

export const yearSeasons = table({
  autumn: "Autumn",
  winter: "Winter",
  spring: "Spring",
  summer: "Summer",
} satisfies Record<YearSeason, string>);

/** On the button of each way to close a gap. */
export const takeWays = table({
  plan: "Plan it",
  cover: "Cover it",
  store: "Put by",
});

interface Rounds {
  crop: string;
  bed: string;
  count: number;
  date: string;
}

/** The larder: what comes, what is wanted, what is short, what is in store. */
export const larder = table({
  larder: "Larder",
  subtitle: ({ eaters }: { eaters: number }) =>
    `What comes in each week against what ${eaters} ${plural(eaters, "person wants", "people want")}, and how sure it is`,
  whatIsWanted: "What is wanted…",
  putIntoStore: "Put into store…",
  askWho: "How many people eat from this garden?",
  askWhoWhy:
    "With that, each week's harvest is set against what they usually eat, and gaps show while there is still time to sow.",
  people: "People",
  greens: "Greens",
  greensLittle: "Few greens",
  greensUsual: "Greens as usual",
  greensMuch: "Many greens",
  begin: "Show the larder",
  chart: "Harvest and store by week against what is wanted",
  chartSummary: ({ short }: { short: string }) => `Harvest and store by week. ${short}`,
  nothingShort: "Nothing is short in three of ten years or more.",
  kgAWeek: ({ weight }: { weight: string }) => `${weight} a week`,
  wanted: "wanted",
  wantedIn: ({ season }: { season: string }) => `Wanted in ${season.toLowerCase()}`,
  wantedNow: ({ weight }: { weight: string }) => `${weight} a week`,
  dragIt: "drag it",
  oneYearInTen: "dotted: 1 year in 10 less, 1 in 10 more",
  store: "From the store",
  leftOver: "Left over",
  asTable: "Show as a table",
  asChart: "Show as a chart",
  weekOf: "Week of",
  fromBeds: "From beds",
  fromStore: "From store",
  short: "Short",
  gaps: "Gaps",
  noGaps: "No gaps: harvests and stores cover what you want.",
  gap: ({
    group,
    weight,
    from,
    until,
    years,
  }: {
    group: string;
    weight: string;
    from: string;
    until: string;
    years: string;
  }) => `${group}: about ${weight} a week short from ${from} to ${until}, ${years}`,
  inYears: ({ yearsIn10 }: { yearsIn10: number }) =>
    yearsIn10 >= 10
      ? "in every year"
      : `in ${yearsIn10} ${plural(yearsIn10, "year", "years")} of 10`,
  gapTitle: ({ from, until }: { from: string; until: string }) => `Short from ${from} to ${until}`,
  gapOf: ({ group }: { group: string }) => `gap · ${group.toLowerCase()}`,
  missing: "missing",
  inTheYears: "in years",
  yearsOfTen: ({ yearsIn10 }: { yearsIn10: number }) => `${yearsIn10} in 10`,
  waysThatWork: "Ways that still work",
  looking: "Looking through beds, shed and store…",
  noWays:
    "Nothing you have gives any of it in time: no free ground, no cover in the shed, nothing left over now. Clear a bed, or add covers or containers.",
  way: ({ crop, length, bed, date }: { crop: string; length: string; bed: string; date: string }) =>
    `Sow ${crop.toLowerCase()}, ${length} of ${bed}, ${date}`,
  buyPlants: ({
    crop,
    length,
    bed,
    date,
  }: {
    crop: string;
    length: string;
    bed: string;
    date: string;
  }) => `Buy plants of ${crop.toLowerCase()} for ${length} of ${bed}, ${date}`,
  coverIt: ({ cover, bed }: { cover: string; bed: string }) => `Put ${cover} over ${bed}`,
  putByNow: ({
    weight,
    crop,
    bed,
    place,
  }: {
    weight: string;
    crop: string;
    bed: string;
    place: string;
  }) => `Put by ${weight} of ${crop.toLowerCase()} from ${bed} now: ${place}`,
  shootsWeekly: ({ crop, bed, count, date }: Rounds) =>
    `${crop}, a square a week in ${bed}: ${count} sowings from ${date}`,
  forceRoots: ({ crop, bed, count, date }: Rounds) =>
    `${crop} in ${bed}: ${count} pots, one after the other from ${date}`,
  wayAdds: ({ weight, years }: { weight: string; years: string }) => `+${weight}, ${years}`,
  withSeed: ({ plants, seed }: { plants: string; seed: string }) => `; ${plants}, ${seed} of seed`,
  toBuy: ({ plants }: { plants: string }) => `; ${plants} to buy`,
  seedOnly: ({ seed }: { seed: string }) => `; ${seed} of seed`,
  rootsOnly: ({ roots }: { roots: string }) => `; ${roots} roots from the store`,
  work: ({ hours }: { hours: string }) => `; about ${hours} h of work`,
  plants: ({ number, count }: { number: string; count: number }) =>
    `${number} ${plural(count, "plant", "plants")}`,
  taken: ({ what }: { what: string }) => `Done: ${what}.`,
  surplus: "More than is wanted",
  surplusOf: ({ group, weight, until }: { group: string; weight: string; until: string }) =>
    `${group}: about ${weight} more until ${until}. Give it away, sell it or store it.`,
  eatInThisOrder: "Eat in this order",
  eatHint: "What is over first comes first.",
  heads: ({ number, count }: { number: string; count: number }) =>
    `, ${number} ${plural(count, "head", "heads")}`,
  bunches: ({ number, count }: { number: string; count: number }) =>
    `, ${number} ${plural(count, "bunch", "bunches")}`,
  nothingToEat: "Nothing is ready within three weeks.",
  inStore: "In store",
  nothingInStore: "Nothing is in store yet.",
  lotIs: ({ left, place, date }: { left: string; place: string; date: string }) =>
    `${left} ${place}, good until about ${date}`,
  pastIts: ({ left, place, date }: { left: string; place: string; date: string }) =>
    `${left} ${place}; its time was over about ${date}: look through it first`,
  ofThatForced: ({ weight }: { weight: string }) => `(${weight} of it to force in pots)`,
  take: "Take out…",
  takeOf: ({ crop }: { crop: string }) => `Take ${crop.toLowerCase()} out of store`,
  change: "Change…",
  howMuch: ({ unit }: { unit: string }) => `How much (${unit})`,
  enterHowMuch: "Enter how much: more than 0.",
  whatFor: "What for",
  eaten: "Eaten",
  rotted: "Sorted out: rot, sprouts or green",
  given: "Given away",
  sold: "Sold",
  takenOut: ({ weight, crop }: { weight: string; crop: string }) =>
    `${weight} of ${crop.toLowerCase()} taken out.`,
  place: "Where",
  since: "Since",
  onDay: "On",
  cellar: "Cellar, cold and moist",
  shelf: "Shelf, cool and dry",
  clamp: "Clamp",
  mulch: "In the ground under mulch",
  freezer: "Freezer",
  jars: "Jars",
  keeps: ({ crop, weeks }: { crop: string; weeks: number }) =>
    `${crop} keeps about ${weeks} ${plural(weeks, "week", "weeks")} there.`,
  wrongAir: ({ crop, weeks, moist }: { crop: string; weeks: number; moist: boolean }) =>
    `${crop} wants ${moist ? "moist" : "dry"} air: there it keeps only about ${weeks} ${plural(weeks, "week", "weeks")}.`,
  chooseWhat: "Choose what it is.",
  stored: ({ crop }: { crop: string }) => `${crop} is in store.`,
  removed: ({ crop }: { crop: string }) => `${crop} is no longer in store.`,
  remove: "Remove",
  needSaved: "What is wanted is kept.",
  needTitle: "What is wanted each week",
  needHint: "For everybody together. Change what is not so; or drag the line in the chart.",
  enterPeople: "Enter a whole number of people, 1 or more.",
  enterWeight: "Enter a weight, 0 or more.",
  asUsual: "As usual for that many",
  caution: "Caution",
  potatoesDark:
    "Keep potatoes dark. Cut away sprouts and green parts; throw away what is green all over or bitter.",
  rotSpreads: "Rot spreads: look through every two weeks and take out what is soft or mouldy.",
  jarsSafely:
    "Low-acid vegetables in jars need a pressure canner and a tested recipe; follow your extension service or food agency.",
  setPlaceFirst: "Set your location first: the harvest follows from its light and cold.",
});
