import { table } from "../table";

/** What seedBox says. */
export const seedBox = table({
  addedToTheSeedBox: ({ name }: { name: string }) => `${name} added to the seed box.`,
  seedRemoved: "Seed removed.",
  seedsRemoved: ({ count }: { count: number }) =>
    count === 1 ? "Packet removed." : `${count} packets removed.`,
  seed: "Seed",
  addSeed: "Add seed",
  remove: "Remove",
  packedForYear: "Packed for (year)",
  amount: "Amount",
  unit: "Unit",
  ounces: "ounces",
  grams: "grams",
  seedsOrPieces: "seeds or pieces",
  germinationTestIfDone: "Germination test, if done",
  seedsTested: "Seeds tested",
  germinated: "Germinated",
  countedOn: "Counted on",
  lay1020OrMoreSeedsOnDampPaperKeep:
    "Lay 10, 20 or more seeds on damp paper, keep them warm and count after two weeks.",
  treatedSeedCoatedAgainstDiseaseOr: "Treated seed (coated against disease or insects)",
  note: "Note",
  testMoreSeedsToNarrowThis: " Test more seeds to narrow this.",
  germinationIsBetweenAnd90Sure: ({
    low,
    high,
    rough,
  }: {
    low: number;
    high: number;
    rough: string;
  }) => `Germination is between ${low} and ${high} % (90 % sure).${rough}`,
  enterANameForTheMix: "Enter a name for the mix.",
  enterAnIngredient: "Enter an ingredient.",
  enterHowManyParts: "Enter how many parts.",
  addAtLeastOneIngredient: "Add at least one ingredient.",
  own: ({ start }: { start: string }) => `${start}, own`,
  saved: ({ name }: { name: string }) => `${name} saved.`,
  removed: ({ start }: { start: string }) => `${start} removed.`,
  yourOwnMix: "Your own mix",
  name: "Name",
  ingredient: ({ at }: { at: number }) => `Ingredient ${at}`,
  parts: "Parts",
  remove2: ({ nameOf }: { nameOf: string }) => `Remove ${nameOf}`,
  addIngredient: "Add ingredient",
  mix: "Mix",
  edit: "Edit…",
  makeMyOwnVersion: "Make my own version…",
  cellsPerTray: "Cells per tray",
  cellVolumeCuIn: "Cell volume (cu in)",
  cellVolumeMl: "Cell volume (mL)",
  thePlanNeedsInTheNextWeeks: ({ volume, WEEKS_AHEAD }: { volume: string; WEEKS_AHEAD: number }) =>
    `The plan needs ${volume} in the next ${WEEKS_AHEAD} weeks.`,
  ofLooseMixCellsPlusAFifthFor: ({
    count,
    cells,
    volume,
  }: {
    count: number;
    cells: number;
    volume: string;
  }) => `of loose mix: ${count} × ${cells} cells × ${volume}, plus a fifth for settling.`,
  enterTraysCellsAndCellVolumeAll: "Enter trays, cells and cell volume, all above 0.",
  n1Part: "1 part",
  parts2: ({ parts }: { parts: number }) => `${parts} parts`,
  seedOrderCsv: ({ head }: { head: string }) => `${head} seed order.csv`,
  saveCsv: "Save (.csv)",
  seedBoxCsv: ({ head }: { head: string }) => `${head} seed box.csv`,
  seedBoxSaved: "Seed box saved.",
  seedOrderSaved: "Seed order saved.",
  nothingToSowInTheNextYearAdd:
    "Nothing to sow in the next year. Add plantings to the plan and the seed they need shows here.",
  seedForTheNextYearsSowingsOldSeed:
    "Seed for the next year's sowings. Old seed counts by its expected germination.",
  saveAsASpreadsheetCsv: "Save as a spreadsheet (.csv)",
  toOrder: ({ missingCount }: { missingCount: number }) => `To order: ${missingCount}`,
  inStock: ({ thereCount }: { thereCount: number }) => `In stock: ${thereCount}`,
  plants: "Plants",
  needed: "Needed",
  usableInStock: "Usable in stock",
  order: "Order",
  noSeedYetAddWhatYouHaveAndThePlan:
    "No seed yet. Add what you have and the plan shows what to order.",
  oldSeedIsRatedByItsCropsUsualAging:
    "Old seed is rated by its crop's usual aging. A germination test says more.",
  addSeed2: "Add seed…",
  seedBox: "Seed box",
  packedFor: "Packed for",
  germination: "Germination",
  sow: "Sow",
  treatedWearGlovesNeverUseForShoots: "treated: wear gloves; never use for shoots",
  about: ({ share }: { share: number }) => `about ${share} %`,
  ofTestedBetweenAnd: ({
    sprouted,
    seeds,
    low,
    high,
  }: {
    sprouted: number;
    seeds: number;
    low: number;
    high: number;
  }) => `${sprouted} of ${seeds} tested: between ${low} and ${high} %`,
  edit2: ({ name, packedYear }: { name: string; packedYear: number }) =>
    `Edit ${name} ${packedYear}`,
  tooOldTestItOrOrderNew: "too old: test it or order new",
  asUsual: "as usual",
  asThickly: ({ number }: { number: string }) => `${number} × as thickly`,
  chooseTheCrop: "Choose the crop.",
  enterTheYearOnThePacket: "Enter the year on the packet.",
  enterTheAmount: "Enter the amount.",
  theSeed: "The seed",
  sowFrom: "Sow from",
});
