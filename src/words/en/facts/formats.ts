import type { FormatsFacts } from "@/core/facts";
import { learn } from "../../sentences";

export const formats = learn<FormatsFacts>({
  "formats.setTheGardensLocationFirst": "Set the garden's location first.",
  "formats.thisFileIsLargerThan20MbAMapOfBeds":
    "This file is larger than 20 MB; a map of beds is far smaller.",
  "formats.thisIsNotJsonChooseAMapSavedAs": "This is not JSON: choose a map saved as GeoJSON.",
  "formats.thisJsonIsNotAMapItShouldBeA":
    "This JSON is not a map: it should be a GeoJSON FeatureCollection.",
  "formats.thisMapHasShapesAGardenHasAtMost": ({ featuresCount, mostFeatures }) =>
    `This map has ${featuresCount} shapes; a garden has at most ${mostFeatures}.`,
  "formats.moreAreLeftOut": ({ more }, say) => `${say.number(more)} more are left out.`,
  "formats.shape": ({ index }) => `Shape ${index + 1}`,
  "formats.isLeftOutItHasNoOutline": ({ place }, say) =>
    `${say.tell(place)} is left out: it has no outline.`,
  "formats.isLeftOutABedIsAPolygonAndThisIsA": ({ told, type }, say) =>
    `${say.tell(told)} is left out: a bed is a polygon, and this is a ${type}.`,
  "formats.isLeftOutItsCornersCannotBeReadAs": ({ told }, say) =>
    `${say.tell(told)} is left out: its corners cannot be read as longitude and latitude.`,
  "formats.isLeftOutItHasCornersAndABedIsA": ({ told, ringCount }, say) =>
    `${say.tell(told)} is left out: it has ${say.number(ringCount)} corners, and a bed is a rectangle.`,
  "formats.aShapeWithoutAName": "A shape without a name",
  "formats.isLeftOutItIsNotARectangleWhich": ({ told }, say) =>
    `${say.tell(told)} is left out: it is not a rectangle, which beds here are.`,
  "formats.isLeftOutMIsNoBed": ({ told, lengthM, widthM }, say) =>
    `${say.tell(told)} is left out: ${say.lengthM(lengthM)} × ${say.lengthM(widthM)} is no bed.`,
  "formats.isLeftOutThereIsNoShelterOfThat": ({ told }, say) =>
    `${say.tell(told)} is left out: there is no shelter of that name here. Add it first.`,
  "formats.isLeftOutTheMapHasThatBedTwice": ({ told }, say) =>
    `${say.tell(told)} is left out: the map has that bed twice.`,
  "formats.thisMapHasNoPolygonToUseAsABed": ({ left }, say) =>
    `This map has no polygon to use as a bed. ${say.tell(left)}`.trim(),
  "formats.thisMapIsAcrossThatIsACountryOrA": ({ acrossM }, say) =>
    `This map is ${say.distanceM(acrossM)} across: that is a country or a town, not a garden. Choose a map of the beds alone.`,
  "formats.theseBedsAreFromTheGardensLocation": ({ awayM }, say) =>
    `These beds are ${say.distanceM(awayM)} from the garden's location: is it the right map, or are longitude and latitude swapped?`,
});
