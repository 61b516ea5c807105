import { patchesOf, type Outline, type Patch } from "@/core/layout";
import type { StandingPlants } from "@/core/plantings";

/** About what a letter of a crop's name takes, of the size of its writing. */
const LETTER_WIDTH = 0.55;
const LEAST_LETTERS = 3;

/** A crop's name where it stands in its bed. */
export interface NamePlace {
  id: string;
  words: string;
  alongM: number;
  acrossM: number;
}

/**
 * Where the names of what grows in a bed go: in the middle of their ground, one after the other along
 * the bed where several stand beside each other; whole, or cut to what has room.
 */
export function namePlaces(
  plants: readonly StandingPlants[],
  { widthM }: Pick<Outline, "widthM">,
  pxPerM: number,
  fontPx: number,
): NamePlace[] {
  const grounds = plants.map((group) => ({
    group,
    patches: patchesOf(group.planting, widthM),
    fromM: group.planting.fromM,
    toM: group.planting.fromM + group.planting.lengthM,
  }));
  return grounds.flatMap(({ group, patches, fromM, toM }, index): NamePlace[] => {
    // Whoever shares a stretch of the bed is named in a part of it of their own.
    const beside = grounds.filter((one) => one.fromM < toM - 1e-6 && one.toM > fromM + 1e-6);
    const place = beside.findIndex((one) => one === grounds[index]);
    const [from, to] = [
      Math.max(fromM, ...beside.map((one) => one.fromM)),
      Math.min(toM, ...beside.map((one) => one.toM)),
    ];
    const shareM = (to - from) / beside.length;
    const words = fitted(group.growing.crop.name, (shareM * pxPerM) / (fontPx * LETTER_WIDTH));
    if (words === null) return [];
    const alongM = from + (place + 0.5) * shareM;
    return [{ id: group.planting.id, words, alongM, acrossM: middleAcross(patches, alongM) }];
  });
}

/** The middle across of the ground that lies there; of the first where there is none. */
function middleAcross(patches: readonly Patch[], alongM: number): number {
  const there = patches.find(({ fromM, toM }) => fromM <= alongM && alongM <= toM) ?? patches[0];
  return there ? (there.leftM + there.rightM) / 2 : 0;
}

/** A name, or as much of it as so many letters hold; null where that is too little to know it by. */
function fitted(name: string, letters: number): string | null {
  if (name.length <= letters) return name;
  const [first = ""] = name.split(/[ ,]/);
  if (first.length <= letters && first.length >= LEAST_LETTERS) return first;
  const room = Math.floor(letters) - 1;
  return room >= LEAST_LETTERS ? `${name.slice(0, room)}…` : null;
}
