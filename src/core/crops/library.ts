import { libraryFiles } from "./libraryFiles";
import type { Crop, Variety } from "./schema";

/**
 * The crops that come with the program, by id, in the order of their names. The files are checked
 * against `CropSchema` by the data test, so reading them costs nothing at start.
 */
export const cropLibrary: ReadonlyMap<string, Crop> = new Map(
  [...libraryFiles].sort((a, b) => (a.name < b.name ? -1 : 1)).map((crop) => [crop.id, crop]),
);

/** A crop's variety by id; its first one when no id is given; undefined when there is no such id. */
export function varietyOf(crop: Crop, varietyId?: string): Variety | undefined {
  if (varietyId === undefined) return crop.varieties[0];
  return crop.varieties.find((variety) => variety.id === varietyId);
}
