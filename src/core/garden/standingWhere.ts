import { derive } from "../derive";
import type { DayNumber } from "../calendar";
import { isIndoors, standsAtOn } from "../containers";
import type { Garden } from "./garden";
import type { Bed } from "./schema";

/**
 * The beds of a garden as they are on a day: containers are in the shelter where they then stand, and
 * not among them while they stand indoors.
 */
export function bedsOn({ beds }: Pick<Garden, "beds">, day: DayNumber): Garden["beds"] {
  return derive([beds, day], bedsThen);
}

function bedsThen(beds: Garden["beds"], day: DayNumber): Garden["beds"] {
  if (![...beds.values()].some(({ container }) => container)) return beds;
  const then = new Map<string, Bed>();
  for (const bed of beds.values()) {
    const placed = derive([bed, day], placedOn);
    if (placed) then.set(bed.id, placed);
  }
  return then;
}

function placedOn(bed: Bed, day: DayNumber): Bed | null {
  if (!bed.container) return bed;
  const at = standsAtOn(bed.container, day);
  if (isIndoors(at)) return null;
  return { ...bed, shelterId: at.kind === "shelter" ? at.shelterId : null };
}
