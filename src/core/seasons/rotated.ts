import { tooSoonFor } from "../bedSpace";
import { bedsInOrder, coversOver, cropsOf, type Bed, type Garden, type Planting } from "../garden";
import { dayNumber } from "../calendar";

/** Beds that are alike but for what stands in them, and how far everything in them moves on. */
export interface Rotation {
  bedIds: string[];
  /** By how many beds; 0 where everything stays. */
  by: number;
}

/**
 * How far the crops of each group of beds alike move on, so that the fewest come back too soon to where
 * their family stood: the shortest way among equals, and on by one at least where the garden rotates.
 */
export function rotations(garden: Garden, plantings: readonly Planting[]): Rotation[] {
  const { rotationYears } = garden.settings;
  return bedsAlike(garden).map((beds): Rotation => {
    const bedIds = beds.map(({ id }) => id);
    if (rotationYears === 0 || beds.length < 2) return { bedIds, by: 0 };
    const at = new Map(bedIds.map((id, index) => [id, index]));
    const inGroup = plantings.filter(({ bedId }) => at.has(bedId));
    const costs = beds.map((_, by) =>
      inGroup.reduce((sum, planting) => {
        const to = beds[((at.get(planting.bedId) ?? 0) + by) % beds.length];
        return sum + (to && comesTooSoon(garden, to, planting) ? planting.lengthM : 0);
      }, 0),
    );
    const least = Math.min(...costs.slice(1));
    return { bedIds, by: costs.indexOf(least, 1) };
  });
}

/** Whether a crop's family stood in a bed too lately for it to come there. */
export function comesTooSoon(garden: Garden, bed: Bed, planting: Planting): boolean {
  const crop = cropsOf(garden).get(planting.cropId);
  if (!crop) return false;
  const { rotationYears } = garden.settings;
  const day = dayNumber(planting.sowOn);
  return tooSoonFor(garden, bed, crop, day, rotationYears, planting.stage) !== null;
}

/** The bed to which everything of a bed moves on. */
export function movedOn(found: readonly Rotation[], bedId: string): string {
  for (const { bedIds, by } of found) {
    const at = bedIds.indexOf(bedId);
    if (at >= 0) return bedIds[(at + by) % bedIds.length] ?? bedId;
  }
  return bedId;
}

/** Beds of ground under the same covers and of the same width; containers stay what they are. */
function bedsAlike(garden: Garden): Bed[][] {
  const groups = new Map<string, Bed[]>();
  for (const bed of bedsInOrder(garden)) {
    const covers = coversOver(garden, bed).join("+");
    const key = bed.container ? bed.id : `${bed.shelterId ?? ""}|${covers}|${bed.widthM}`;
    groups.set(key, [...(groups.get(key) ?? []), bed]);
  }
  return [...groups.values()];
}
