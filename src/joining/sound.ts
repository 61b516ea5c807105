import { mendGround } from "@/core/commands";
import { keepEqual } from "@/core/derive";
import type { Fact } from "@/core/facts";
import { fact } from "@/core/facts";
import type { Garden } from "@/core/garden";
import { damagedIn, without } from "@/core/gardenFile";
import type { Conflict } from "./choices";
import { entityFrom, gardenFrom, keyOf, partsOf, type Fields, type Texts } from "./fields";

/** A garden that stands, and what it took. */
export interface Sound {
  garden: Garden;
  conflicts: Conflict[];
  /** Where things stood on each other, and what was done for it. */
  mends: Fact[];
  /** What could not be kept, a line each. */
  left: Fact[];
}

/**
 * Makes a garden of what was joined: field by field it may say what no garden can. What leads to
 * something that the other side removed brings it back; what reads no more as a whole is taken from one
 * side as a whole; what stands on the same ground is parted.
 *
 * @param like one of the two, for what stays the same and what was computed of it
 */
export function soundGarden(
  like: Garden,
  texts: ReadonlyMap<string, Fields>,
  a: Texts,
  b: Texts,
): Sound {
  const conflicts: Conflict[] = [];
  const now = new Map(texts);
  const tried = new Set<string>();
  for (;;) {
    const garden = keepEqual(like, gardenFrom(inOrder(now)));
    const damaged = damagedIn(garden);
    let changed = false;
    for (const { kind, id } of damaged) {
      const key = keyOf(kind, id);
      const fields = now.get(key);
      if (!fields) continue;
      for (const missing of ledTo(fields, a, b)) {
        if (now.has(missing)) continue;
        now.set(missing, (a.get(missing) ?? b.get(missing)) as Fields);
        const parts = partsOf(missing);
        const [ours, theirs] = [a.get(missing), b.get(missing)];
        if (parts) {
          conflicts.push({
            ...parts,
            field: null,
            a: ours && entityFrom(ours),
            b: theirs && entityFrom(theirs),
            taken: ours ? "a" : "b",
          });
        }
        changed = true;
      }
      const whole = changed || tried.has(key) ? undefined : wholeOf(key, a, b);
      if (whole) {
        tried.add(key);
        now.set(key, whole.fields);
        conflicts.push({
          kind,
          id,
          field: null,
          a: entityOrNothing(a.get(key)),
          b: entityOrNothing(b.get(key)),
          taken: whole.taken,
        });
        changed = true;
      }
    }
    if (changed) continue;
    const sound = without(garden, damaged);
    const { garden: mended, mends } = mendGround(sound);
    const left = damaged.map(({ what, message }) => fact("gardenFile.leftOut", { what, message }));
    return { garden: mended, conflicts, mends, left };
  }
}

/** In one order whoever joins: where the ground is mended, the first of two alike stays. */
function inOrder(texts: Texts): Texts {
  return new Map([...texts].sort(([one], [other]) => (one < other ? -1 : 1)));
}

function entityOrNothing(fields: Fields | undefined): unknown {
  return fields === undefined ? undefined : entityFrom(fields);
}

/** The whole of an entity from one side; from the same one, whichever comes first. */
function wholeOf(key: string, a: Texts, b: Texts) {
  const [ours, theirs] = [a.get(key), b.get(key)];
  if (!ours || !theirs) return undefined;
  const text = (fields: Fields) => JSON.stringify(entityFrom(fields));
  return text(ours) >= text(theirs)
    ? { fields: ours, taken: "a" as const }
    : { fields: theirs, taken: "b" as const };
}

/** Keys of what an entity names and either side has. */
function ledTo(fields: Fields, a: Texts, b: Texts): string[] {
  const named = new Set<string>();
  const look = (value: unknown): void => {
    if (typeof value === "string") named.add(value);
    else if (Array.isArray(value)) value.forEach(look);
    else if (typeof value === "object" && value !== null) Object.values(value).forEach(look);
  };
  look(entityFrom(fields));
  return [...new Set([...a.keys(), ...b.keys()])].filter((key) =>
    named.has(partsOf(key)?.id ?? ""),
  );
}
