import { cropLibrary } from "../crops";
import {
  emptyGarden,
  type Bed,
  type Garden,
  type Place,
  type Planting,
  type Shelter,
} from "../garden";
import type { StoreLot } from "../food";
import type { CoverPiece } from "../shelter";
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

/** A bare bed in the open, 8 m by 80 cm, with some things otherwise. */
export function bedOf(id: string, more: Partial<Bed> = {}): Bed {
  return {
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
  };
}

/** Round pots of 30 cm in a row at a window. */
export function potsAtWindow(id: string, count: number): Bed {
  const eachM = 0.3;
  return bedOf(id, {
    lengthM: Math.round(count * eachM * 10) / 10,
    widthM: eachM,
    container: {
      kind: "pot",
      outline: "round",
      eachM,
      depthM: 0.25,
      stays: [{ from: "2026-01-01", at: { kind: "window" } }],
    },
  });
}

/** So much of a crop in a cellar since a day. */
export function inCellar(cropId: string, grams: number, since: string): StoreLot {
  const unknown = { varietyId: null, plantingId: null, note: "" };
  return { id: `lot-${cropId}`, cropId, place: "cellar", since, grams, ...unknown };
}

/** A piece of heavy cloth in the shed, large enough for any bed here. */
export const CLOTH_IN_SHED: CoverPiece = {
  id: "cloth",
  kind: "cover",
  materialId: "row-cover-heavy",
  lengthM: 40,
  widthM: 6,
  condition: "good",
  firstYear: null,
  bedId: null,
};

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
  const beds = [bedOf("bed-1"), bedOf("bed-2"), bedOf("bed-3", { shelterId: "house" })];
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
