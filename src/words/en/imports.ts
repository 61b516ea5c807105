import { plural, table } from "../table";

/** What is said when files are saved and read. */
export const imports = table({
  not: ({ left }: { left: string }) => ` Not: ${left}`,
  importWord: ({ file }: { file: string }) => `Import ${file}`,
  readingAndChecking: "Reading and checking…",
  readingAndChecking2: "Reading and checking",
  importFailedNothingWasChanged: "Import failed: nothing was changed.",
  thereAreMoreProblems: "There are more problems.",
  close: "Close",
  cancel: "Cancel",
  importRepaired: "Import repaired",
  importWord2: "Import",
  theseCannotBeReadAndAreLeftOut: "These cannot be read and are left out:",
  theseAreRepaired: "These are repaired:",
  theFileNamesAWeatherStation: "The file names a weather station:",
  getForecastAndThermometerReadings: "Get forecast and thermometer readings from this address",
  andMore: ({ hidden }: { hidden: number }) => `and ${hidden} more`,
  enterANameForTheGarden: "Enter a name for the garden.",
  renameGarden: "Rename garden",
  rename2: "Rename",
  name: "Name",
  partOfTheGardenCouldNotBeReadItWas:
    "Part of the garden could not be read. It was set aside and the rest is shown:",
  andMore2: ({ more }: { more: number }) => `and ${more} more`,
  saveAsAFile: "Save as a file",
  gardenFileSaved: "Garden file saved.",
  setYourLocationFirstWithoutItThere: "Set your location first: without it there are no dates.",
  calendarFileSavedOpenItOnYourPhone: "Calendar file saved. Open it on your phone.",
  tasksCsv: ({ fileName }: { fileName: string }) => `${fileName} tasks.csv`,
  tasksSaved: "Tasks saved.",
  plantingsCsv: ({ fileName }: { fileName: string }) => `${fileName} plantings.csv`,
  plantingsSaved: "Plantings saved.",
  setYourLocationFirst: "Set your location first.",
  bedsGeojson: ({ fileName }: { fileName: string }) => `${fileName} beds.geojson`,
  bedsSavedForMaps: "Beds saved for maps.",
  and: ({ bedsCount, plantingsCount }: { bedsCount: number; plantingsCount: number }) =>
    `${bedsCount} ${plural(bedsCount, "bed", "beds")} and ${plantingsCount} ${plural(plantingsCount, "planting", "plantings")}`,
  opened: ({ garden, counts }: { garden: string; counts: string }) =>
    `${garden} opened: ${counts}.`,
  text: ({ bedsCount, value }: { bedsCount: number; value: string }) =>
    `${bedsCount} ${plural(bedsCount, "bed", "beds")}${value}`,
  text2: ({ sheltersCount }: { sheltersCount: number }) =>
    `${sheltersCount} ${plural(sheltersCount, "shelter", "shelters")}`,
  importedFromTheMap: ({ filter, leftOut }: { filter: string; leftOut: string }) =>
    `Imported from the map: ${filter}.${leftOut}`,
  theSampleGardenCouldNotBeLoadedTry: "The sample garden could not be loaded. Try again.",
  gardenEmptied: "Garden emptied.",
  theFileCouldNotBeReadItMayHaveBeen:
    "The file could not be read. It may have been moved or changed.",
  newWord: ({ added }: { added: number }) => ` (${added} new)`,
});
