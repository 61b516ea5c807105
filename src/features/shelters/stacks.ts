import type { DayNumber } from "@/core/calendar";
import {
  bedsInOrder,
  bedsOn,
  coversOver,
  type Bed,
  type Garden,
  type Shelter,
} from "@/core/garden";
import type { CoverIds } from "@/core/shelter";
import { shelters as say } from "@/words/en/shelters";

/** Beds of a garden that stand in the same shelter under the same covers. */
export interface CoveredBeds {
  key: string;
  shelter: Shelter | null;
  covers: CoverIds;
  /** One at least. */
  beds: [Bed, ...Bed[]];
}

/** The garden's beds by what is over them, as one walks past them. */
export function coveredBeds(garden: Garden, day: DayNumber): CoveredBeds[] {
  const found = new Map<string, CoveredBeds>();
  for (const bed of bedsInOrder({ ...garden, beds: bedsOn(garden, day) })) {
    const key = `${bed.shelterId ?? ""}|${bed.covers.join("+")}`;
    const known = found.get(key);
    if (known) known.beds.push(bed);
    else {
      const shelter = garden.shelters.get(bed.shelterId ?? "") ?? null;
      found.set(key, { key, shelter, covers: coversOver(garden, bed), beds: [bed] });
    }
  }
  return [...found.values()];
}

/** Where a group of beds stands, in words. */
export function placeWords({ shelter, beds }: CoveredBeds): string {
  const names = beds.map(({ name }) => name);
  const listed = names.length > 3 ? say.text2({ namesCount: names.length }) : names.join(", ");
  return shelter ? `${shelter.name}: ${listed}` : listed;
}
