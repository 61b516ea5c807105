import { plural, table } from "../table";

/** What planting says. */
export const planting = table({
  thisSowingNowMovesOnItsOwn: "This sowing now moves on its own.",
  successionSowing: "Succession sowing",
  oneOfSowingsThatMoveTogether: ({ groupCount, map }: { groupCount: number; map: string }) =>
    `One of ${groupCount} sowings that move together: ${map}.`,
  moveThisOneOnItsOwn: "Move this one on its own",
  makeSuccessionSowings: "Make succession sowings…",
  amounts: "Amounts",
  sowingOf: ({ seed, weight, distance }: { seed: string; weight: string; distance: string }) =>
    `: ${seed} including losses, ${weight}. Sow ${distance} deep`,
  overArea: ({ weight, area, rate }: { weight: string; area: string; rate: string }) =>
    `Broadcast: ${weight} over ${area}, ${rate}.`,
  mixedSeed: "Kinds mixed in this sowing",
  plantedInTurn: "Kinds in turn, station by station",
  kindShare: ({ crop, variety, share }: { crop: string; variety: string; share: string }) =>
    `${crop}, ${variety}: ${share} %`,
  kindNotReady: "Not ready here.",
  kindReady: ({ date }: { date: string }) => `Ready ${date}.`,
  kindAmounts: ({
    plants,
    seed,
    weight,
    yields,
  }: {
    plants: string;
    seed: string;
    weight: string;
    yields: string;
  }) => ` ${plants} plants${seed ? `, ${seed}, ${weight}` : ""}; yields about ${yields}.`,
  severalKinds: "Several kinds in this sowing",
  addAKind: "Add another kind",
  removeKind: ({ kind }: { kind: string }) => `Remove ${kind}`,
  howKindsStand: "How they stand",
  seedMixedTogether: "seed mixed together",
  stationByStation: "in turn, station by station",
  share: "Share %",
  theRest: ({ crop, share }: { crop: string; share: string }) => `${crop}: the rest, ${share} %`,
  sharesLeaveNothing: ({ crop }: { crop: string }) =>
    `The shares reach 100 % and leave nothing for ${crop}: lower one of them.`,
  enterTheShare: "Enter the share of this kind: more than 0 and less than 100 %.",
  chooseTheKind: "Choose the crop of each kind.",
  usualYieldOf: ({ weight }: { weight: string }) => `. Usual yield about ${weight} in all`,
  setOut: "Set out",
  boughtSeedlings: " · bought plants",
  plants: ({ number }: { number: string }) => `${number} plants`,
  cells: ({ number }: { number: string }) => `, ${number} cells`,
  afterLosses: ({ weight }: { weight: string }) => `; after losses, ${weight}`,
  fromThePacketAboutGermination: ({
    packedYear,
    share,
    seed,
    weight,
    isEnough,
  }: {
    packedYear: number;
    share: number;
    seed: string;
    weight: string;
    isEnough: boolean;
  }) =>
    `From the ${packedYear} packet (about ${share} % germination): ${seed}, ${weight}${isEnough ? "." : "; not enough in the packet."}`,
  treatedSeedWearGlovesAndWashYour: " Treated seed: wear gloves and wash your hands after.",
  calculation: "Calculation",
  comparedWithUsualSpacing: ({ effect }: { effect: string }) =>
    `Compared with usual spacing: ${effect}`,
  pollinatedByWindPlantAtLeastRowsOf: ({ rows, length }: { rows: number; length: string }) =>
    `Pollinated by wind: plant at least ${rows} rows of ${length} side by side, or ears fill poorly.`,
  blockTooSmall: "Block too small.",
  emergence: "Emergence",
  itWillNotGerminateInThisSoil: "It will not germinate in this soil.",
  upAbout: "Up about",
  aboutOf100GoodSeeds: ({ value, share }: { value: string; share: number }) =>
    `${value}; about ${share} of 100 good seeds.`,
  itIsTooLateToResow: "It is too late to resow.",
  ifTooFewComeUpResowBy: ({ date }: { date: string }) => `If too few come up, resow by ${date}.`,
  ifTooFewComeUpResowAtOnceEachDayOf:
    "If too few come up, resow at once: each day of waiting costs about a day.",
  done: ({ words }: { words: string }) => `Done: ${words}.`,
  inWord: "in",
  cm: "cm",
  variety: "Variety",
  bed: "Bed",
  how: "How",
  directSown: "direct sown",
  startedInTraysAndTransplanted: "started in trays and transplanted",
  harvestAs: "Harvest as",
  fullGrown: "full-grown",
  babyLeaf: "baby leaf",
  startsAt: ({ long }: { long: string }) => `Starts at (${long})`,
  length: ({ long }: { long: string }) => `Length (${long})`,
  rows: ({ short }: { short: string }) => `Rows (${short})`,
  inRow: ({ short }: { short: string }) => `In row (${short})`,
  toTheNextStation: ({ short }: { short: string }) => `Station to station (${short})`,
  seedsPerHole: "Seeds per hole",
  thinnedTo: ({ count }: { count: number }) =>
    `Seeds in a hole are thinned to ${count === 1 ? "one" : count}; left empty, as many are sown as the usual losses want.`,
  boughtAgeWeeks: "Age (weeks)",
  standingSum: ({
    rows,
    stations,
    together,
    plants,
  }: {
    rows: number;
    stations: number;
    together: number;
    plants: string;
  }) =>
    `${rows} ${plural(rows, "row", "rows")} × ${stations} ${plural(stations, "station", "stations")}${together > 1 ? ` × ${together} plants` : ""} = ${plants} plants`,
  standingSumStaggered: ({
    stations,
    together,
    plants,
  }: {
    stations: number;
    together: number;
    plants: string;
  }) =>
    `${stations} ${plural(stations, "station", "stations")}${together > 1 ? ` × ${together} plants` : ""} = ${plants} plants`,
  standingSumPieces: ({
    pieces,
    kind,
    stations,
    together,
    plants,
  }: {
    pieces: number;
    kind: "whole" | "strip" | "sides" | "edge" | "cells";
    stations: number;
    together: number;
    plants: string;
  }) => {
    const one = kind === "cells" ? "square" : kind === "whole" || kind === "edge" ? "pot" : "strip";
    const many = pieces === 1 ? "" : `${pieces} ${one}s × `;
    return `${many}${stations} ${plural(stations, "station", "stations")}${together > 1 ? ` × ${together} plants` : ""} = ${plants} plants`;
  },
  plantsDoNotFit: "Rows or plants are farther apart than the bed is wide or the stretch long.",
  boughtPlants: "Bought as plants, then transplanted",
  toBuy: ({ count, weeks }: { count: string; weeks: number }) =>
    `; ${count} to buy, ${weeks} ${plural(weeks, "week", "weeks")} old`,
  cancel: "Cancel",
  save: "Save",
  history: "History",
  plannedDate: "planned date",
  thanPlanned: ({ late, isLate }: { late: number; isLate: boolean }) =>
    `${late} ${plural(late, "day", "days")} ${isLate ? "later" : "earlier"} than planned`,
  transplanted: ({ date }: { date: string }) => `Transplanted ${date}.`,
  lostOn: ({ share, date, cause }: { share: number; date: string; cause: string }) =>
    `${share} % lost on ${date}: ${cause}.`,
  finished: ({ date }: { date: string }) => `Finished ${date}.`,
  times: ({ pickedDaysCount }: { pickedDaysCount: number }) => `${pickedDaysCount} times`,
  pieces: ({ number }: { number: string }) => `${number} pieces`,
  harvestedLastOn: ({ times, value, last }: { times: string; value: string; last: string }) =>
    `Harvested ${times}${value}; last on ${last}.`,
  removedFrom: ({ crop, bed }: { crop: string; bed: string }) => `${crop} removed from ${bed}.`,
  transplanted2: " · transplanted",
  ready: "ready",
  notHere: "not here",
  firstPicking: "first picking",
  fullSize: "full size",
  oneYearInFive: ({ early, late }: { early: string; late: string }) =>
    `1 year in 5 before ${early}, 1 in 5 after ${late}.`,
  oneYearInFiveNever: ({ early }: { early: string }) =>
    `1 year in 5 before ${early}, 1 in 5 not within the season.`,
  coldBefore: ({ parts }: { parts: string }) => `Cold before the first picking: ${parts}.`,
  leavesLost: ({ percent }: { percent: number }) => `leaves lost in ${percent} of 100 years`,
  regrows: ({ percent }: { percent: number }) => `top killed but coming again in ${percent} of 100`,
  dead: ({ percent }: { percent: number }) => `lost in ${percent} of 100`,
  coldSpares: "Cold before the first picking: next to none.",
  usableAndGrowing: ({ on, grown }: { on: string; grown: number }) =>
    `${on}: ready to pick, ${grown} % of full size.`,
  fromSowingDays: ({ days }: { days: number }) => `${days} days from sowing`,
  fromSowing: "from sowing",
  days: ({ readyDay }: { readyDay: number }) => `${readyDay} days`,
  sownInTrays: "Sown in trays",
  sown: "Sown",
  fromTheLogbookChangeTheEntryThere: "From the logbook: change the entry there.",
  commands: "Commands",
  addAnotherSowing: "Add another sowing",
  edit: "Edit…",
  remove: "Remove",
  notSownYet: ({ on }: { on: string }) => `${on}: not sown yet.`,
  finished2: ({ on }: { on: string }) => `${on}: finished.`,
  readyAndHolding: ({ on }: { on: string }) => `${on}: ready and holding.`,
  inTraysUntil: ({ date }: { date: string }) => `, in trays until ${date}`,
  grown: ({ on, grown, bench }: { on: string; grown: number; bench: string }) =>
    `${on}: ${grown} % grown${bench}.`,
  growth: "Growth",
  tenHourDay: "Ten-hour day",
  calendarDays: "Calendar days",
  byEachMethod: "By each method",
  selected: " (selected)",
  enterTheNumberOfDays0IsNone: "Enter the number of days. 0 is none.",
  atPlanting: "At planting",
  nothingSetUp: "Nothing set up.",
  shadeIfHot: "Shade if hot",
  netting: "Netting",
  waterDailyDays: "Water daily (days)",
  inRows: "in rows",
  staggeredRows: "staggered rows",
  inPotsSpacedEdgeToEdge: "in pots, spaced edge to edge",
  arrangement: "Arrangement",
  plantsPerStation: "Plants per station",
  spacing: "Spacing ×",
  pots: ({ short }: { short: string }) => `Pots (${short})`,
  noLaterSowingWouldBeReady: "No later sowing would be ready.",
  sowingsOfAddedDragOneAndAllMove: ({
    crop,
    sowDaysCount,
  }: {
    crop: string;
    sowDaysCount: number;
  }) => `${sowDaysCount} sowings of ${crop} added. Drag one and all move.`,
  successionSowingsOf: ({ crop }: { crop: string }) => `Succession sowings of ${crop}`,
  addToPlan: "Add to plan",
  spacingInTime: "Spacing in time",
  eachReadyWhenTheOneBeforeIsUsedUp: "each ready when the one before is used up",
  aSetNumberOfDaysApartWiderAsDays: "a set number of days apart, wider as days shorten",
  aHarvestEverySetNumberOfDays: "a harvest every set number of days",
  sowings: "Sowings",
  days2: "Days",
  lengthEach: ({ isImperial }: { isImperial: boolean }) =>
    `Length each (${isImperial ? "ft" : "m"})`,
  evenTheFirstWillNotBeReadyUntilThe: "Even the first will not be ready until the light returns.",
  fromTheOnTheyWillNotBeReadyUntil: ({ ordinal }: { ordinal: string }) =>
    `From the ${ordinal} on they will not be ready until the light returns, leaving a gap. Sow fewer, or use a cover.`,
  result: "Result",
  sow: "Sow",
  ready2: "Ready",
  holdsUntil: "Holds until",
  ifSownAWeekLater: "If sown a week later",
  sownItWillNotBeReadyHere: ({ sown }: { sown: string }) =>
    `Sown ${sown}, it will not be ready here.`,
  sownReady: ({ sown }: { sown: string }) => `Sown ${sown}: ready`,
  noCliffAheadADaysDelayCostsAboutA: "No cliff ahead: a day's delay costs about a day.",
  lastSafeSowingDate: "Last safe sowing date:",
  oneDayLaterNotReadyUntil: ({ date }: { date: string }) =>
    `; one day later, not ready until ${date}`,
  frostIsTooRareHereToCountBackFrom: "Frost is too rare here to count back from.",
  noSowingDateThisSeasonIsSafeAtYour: "No sowing date this season is safe at your accepted risk.",
  why: "Why",
  aDaysGrowthPacketDaysInTheBedFrom:
    "A day's growth (packet days) in the bed, from planting to ready",
  n1PacketDay: "1 packet day",
  enterWhereItStartsAlongTheBed0Is: "Enter where it starts along the bed. 0 is the end.",
  enterTheLengthOfBedItTakes: "Enter the length of bed it takes.",
  enterTheDistanceBetweenRows: "Enter the distance between rows.",
  enterTheDistanceBetweenPlantsInThe: "Enter the distance between plants in the row.",
  enterTheWidthOfThePots: "Enter the width of the pots.",
  enterThePlantsPerStation1IsUsual: "Enter the plants per station. 1 is usual.",
  enterAMultipleOfTheUsualSpacing1Is: "Enter a multiple of the usual spacing. 1 is usual.",
  enter2ToSowings: ({ MOST_SOWINGS }: { MOST_SOWINGS: number }) =>
    `Enter 2 to ${MOST_SOWINGS} sowings.`,
  enter1To120DaysBetweenSowings: "Enter 1 to 120 days between sowings.",
  giveEachSowingAtLeastOfBed: ({ length }: { length: string }) =>
    `Give each sowing at least ${length} of bed.`,
  theBedIsOnlyLong: ({ length }: { length: string }) => `The bed is only ${length} long.`,
  inSoilOf: ({ temperature }: { temperature: string }) => `, in soil of ${temperature}`,
  onTheBench: " on the bench",
  inAll: ({ amounts }: { amounts: string }) => `, ${amounts} in all`,
  sown2: ({ date, beside }: { date: string; beside: string }) => `Sown ${date}, ${beside}.`,
  up: ({ date }: { date: string }) => `Up ${date}.`,
  and: " and ",
  on: ({ date }: { date: string }) => `On ${date}`,
});

const SUM_NAMES: Partial<Record<string, string>> = table({
  "plantings.rowsSum": "Rows",
  "plantings.inARowSum": "In a row",
  "plantings.eachSum": "In each",
  "plantings.piecesSum": "Plants",
  "plantings.staggeredSum": "Plants",
  "plantings.plantsSum": "Plants",
  "plantings.seedSum": "Seed",
  "plantings.cellsSum": "Cells",
  "plantings.cellSeedSum": "Seed",
  "plantings.piecesWeightSum": "Weight",
  "plantings.seedWeightSum": "Weight",
});

/** What a line of the calculation behind the amounts comes to. */
export function sumName(code: string): string {
  return SUM_NAMES[code] ?? "";
}
