import { keepEqual } from "../derive";
import type { Garden } from "./garden";

/** What a rehearsal looks at; an outlook that comes in, or a task that is ticked, changes nothing in it. */
const LOOKED_AT = [
  "place",
  "record",
  "settings",
  "shelters",
  "beds",
  "pieces",
  "plantings",
  "logEntries",
  "trays",
  "ownCrops",
  "ownVarieties",
  "ownNumbers",
] as const satisfies readonly (keyof Garden)[];

/** Whether winters come to the same for two versions of a garden. */
export function sameForWinters(one: Garden, other: Garden): boolean {
  // What was taken back is the same again, though it may be another object.
  return LOOKED_AT.every((key) => keepEqual(one[key], other[key]) === one[key]);
}
