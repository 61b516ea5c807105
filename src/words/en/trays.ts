import { plural, table } from "../table";
import { capital } from "../capital";

/** What trays says. */
export const trays = table({
  cellCount: ({ count, number }: { count: number; number: string }) =>
    `${number} ${plural(count, "cell", "cells")}`,
  plantCount: ({ count, number }: { count: number; number: string }) =>
    `${number} ${plural(count, "plant", "plants")}`,
  outdoors: "outdoors",
  fromCellTo: ({ crop, first, last }: { crop: string; first: string; last: string }) =>
    `${crop} from ${first} to ${last}`,
  seedlingsCounted: ({ crop, total }: { crop: string; total: number }) =>
    `${crop}: ${total} seedlings counted.`,
  countThe: ({ crop }: { crop: string }) => `Count the ${crop}`,
  oneInEach: "One in each",
  none: "None",
  inOfCellsTapACellToAddOneOrTypeA: ({
    total,
    length,
    countsCount,
    value,
  }: {
    total: number;
    length: number;
    countsCount: number;
    value: string;
  }) =>
    `${plural(total, "seedling", "seedlings")} in ${length} of ${countsCount} cells. Tap a cell to add one${value}, or type a row total.`,
  cell: ({ cellName, count }: { cellName: string; count: number }) => `Cell ${cellName}: ${count}`,
  row: ({ rowName }: { rowName: string }) => `Row ${rowName}`,
  laterBecauseOfWeather: ({ movedDays }: { movedDays: number }) =>
    ` ${movedDays} ${plural(movedDays, "day", "days")} later because of weather.`,
  transplantAbout: "Transplant about",
  staysInside: ({ heldUpBy }: { heldUpBy: string }) => `stays inside: ${heldUpBy}`,
  outsideDayAndNight: "outside day and night",
  hOutside: ({ hours }: { hours: number }) => `${hours} h outside`,
  setBrassicasDeepAndFirmAndWaterIn: ({ words }: { words: string }) =>
    `${words} Set brassicas deep and firm, and water in.`,
  added: ({ tray }: { tray: string }) => `${tray} added.`,
  newTray: "New tray",
  addTray: "Add tray",
  text: ({ crop, isSplit }: { crop: string; isSplit: boolean }) =>
    `${crop} ${isSplit ? "divided" : "potted up"}.`,
  potUpThe: ({ crop }: { crop: string }) => `Pot up the ${crop}`,
  moved: "Moved",
  how: "How",
  eachCellIntoALargerOne: "each cell into a larger one",
  divideOnePlantToACell: "divide: one plant to a cell",
  into: "Into",
  cellsFree: ({ one, length }: { one: string; length: number }) => `${one}: ${length} cells free`,
  cellsNeededPlantsWithoutRoomStay: ({ needed }: { needed: number }) =>
    `${needed} cells needed. Plants without room stay where they are. Set leggy seedlings deeper, up to the seed leaves, but not onions, and never over the heart of lettuce.`,
  sownInCells: ({ crop, draft, cellsCount }: { crop: string; draft: string; cellsCount: number }) =>
    `${crop} sown in ${draft}: ${cellsCount} cells.`,
  sowAnyway: "Sow anyway",
  sowTheThatFit: ({ free }: { free: number }) => `Sow the ${free} that fit`,
  aTray: "a tray",
  sown: "Sown",
  tray: "Tray",
  cellsFree2: ({ tray, length }: { tray: string; length: number }) =>
    `${tray}: ${length} cells free`,
  from: "From",
  seeds: ({
    packedYear,
    number,
    treated,
  }: {
    packedYear: number;
    number: string;
    treated: boolean;
  }) => `${packedYear}: ${number} seeds${treated ? ", treated" : ""}`,
  seedNotInStock: "Seed not in stock",
  forWord: "For",
  noPlantingYet: "No planting yet",
  plannedFor: ({ name, date }: { name: string; date: string }) => `${name}, planned for ${date}`,
  cellsToSow: "Cells to sow",
  fromCell: "From cell",
  seedsPerCell: "Seeds per cell",
  wholeRows: "Whole rows",
  allFreeCells: "All free cells",
  sownOn: "Sown on",
  hasALabel: "has a label",
  onAHeatMatAtItComesUpInDaysNear: ({ temperature, days }: { temperature: string; days: number }) =>
    `On a heat mat at ${temperature} it comes up in ${days} days. Near moisture, use only a GFCI outlet (RCD).`,
  pressTheSeedInAndBarelyCoverItIt: "Press the seed in and barely cover it: it needs light.",
  sowDeep: ({ distance }: { distance: string }) => `Sow ${distance} deep.`,
  aboutOf100OfTheseSeedsWill: ({ share }: { share: number }) =>
    `About ${share} of 100 of these seeds will germinate.`,
  sown2: ({ date }: { date: string }) => `Sown ${date}`,
  perCell: ({ seedsPerCell }: { seedsPerCell: number }) => `, ${seedsPerCell} per cell`,
  theBed: "the bed",
  aLongTimeInCellsCheckTheRootsPotUp:
    "A long time in cells: check the roots. Pot up (leggy ones deeper) or transplant.",
  labeled: ({ name }: { name: string }) => `${capital(name)} labeled.`,
  labelRemoved: ({ name }: { name: string }) => `${capital(name)} label removed.`,
  count: "Count…",
  thinToOne: "Thin to one",
  thinTo: ({ plantsPerCell }: { plantsPerCell: number }) => `Thin to ${plantsPerCell}`,
  thinned: ({ name }: { name: string }) => `${capital(name)} thinned.`,
  potUpOrDivide: "Pot up or divide…",
  transplant: "Transplant",
  transplantedPlants: ({ name, alive }: { name: string; alive: number }) =>
    `${capital(name)} transplanted: ${alive} ${plural(alive, "plant", "plants")}.`,
  clearEmpty: ({ emptyCount }: { emptyCount: number }) => `Clear ${emptyCount} empty`,
  cellsOfAreFreeAgain: ({ emptyCount, name }: { emptyCount: number; name: string }) =>
    `${emptyCount} cells of ${name} are free again.`,
  discard: "Discard",
  discarded: ({ name }: { name: string }) => `${capital(name)} discarded.`,
  inStorage: "in storage",
  nothingSownYet: "Nothing sown yet.",
  cellsTooColdToGerminateWhereItIs: ({ cells }: { cells: number }) =>
    `${cells} cells; too cold to germinate where it is`,
  cellsUpAbout: ({ cells, date }: { cells: number; date: string }) =>
    `${cells} cells, up about ${date}`,
  cellsNotCountedYet: ({ cells }: { cells: number }) => `${cells} cells, not counted yet`,
  plants: ({ number }: { number: string }) => `, ${number} plants`,
  ofCellsUp: ({ up, cells, plants }: { up: number; cells: number; plants: string }) =>
    `${up} of ${cells} cells up${plants}`,
  name: "Name",
  cellsPerRow: "Cells per row",
  cellVolumeCuIn: "Cell volume (cu in)",
  cellVolumeMl: "Cell volume (mL)",
  lengthIn: "Length (in)",
  lengthCm: "Length (cm)",
  widthIn: "Width (in)",
  widthCm: "Width (cm)",
  location: "Location",
  notPlacedYet: "Not placed yet",
  rowsOfCells: ({
    tray,
    rows,
    columns,
    held,
  }: {
    tray: string;
    rows: number;
    columns: number;
    held: string;
  }) => `${tray}, ${rows} rows of ${columns} cells: ${held}`,
  cellsOfFree: ({ cellCount, volume, free }: { cellCount: number; volume: string; free: number }) =>
    `${cellCount} cells of ${volume}, ${free} free`,
  moved2: ({ tray }: { tray: string }) => `${tray} moved.`,
  inStorage2: "In storage",
  areNextToEachOtherAndLookAlike: ({ kind }: { kind: string }) =>
    `are next to each other and look alike (${kind}). Label both now.`,
  and: "and",
  sow: "Sow…",
  removeTray: "Remove tray",
  trays: "Trays",
  traysAsExpectedOn: ({ date }: { date: string }) => `Trays as expected on ${date}`,
  labels: "Labels…",
  newTray2: "New tray…",
  addATrayToRecordWhatEachCellHolds:
    "Add a tray to record what each cell holds: what came up, what to thin, when to harden off and transplant.",
  noTrayTasksOn: ({ date }: { date: string }) => `No tray tasks on ${date}.`,
  trayTasks: "Tray tasks",
  sowInTray: "Sow in tray",
  open: "Open",
  sowInTray2: "Sow in tray…",
  due: ({ date }: { date: string }) => `due ${date}`,
  sow2: ({ crop, variety }: { crop: string; variety: string }) => `Sow ${crop}, ${variety}`,
  cellsToTransplantAbout: ({ due, number, date }: { due: string; number: string; date: string }) =>
    `${due}: ${number} cells, to transplant about ${date}.`,
  countThe2: ({ name }: { name: string }) => `Count the ${name}`,
  dueUpCountWhileThereIsStillTimeTo: ({ date }: { date: string }) =>
    `Due up ${date}: count while there is still time to resow.`,
  thinThe: ({ name }: { name: string }) => `Thin the ${name}`,
  toPerCellWithScissorsPulling: ({ value }: { value: string }) =>
    `To ${value} per cell, with scissors: pulling disturbs the one that stays.`,
  labelThe: ({ name }: { name: string }) => `Label the ${name}`,
  itIsNextToSeedlingsThatLookTheSame:
    "It is next to seedlings that look the same. Without a label only this map tells them apart.",
  keepOutsideDayAndNight: "Keep outside day and night.",
  keepInsideTodayExpected: ({ heldUpBy }: { heldUpBy: string }) =>
    `Keep inside today: ${heldUpBy} expected.`,
  outsideDayAndNight2: "Outside day and night.",
  hoursOutsideTodayOutOfMiddaySun: ({ hours }: { hours: number }) =>
    `${hours} hours outside today, out of midday sun.`,
  hardenOffThe: ({ name }: { name: string }) => `Harden off the ${name}`,
  transplantAbout2: ({ today, date }: { today: string; date: string }) =>
    `${today} Transplant about ${date}.`,
  dueSinceRootsWillSoonCircle: ({ date }: { date: string }) =>
    `Due since ${date}: roots will soon circle. `,
  delayedByWeather: ({ movedDays }: { movedDays: number }) =>
    ` Delayed ${movedDays} ${plural(movedDays, "day", "days")} by weather.`,
  bestToday: "Best today.",
  bestOn: ({ date }: { date: string }) => `Best on ${date}.`,
  transplantThe: ({ name }: { name: string }) => `Transplant the ${name}`,
  labels2: "Labels",
  sown3: "sown",
  treatedSeed: "· treated seed",
  apartRows: ({
    value,
    distance,
    distance2,
  }: {
    value: string;
    distance: string;
    distance2: string;
  }) => `${value} ${distance} apart, rows ${distance2}`,
  labelsCsv: ({ head }: { head: string }) => `${head} labels.csv`,
  labelsSaved: "Labels saved.",
  labelsFor: "Labels for",
  currentSowings: "Current sowings",
  format: "Format",
  sheet: "Sheet",
  strips: "Strips",
  saveCsv: "Save (.csv)",
  print: "Print",
  back: "Back",
  noTraysSownYetSoNothingToLabel: "No trays sown yet, so nothing to label.",
  nothingSownAroundThisDateMoveThe: "Nothing sown around this date. Move the date marker.",
  spaceUsedOnOverTime: ({ name }: { name: string }) => `Space used on ${name} over time`,
  full: "full",
  indoorBench: "indoor bench",
  heatMat: "heat mat",
  coldFrame: "cold frame",
  currentTraysPlusThoseThePlanStill:
    "Current trays, plus those the plan still needs: first on the mat or bench, then in the frame for hardening off.",
  addALocation: "Add a location…",
  addWhereTraysCanGoABenchHeatMatOr:
    "Add where trays can go (a bench, heat mat or cold frame) and its size. Days when they will not fit then show while the plan can still change.",
  at: ({ temperature }: { temperature: string }) => ` at ${temperature}`,
  edit: "Edit…",
  edit2: ({ stand }: { stand: string }) => `Edit ${stand}`,
  toTraysNeedOfTheSpaceMoveSomeToThe: ({
    date,
    date2,
    takenM2,
  }: {
    date: string;
    date2: string;
    takenM2: number;
  }) =>
    `${date} to ${date2}: trays need ${takenM2} % of the space. Move some to the frame, sow later or make space.`,
  notEnoughSpace: "Not enough space",
  atMostUsedAllTraysFit: ({ value }: { value: number }) =>
    `At most ${value} % used: all trays fit.`,
  enterItsLength: "Enter its length.",
  enterTheMatTemperature: "Enter the mat temperature.",
  saved: ({ fields }: { fields: string }) => `${fields} saved.`,
  removed: ({ name }: { name: string }) => `${name} removed.`,
  addATrayLocation: "Add a tray location",
  remove: "Remove",
  type: "Type",
  length: ({ unit }: { unit: string }) => `Length (${unit})`,
  width: ({ unit }: { unit: string }) => `Width (${unit})`,
  setToF: "Set to (°F)",
  setToC: "Set to (°C)",
  heatAndMoistureUseAMatMadeForItOnA:
    "Heat and moisture: use a mat made for it on a GFCI outlet (RCD), and keep the cable dry. Follow the maker's label.",
  chooseACrop: "Choose a crop.",
  enterHowManyCellsToSow: "Enter how many cells to sow.",
  enterSeedsPerCell: "Enter seeds per cell.",
  enterTheSowingDate: "Enter the sowing date.",
  enterANameForTheTray: "Enter a name for the tray.",
  enterHowManyCellsItHas: "Enter how many cells it has.",
  enterHowManyCellsAreInARow: "Enter how many cells are in a row.",
  enterTheVolumeOfACell: "Enter the volume of a cell.",
  enterItsWidth: "Enter its width.",
  upTo: ({ most }: { most: number }) => `, up to ${most}`,
  onePlant: "one plant",
  plants2: ({ plantsPerCell }: { plantsPerCell: number }) => `${plantsPerCell} plants`,
  together: ({ together }: { together: number }) => `${together} together`,
  sow3: ({ crop }: { crop: string }) => `Sow ${crop}`,
  sow4: ({ chosen }: { chosen: string }) => `Sow ${chosen}`,
  text2: ({ crop, name }: { crop: string; name: string }) => `${crop}, ${name}`,
  forWord2: ({ name }: { name: string }) => ` For ${name}.`,
  mCCZ: ({
    x,
    foot,
    y,
    x2,
    y2,
    tip,
    x3,
    y3,
    x4,
    y4,
  }: {
    x: number;
    foot: number;
    y: number;
    x2: number;
    y2: number;
    tip: string;
    x3: number;
    y3: number;
    x4: number;
    y4: number;
  }) => `M${x},${foot} C${x},${y} ${x2},${y2} ${tip} C${x3},${y3} ${x4},${y4} ${x},${foot} Z`,
  text3: ({ half, half2 }: { half: string; half2: string }) => `${half} ${half2}`,
  text4: ({ sowInTray, title, name }: { sowInTray: string; title: string; name: string }) =>
    `${sowInTray}: ${title}, ${name}`,
  forWord3: ({ name }: { name: string }) => `for ${name}`,
  on: ({ date }: { date: string }) => `on ${date}`,
  text5: ({
    late,
    when,
    words,
    moved,
  }: {
    late: string;
    when: string;
    words: string;
    moved: string;
  }) => `${late}${when} ${words}${moved}`,
  tray2: ({ number }: { number: number }) => `Tray ${number}`,
});
