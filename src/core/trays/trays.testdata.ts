import { cropLibrary, type Crop } from "../crops";
import type { SeedLot } from "../seedBox";
import type { Tray } from "./traySchema";

/** A crop of the library, for tests. */
export function crop(id: string): Crop {
  const found = cropLibrary.get(id);
  if (!found) throw new Error(id);
  return found;
}

/** A lot of this year's onion seed, with some things otherwise. */
export function lot(some: Partial<SeedLot> = {}): SeedLot {
  return {
    id: "lot",
    cropId: "onion",
    varietyId: "yellow",
    packedYear: 2026,
    amount: { unit: "grams", value: 10 },
    germinationTest: null,
    treated: false,
    note: "",
    ...some,
  };
}

/** An empty tray of 6 × 4 cells, with some things otherwise. */
export function tray(some: Partial<Tray> = {}): Tray {
  return {
    id: "tray",
    name: "Tray 1",
    columns: 6,
    rows: 4,
    cellMl: 40,
    lengthCm: 54,
    widthCm: 28,
    stays: [],
    sowings: [],
    ...some,
  };
}
