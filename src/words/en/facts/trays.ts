import type { TraysFacts } from "@/core/facts";
import { learn } from "../../sentences";

export const trays = learn<TraysFacts>({
  "trays.aColdNight": "a cold night",
  "trays.aColdDay": "a cold day",
  "trays.plantOutInTheEveningOrWhenItIs": "Transplant in the evening, or when it is cloudy.",
  "trays.rainIsExpected": "Rain is expected",
  "trays.cloudsAreExpected": "Clouds are expected",
  "trays.sunIsExpected": "Sun is expected",
  "trays.plantOutAtAnyHour": "transplant at any hour",
  "trays.plantOutInTheEveningAndShade": "transplant in the evening and shade",
  "trays.giveTheParts": "Give the parts.",
  "trays.moreThan0Parts": "More than 0 parts.",
  "trays.atMost1000Parts": "At most 1,000 parts.",
  "trays.aMixHasAtLeastOneIngredient": "A mix has at least one ingredient.",
  "trays.atMostTwelveIngredients": "At most twelve ingredients.",
  "trays.chooseTheCellsToSow": "Choose the cells to sow.",
  "trays.hasCellsOfTheseDoNotFitSowTheRest": ({ tray, count, outside }) =>
    `${tray} has ${count} cells: ${outside} of these do not fit. Sow the rest into another tray.`,
  "trays.somethingGrowsInAlreadyChooseFree": ({ names, fullCount, freeCount }, say) =>
    `Something grows in ${say.names(names)}${fullCount > 3 ? " and more" : ""} already: choose free cells (${freeCount} are left), or discard what is there.`,
  "trays.thereAreCellsToCountNot": ({ cellsCount, seedlingsCount }) =>
    `There are ${cellsCount} cells to count, not ${seedlingsCount}.`,
  "trays.onlySownInCannotBeUp": ({ most, cellName, over }) =>
    `Only ${most} ${most === 1 ? "seed was" : "seeds were"} sown in ${cellName}: ${over} cannot be up.`,
  "trays.countTheSeedlingsFirstThenItIs":
    "Count the seedlings first: then it is known what to thin.",
  "trays.theseCellsDoNotBelongToThatSowing": "These cells do not belong to that sowing.",
  "trays.countTheSeedlingsFirstOnlyThoseCan": "Count the seedlings first: only those can be moved.",
  "trays.chooseAnotherTrayToMoveThemInto": "Choose another tray to move them into.",
  "trays.isFullChooseATrayWithFreeCells": ({ into }) =>
    `${into} is full: choose a tray with free cells.`,
  "trays.thereIsNoSeedlingToMove": "There is no seedling to move.",
  "trays.thisSowingIsNoLongerInTheTray": "This sowing is no longer in the tray.",
  "trays.sayHowManyCellsTheTrayHas": "Say how many cells the tray has.",
  "trays.sayHowManyCellsStandInARow": "Say how many cells stand in a row.",
  "trays.cellsCanStandInRowsOfOr": ({ cells, slice, at }) =>
    `${cells} cells can stand in rows of ${slice} or ${at}`,
  "trays.cellsMakeOnlyRowsOf1Or": ({ cells }) => `${cells} cells make only rows of 1 or ${cells}`,
  "trays.cellsDoNotMakeWholeRowsOf": ({ cells, columns, words }, say) =>
    `${cells} cells do not make whole rows of ${columns}: ${say.tell(words)}.`,
  "trays.give": ({ what }, say) => `Give ${say.tell(what)}.`,
  "trays.wholeNumbersOnly": "Whole numbers only.",
  "trays.atLeast": ({ least }) => `At least ${least}.`,
  "trays.atMost": ({ most }) => `At most ${most}.`,
  "trays.giveCentimetres": "Give centimetres.",
  "trays.atLeast1Cm": (_about, say) => `At least ${say.distanceCm(1)}.`,
  "trays.atMost300Cm": (_about, say) => `At most ${say.distanceCm(300)}.`,
  "trays.giveALength": "Give a length.",
  "trays.atLeast01M": (_about, say) => `At least ${say.lengthM(0.1)}.`,
  "trays.atMost100M": (_about, say) => `At most ${say.lengthM(100)}.`,
  "trays.giveAWidth": "Give a width.",
  "trays.atLeast10C": (_about, say) => `At least ${say.temperature(10)}.`,
  "trays.atMost35C": (_about, say) => `At most ${say.temperature(35)}.`,
  "trays.theSeedsForEachCell": "the seeds for each cell",
  "trays.theCellsInARow": "the cells in a row",
  "trays.theRows": "the rows",
  "trays.giveTheVolumeOfACell": "Give the volume of a cell.",
  "trays.atLeast1Ml": (_about, say) => `At least ${say.volumeL(0.001)}.`,
  "trays.atMost5000Ml": (_about, say) => `At most ${say.volumeL(5)}.`,
  "trays.atMost200Moves": "At most 200 moves.",
  "trays.atMost200SowingsInATray": "At most 200 sowings in a tray.",
  "trays.thereShouldBeOneCountForEachCell": "There should be one count for each cell.",
  "trays.theTrayHasCellsThereIsNoCell": ({ columns, rows, cell }) =>
    `The tray has ${columns * rows} cells; there is no cell ${cell}.`,
  "trays.twoSowingsHoldCell": ({ cell }) => `Two sowings hold cell ${cell}.`,
  "trays.wind": "wind",
  "trays.heat": "heat",
  "trays.skyAndHour": ({ sky, hour }, say) => `${say.tell(sky)}: ${say.tell(hour)}.`,
});
