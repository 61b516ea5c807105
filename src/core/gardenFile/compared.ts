import { keepEqual } from "../derive";
import { differences, type EntityKind, type Garden } from "../garden";

/** How many things of a kind would come, go and change. */
export interface KindCompared {
  kind: EntityKind;
  comes: number;
  goes: number;
  changes: number;
}

/** What becomes of a garden when another takes its place, by kind; nothing of a kind that stays as it is. */
export function compareGardens(now: Garden, next: Garden): KindCompared[] {
  const kinds = new Map<EntityKind, KindCompared>();
  for (const { kind, before, after } of differences(now, keepEqual(now, next))) {
    // The engine's bytes and news that come in by themselves are nobody's change.
    if (kind === "history" || kind === "outlook") continue;
    const found = kinds.get(kind) ?? { kind, comes: 0, goes: 0, changes: 0 };
    if (before === null) found.comes += 1;
    else if (after === null) found.goes += 1;
    else found.changes += 1;
    kinds.set(kind, found);
  }
  return [...kinds.values()];
}
