import { openingsIn, type Opening } from "../bedSpace";
import type { DayNumber } from "../calendar";
import { bedsInOrder, type Bed, type Garden } from "../garden";
import { exposureKey, type Site } from "../growth";
import { exposureOver } from "../plantings";

/** Beds that grow alike and are free alike: what can be done in one can be done in each. */
export interface BedsAlike {
  beds: readonly [Bed, ...Bed[]];
  /** Their bare ground. */
  openings: readonly Opening[];
}

/**
 * The beds of a garden by what they are alike in: size, covers, skyline, free ground and what stood
 * there. Beds that are the same to every rule are one question, not many.
 */
export function bedsAlike(site: Site, garden: Garden, today: DayNumber): BedsAlike[] {
  const found = new Map<string, { beds: [Bed, ...Bed[]]; openings: Opening[] }>();
  for (const bed of bedsInOrder(garden)) {
    const openings = openingsIn(site, garden, bed, today).filter(({ between }) => !between);
    const stood = [...garden.plantings.values()].flatMap(({ bedId, cropId, sowOn, fromM }) =>
      bedId === bed.id ? [[cropId, sowOn, fromM]] : [],
    );
    const key = JSON.stringify([
      exposureKey(exposureOver(garden, bed)),
      bed.lengthM,
      bed.widthM,
      bed.shelterId,
      bed.container?.kind ?? null,
      bed.history,
      stood,
      openings,
    ]);
    const alike = found.get(key);
    if (alike) alike.beds.push(bed);
    else found.set(key, { beds: [bed], openings });
  }
  return [...found.values()];
}
