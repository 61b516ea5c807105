import type { Nothing, Told } from "./told";

/** What the room of gardenFile has to say, and about what. */
export interface GardenFileFacts {
  "gardenFile.itIsKeptUnderAnotherId": Nothing;
  "gardenFile.thisIsNotOneOfTheAllowedValues": Nothing;
  "gardenFile.thisIsNotInTheExpectedForm": Nothing;
  "gardenFile.thereIsNoBedInThisGarden": { bedId: string };
  "gardenFile.theLibraryHasACropAlready": { id: string };
  "gardenFile.hasAVarietyAlready": { crop: string; id: string };
  "gardenFile.thereIsNoCropInTheLibrary": { cropId: string };
  "gardenFile.hasNoVariety": { crop: string; varietyId: string };
  "gardenFile.giveThePotsDiameterWhereItGrowsIn": Nothing;
  "gardenFile.boughtPlantsAreTransplanted": Nothing;
  "gardenFile.doesNotTransplantWellSowItDirect": { crop: string };
  "gardenFile.isNotGrownForBabyLeaf": { crop: string };
  "gardenFile.endsBeforeThisFeedingDoes": { bed: string; lengthM: number };
  "gardenFile.endsBeforeThisRestDoesTakeAtMostM": { bed: string; lengthM: number };
  "gardenFile.aRestEndsAfterItBegins": Nothing;
  "gardenFile.thereIsNoCoveringUseOneOf": { materialId: string; value: readonly string[] };
  "gardenFile.thisGardenHasNoDailyWeatherRecord": Nothing;
  "gardenFile.thereIsNoShelterInThisGarden": { shelterId: string };
  "gardenFile.thereIsNoCoveringUseOneOf2": { id: string; value: readonly string[] };
  "gardenFile.theIdIsUsedTwice": { id: string };
  "gardenFile.itCannotBeRead": Nothing;
  "gardenFile.at": { path: string; message: Told };
  "gardenFile.oneOf": { kind: string; name: string };
  "gardenFile.thisShouldBe": { expected: string };
  "gardenFile.thisProgramDoesNotKnowHereRemove": {
    named: readonly string[];
    more: number;
    keysCount: number;
  };
  "gardenFile.thereIsNoInThisGarden": { what: string; id: string };
  "gardenFile.atMost": { most: number; list: string };
  "gardenFile.thisShouldBe2": { allowed: readonly string[] };
  "gardenFile.atMost2": { maximum: number };
  "gardenFile.atLeast": { minimum: number };
  "gardenFile.thisJsonIsNotAGardenFile": Nothing;
  "gardenFile.formatShouldBe": { format: string };
  "gardenFile.savedByANewer": { version: number; reads: number };
  "gardenFile.largerThan50Mb": Nothing;
  "gardenFile.thisIsNotJson": { begins: string };
  "gardenFile.leftOut": { what: Told; message: Told };
  "gardenFile.thatSeasonIsClosedAlready": { year: number };
}
