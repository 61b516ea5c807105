import { table } from "../table";

/** What store says. */
export const store = table({
  openingTheSampleGarden: "opening the sample garden",
  partOfLateEmberCouldNotBeLoadedSo:
    "Part of Late Ember could not be loaded, so nothing was changed. Reload the page when you are connected. Your data is safe.",
  thereIsAGardenHereAlready: "There is a garden here already.",
  thisBrowserDoesNotAllowStorageYou:
    "This browser does not allow storage. You can work, but everything is lost when you close the page: save the garden as a file.",
  storageIsFullSoThisChangeWasNot:
    "Storage is full, so this change was not saved. Save the garden as a file and free some space.",
  lateEmberWasUpdatedInAnotherTabAnd:
    "Late Ember was updated in another tab and this one can no longer save. Reload the page to continue.",
  thisGardenWasLastOpenedByANewer:
    "This garden was last opened by a newer Late Ember. Reload the page to get it.",
  aRehearsedWinterIsOnTheScreen:
    "A rehearsed winter is on the screen. Go back to your own garden to change it.",
  anotherTabKeepsChangingTheGarden: "Another tab keeps changing the garden. Try again.",
  nothingTo: ({ what }: { what: string }) => `Nothing to ${what}.`,
  cannotUndoChangedTheSameThingSince: ({ label, since }: { label: string; since: string }) =>
    `Cannot undo “${label}”: “${since}” changed the same thing since. Undo that first, in its tab.`,
  cannotUndoSomethingNewerDependsOn: ({ label, message }: { label: string; message: string }) =>
    `Cannot undo “${label}”, something newer depends on it: ${message}`,
  somethingWentWrongInLateEmber: ({ slice }: { slice: string }) =>
    `Something went wrong in Late Ember (${slice}). Nothing was changed. Save everything as a file, then reload the page.`,
  thisChangeCouldNotBeSavedSaveThe:
    "This change could not be saved. Save the garden as a file, then reload the page.",
  theStationsAnswerIsNotAForecast: "The station's answer is not a forecast.",
  theStationsAnswerIsNotReadings: "The station's answer is not readings.",
  noStationIsSet: "No station is set.",
  theStationDidNotAnswerStatus: ({ status }: { status: number }) =>
    `The station did not answer (status ${status}).`,
  theStationCouldNotBeReached: "The station could not be reached.",
});
