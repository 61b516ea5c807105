import { plural } from "../../table";
import type { GardenFileFacts } from "@/core/facts";
import { learn } from "../../sentences";

const TYPES: Record<string, string> = {
  string: "text",
  number: "a number",
  int: "a whole number",
  boolean: "true or false",
  array: "a list",
  object: "a group of fields",
};

const KINDS: Record<string, string> = {
  garden: "the garden's name and walk",
  settings: "the settings",
  place: "the place",
  record: "the weather record",
  outlook: "the forecast",
  plot: "the plot",
  need: "what the eaters want",
  history: "what other devices need to join theirs",
  shelter: "the shelter",
  bed: "the bed",
  planting: "the planting",
  rest: "the rest",
  feeding: "the feeding",
  succession: "the succession",
  ownCrop: "the crop",
  ownVariety: "the variety",
  seedLot: "the seed lot",
  stand: "the tray location",
  tray: "the tray",
  mix: "the mix",
  piece: "the cover",
  thermometerDay: "the thermometer reading",
  storeLot: "what is in store",
  logEntry: "the log entry",
};

const MISSING: Record<string, string> = {
  coverCrop: "cover crop",
  seedLot: "seed lot",
  stand: "tray location",
  storeLot: "thing in store",
};

const LISTS: Record<string, string> = {
  ownCrops: "crops of your own",
  ownVarieties: "varieties of your own",
  seedLots: "seed lots",
  stands: "tray locations",
  thermometerDays: "thermometer readings",
  storeLots: "things in store",
  logEntries: "log entries",
  ownNumbers: "numbers of your own",
  keptSeasons: "closed seasons",
  trials: "trials",
  seedPlans: "plants left for seed",
};

export const gardenFile = learn<GardenFileFacts>({
  "gardenFile.itIsKeptUnderAnotherId": "It is kept under another id.",
  "gardenFile.thisIsNotOneOfTheAllowedValues": "This is not one of the allowed values.",
  "gardenFile.thisIsNotInTheExpectedForm": "This is not in the expected form.",
  "gardenFile.thereIsNoBedInThisGarden": ({ bedId }) =>
    `There is no bed "${bedId}" in this garden.`,
  "gardenFile.theLibraryHasACropAlready": ({ id }) => `The library has a crop "${id}" already.`,
  "gardenFile.hasAVarietyAlready": ({ crop, id }) => `${crop} has a variety "${id}" already.`,
  "gardenFile.thereIsNoCropInTheLibrary": ({ cropId }) =>
    `There is no crop "${cropId}" in the library.`,
  "gardenFile.hasNoVariety": ({ crop, varietyId }) => `${crop} has no variety "${varietyId}".`,
  "gardenFile.giveThePotsDiameterWhereItGrowsIn":
    "Give the pots' diameter where it grows in pots, and only there.",
  "gardenFile.boughtPlantsAreTransplanted":
    "Bought plants are transplanted: give the method transplant, or leave out bought.",
  "gardenFile.doesNotTransplantWellSowItDirect": ({ crop }) =>
    `${crop} does not transplant well: sow it direct.`,
  "gardenFile.isNotGrownForBabyLeaf": ({ crop }) => `${crop} is not grown for baby leaf.`,
  "gardenFile.endsBeforeThisFeedingDoes": ({ bed, lengthM }, say) =>
    `${bed} ends before the fed part does: take at most ${say.lengthM(lengthM)} in all.`,
  "gardenFile.endsBeforeThisRestDoesTakeAtMostM": ({ bed, lengthM }, say) =>
    `${bed} ends before this rest does: take at most ${say.lengthM(lengthM)} in all.`,
  "gardenFile.aRestEndsAfterItBegins": "A rest ends after it begins.",
  "gardenFile.thereIsNoCoveringUseOneOf": ({ materialId, value }, say) =>
    `There is no covering "${materialId}": use one of ${say.names(value)}.`,
  "gardenFile.thisGardenHasNoDailyWeatherRecord":
    "This garden has no daily weather record: import one first.",
  "gardenFile.thereIsNoShelterInThisGarden": ({ shelterId }) =>
    `There is no shelter "${shelterId}" in this garden.`,
  "gardenFile.thereIsNoCoveringUseOneOf2": ({ id, value }, say) =>
    `There is no covering "${id}": use one of ${say.names(value)}.`,
  "gardenFile.theIdIsUsedTwice": ({ id }) => `The id "${id}" is used twice.`,
  "gardenFile.itCannotBeRead": "It cannot be read.",
  "gardenFile.at": ({ path, message }, say) =>
    `${path === "" ? "" : `${path}: `}${say.tell(message)}`,
  "gardenFile.oneOf": ({ kind, name }) => `${KINDS[kind] ?? kind}${name === "" ? "" : ` ${name}`}`,
  "gardenFile.thisShouldBe": ({ expected }) => `This should be ${TYPES[expected] ?? expected}.`,
  "gardenFile.thisProgramDoesNotKnowHereRemove": ({ named, more, keysCount }, say) =>
    `This program does not know ${say.names(named)}${more > 0 ? ` and ${say.number(more)} more` : ""} here; remove ${plural(keysCount, "it", "them")}.`,
  "gardenFile.thereIsNoInThisGarden": ({ what, id }) =>
    `There is no ${MISSING[what] ?? what} "${id}" in this garden.`,
  "gardenFile.atMost": ({ most, list }, say) =>
    `At most ${say.number(most)} ${LISTS[list] ?? list}.`,
  "gardenFile.thisShouldBe2": ({ allowed }) => `This should be ${allowed.join(" or ")}.`,
  "gardenFile.atMost2": ({ maximum }, say) => `At most ${say.number(maximum, 6)}.`,
  "gardenFile.atLeast": ({ minimum }, say) => `At least ${say.number(minimum, 6)}.`,
  "gardenFile.thisJsonIsNotAGardenFile": "This JSON is not a garden file.",
  "gardenFile.formatShouldBe": ({ format }) =>
    `This is not a garden file: "format" should be "${format}".`,
  "gardenFile.savedByANewer": ({ version, reads }) =>
    `This garden was saved by a newer Late Ember (file version ${version}; this one reads up to ${reads}). Update Late Ember, then import it again.`,
  "gardenFile.largerThan50Mb": "This file is larger than 50 MB; a garden file is far smaller.",
  "gardenFile.thisIsNotJson": ({ begins }) =>
    begins.startsWith("{")
      ? "This file is damaged or cut short: it begins as a garden file does, and does not end as one. Choose another copy, or save it again where it came from."
      : `This is not JSON${begins === "" ? ": the file is empty" : ` (it begins "${begins}…")`}. Choose a garden file saved by Late Ember.`,
  "gardenFile.leftOut": ({ what, message }, say) => `${say.tell(what)}: ${say.tell(message)}`,
  "gardenFile.thatSeasonIsClosedAlready": ({ year }) =>
    `The season that began in ${year} is there already.`,
});
