import { table } from "../table";

/** What gardenFile says. */
export const gardenFile = table({
  saveCalendarIcs: "Save calendar (.ics)…",
  savePlantingsCsv: "Save plantings (.csv)",
  saveTasksCsv: "Save tasks (.csv)",
  saveBedsForMapsGeojson: "Save beds for maps (.geojson)",
  saveGardenFile: "Save garden file",
  importAGardenFile: "Import a garden file…",
  importBedsFromAMapGeojson: "Import beds from a map (.geojson)…",
  openTheSampleGarden: "Open the sample garden",
  startWithAnEmptyGarden: "Start with an empty garden",
  addBeds: "Add beds…",
  rename: "Rename…",
  thisIsAMadeUpSampleGardenToTry: "This is a made-up sample garden to try things out.",
  removeTheSampleAndStartMyGarden: "Remove the sample and start my garden",
  saveEverythingAsAFile: "Save everything as a file",
  thisCouldNotBeShown: "This could not be shown",
  somethingWentWrongWhileDrawingThis:
    "Something went wrong while drawing this page. Your data is still in this browser. Save everything as a file, then try again or reload the page.",
  tryAgain: "Try again",
  harvestThroughWinter: "Harvest through winter",
  setYourLocationAndLateEmber:
    "Set your location and Late Ember calculates when to sow each crop so it is ready before the light fades, from day length, frost odds and daily growth. Everything stays in this browser. You can save it as a file.",
  startWithMyLocation: "Start with my location",
  exploreTheSampleGarden: "Explore the sample garden",
  practiseAWinter: "Practise a winter first",
  importAGardenFile2: "Import a garden file",
});
