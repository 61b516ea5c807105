import { cropLibrary, type Crop } from "../crops";
import { BY_THE_BOOK } from "../gardenFile";
import type { Stand } from "./stand";

/** A crop of the library that is known to be there. */
export function crop(id: string): Crop {
  const found = cropLibrary.get(id);
  if (!found) throw new Error(id);
  return found;
}

/** Rows of 20 × 10 cm in a bed of 8 × 0.8 m, but for what is said. */
export function stand(some: Partial<Stand> = {}): Stand {
  return { lengthM: 8, widthM: 0.8, rowCm: 20, inRowCm: 10, ...BY_THE_BOOK, ...some };
}
