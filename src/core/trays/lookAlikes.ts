import type { Crop } from "../crops";
import type { Tray, TraySowing } from "./traySchema";

/** Two sowings side by side that nobody can tell apart once the map is lost. */
export interface LookAlikes {
  first: TraySowing;
  second: TraySowing;
  /** What both look like: "brassica seedling". */
  kind: string;
}

/**
 * Pairs of neighbouring sowings of a tray that look alike as seedlings and of which at least one has
 * no label. Neighbours share an edge of a cell; different varieties of one crop look alike too.
 */
export function lookAlikesIn(tray: Tray, cropOf: (id: string) => Crop | undefined): LookAlikes[] {
  const owner = new Map<number, TraySowing>();
  for (const sowing of tray.sowings) for (const cell of sowing.cells) owner.set(cell, sowing);
  const found = new Map<string, LookAlikes>();
  for (const [cell, first] of owner) {
    const right = (cell + 1) % tray.columns === 0 ? undefined : owner.get(cell + 1);
    for (const second of [right, owner.get(cell + tray.columns)]) {
      if (!second || second === first || (first.labelled && second.labelled)) continue;
      const kind = likeness(first, second, cropOf);
      if (kind !== null) found.set([first.id, second.id].sort().join("|"), { first, second, kind });
    }
  }
  return [...found.values()];
}

function likeness(
  first: TraySowing,
  second: TraySowing,
  cropOf: (id: string) => Crop | undefined,
): string | null {
  const [a, b] = [cropOf(first.cropId), cropOf(second.cropId)];
  if (!a || !b) return null;
  if (a.id === b.id) return first.varietyId === second.varietyId ? null : a.name.toLowerCase();
  return a.lookAlike !== undefined && a.lookAlike === b.lookAlike ? a.lookAlike : null;
}
