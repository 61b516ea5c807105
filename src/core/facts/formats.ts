import type { Nothing, Told } from "./told";

/** What the room of formats has to say, and about what. */
export interface FormatsFacts {
  "formats.setTheGardensLocationFirst": Nothing;
  "formats.thisFileIsLargerThan20MbAMapOfBeds": Nothing;
  "formats.thisIsNotJsonChooseAMapSavedAs": Nothing;
  "formats.thisJsonIsNotAMapItShouldBeA": Nothing;
  "formats.thisMapHasShapesAGardenHasAtMost": { featuresCount: number; mostFeatures: number };
  "formats.moreAreLeftOut": { more: number };
  "formats.shape": { index: number };
  "formats.isLeftOutItHasNoOutline": { place: Told };
  "formats.isLeftOutABedIsAPolygonAndThisIsA": { told: Told; type: string };
  "formats.isLeftOutItsCornersCannotBeReadAs": { told: Told };
  "formats.isLeftOutItHasCornersAndABedIsA": { told: Told; ringCount: number };
  "formats.aShapeWithoutAName": Nothing;
  "formats.isLeftOutItIsNotARectangleWhich": { told: Told };
  "formats.isLeftOutMIsNoBed": { told: Told; lengthM: number; widthM: number };
  "formats.isLeftOutThereIsNoShelterOfThat": { told: Told };
  "formats.isLeftOutTheMapHasThatBedTwice": { told: Told };
  "formats.thisMapHasNoPolygonToUseAsABed": { left: Told };
  "formats.thisMapIsAcrossThatIsACountryOrA": { acrossM: number };
  "formats.theseBedsAreFromTheGardensLocation": { awayM: number };
}
