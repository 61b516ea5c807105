import { cropLibrary } from "../crops";
import {
  emptyGarden,
  type Bed,
  type Garden,
  type Place,
  type Planting,
  type Shelter,
} from "../garden";
import { BY_THE_BOOK } from "./byTheBook";

/** A made-up place by few numbers: inland, frost from early October, as no record has to be fitted. */
export const SMALL_PLACE: Place = {
  id: "place",
  name: "Rillside (made-up)",
  latitudeDeg: 46,
  longitudeDeg: 10,
  elevationM: 300,
  climate: {
    coldestMonth: { lowC: -6, highC: 2 },
    warmestMonth: { lowC: 13, highC: 26 },
    frost: { kind: "dates", medianFirst: "10-08", medianLast: "05-06" },
    wetDaysPerYear: 120,
  },
  climateFrom: "sketch",
  horizon: [],
};

/** A planting of the crop of its library's first variety, by the book, with some things otherwise. */
export function plantingOf(
  cropId: string,
  sowOn: string,
  some: Partial<Planting> & Pick<Planting, "id" | "bedId">,
): Planting {
  const crop = cropLibrary.get(cropId);
  if (!crop) throw new Error(`No crop ${cropId}`);
  return {
    ...BY_THE_BOOK,
    cropId,
    varietyId: crop.varieties[0]?.id ?? "",
    sowOn,
    method: "direct",
    stage: "full",
    fromM: 0,
    lengthM: 4,
    rowCm: crop.spacing.rowCm,
    inRowCm: crop.spacing.inRowCm,
    ...some,
  };
}

/** Two beds in the open and one in a greenhouse, with four plantings: all that most tests need. */
export function smallGarden(some: Partial<Garden> = {}): Garden {
  const house: Shelter = {
    id: "house",
    name: "House",
    covers: ["greenhouse-single"],
    outline: null,
    heightM: null,
    vent: { kind: "automatic", opensAtC: 15, wideAtC: 25 },
    barrelLitres: 0,
    film: null,
  };
  const bed = (id: string, more: Partial<Bed> = {}): Bed => ({
    id,
    name: id.replace("bed-", "Bed "),
    lengthM: 8,
    widthM: 0.8,
    shelterId: null,
    covers: [],
    horizon: null,
    position: null,
    history: [],
    ...more,
  });
  const beds = [bed("bed-1"), bed("bed-2"), bed("bed-3", { shelterId: "house" })];
  const plantings = [
    plantingOf("kale", "2026-06-10", { id: "kale", bedId: "bed-1" }),
    plantingOf("spinach", "2026-08-20", { id: "spinach", bedId: "bed-2" }),
    plantingOf("carrot", "2026-07-05", { id: "carrot", bedId: "bed-2", fromM: 4 }),
    plantingOf("lettuce", "2026-09-01", { id: "lettuce", bedId: "bed-3" }),
  ];
  const byId = <T extends { id: string }>(list: readonly T[]) =>
    new Map(list.map((one) => [one.id, one]));
  return {
    ...emptyGarden(),
    place: SMALL_PLACE,
    shelters: byId([house]),
    beds: byId(beds),
    plantings: byId(plantings),
    ...some,
  };
}
