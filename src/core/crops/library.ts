import tableJson from "@data/cropTable.json";
import type { Crop, Variety } from "./schema";

/**
 * The crops that come with the program, by id, in the order of their names. The files are checked
 * against `CropSchema` by the data test, so reading them costs nothing at start.
 */
export const cropLibrary: ReadonlyMap<string, Crop> = new Map(
  cropsOfTable(tableJson)
    .sort((a, b) => (a.name < b.name ? -1 : 1))
    .map((crop) => [crop.id, crop]),
);

/**
 * Crops out of the table that `npm run crops` writes of data/crops, where each value has a column: a
 * fifth smaller to load than one crop after the other, which names every value a hundred times.
 */
function cropsOfTable(columns: Readonly<Record<string, readonly unknown[]>>): Crop[] {
  const crops: Record<string, unknown>[] = [];
  for (const [path, cells] of Object.entries(columns)) {
    const names = path.split(".");
    const last = names.pop() ?? "";
    cells.forEach((cell, row) => {
      const crop = (crops[row] ??= {});
      if (cell === null) return;
      const inner = names.reduce<Record<string, unknown>>(
        (at, name) => (at[name] ??= {}) as Record<string, unknown>,
        crop,
      );
      inner[last] = cell;
    });
  }
  return crops as unknown as Crop[];
}

/** A crop's variety by id; its first one when no id is given; undefined when there is no such id. */
export function varietyOf(crop: Crop, varietyId?: string): Variety | undefined {
  if (varietyId === undefined) return crop.varieties[0];
  return crop.varieties.find((variety) => variety.id === varietyId);
}
