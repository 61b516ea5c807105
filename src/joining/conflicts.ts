import type { EntityKind } from "@/core/garden";
import type { Conflict, SideName } from "./choices";
import { Automerge, type Doc } from "./engine";
import { textsIn } from "./record";
import { entityFrom, isSame, textOf, partsOf, type Fields, type Texts } from "./fields";

/** What two gardens have become together, and what both had changed. */
export interface Settled {
  texts: Map<string, Fields>;
  conflicts: Conflict[];
}

/** A history as far as it is looked at. */
export interface Looked {
  doc: Doc;
  texts: Texts;
}

/**
 * What both sides changed, beside the engine's choice: it takes the same one in either order. Where one
 * removed what the other went on with, it stays.
 */
export function settle(a: Looked, b: Looked, joined: Looked): Settled {
  const texts = new Map(joined.texts);
  const conflicts: Conflict[] = [];
  let base: Texts | null = null;
  const baseTexts = () => (base ??= commonBase(a.doc, b.doc));
  for (const key of new Set([...a.texts.keys(), ...b.texts.keys()])) {
    const parts = partsOf(key);
    const [ours, theirs] = [a.texts.get(key), b.texts.get(key)];
    if (!parts || isSame(ours, theirs)) continue;
    const now = texts.get(key);
    if (now === undefined) {
      const left = ours ?? theirs;
      // Removed on one side: gone, unless the other went on with it.
      if (!left || isSame(left, baseTexts().get(key))) continue;
      texts.set(key, left);
      conflicts.push({
        ...parts,
        field: null,
        a: ours && entityFrom(ours),
        b: theirs && entityFrom(theirs),
        taken: ours ? "a" : "b",
      });
    } else if (ours && theirs) {
      const united = parts.kind === "keptSeason" && unitedSeason(now, ours, theirs);
      if (united) {
        texts.set(key, united);
        continue;
      }
      const docs = { a: a.doc, b: b.doc, joined: joined.doc };
      conflicts.push(...ofOne(parts, docs, key, ours, theirs, now));
    }
  }
  return { texts, conflicts };
}

interface Docs {
  a: Doc;
  b: Doc;
  joined: Doc;
}

function ofOne(
  parts: { kind: EntityKind; id: string },
  docs: Docs,
  key: string,
  ours: Fields,
  theirs: Fields,
  now: Fields,
): Conflict[] {
  const isWhole = isNewlyContested(docs, (doc) => Automerge.getConflicts(doc, key));
  if (typeof ours === "string" || typeof theirs === "string" || typeof now === "string") {
    return isWhole
      ? [
          {
            ...parts,
            field: null,
            a: entityFrom(ours),
            b: entityFrom(theirs),
            taken: sideOf(now, ours),
          },
        ]
      : [];
  }
  const names = [...new Set([...ours.keys(), ...theirs.keys()])];
  return names.flatMap((field): Conflict[] => {
    const [one, other] = [ours.get(field), theirs.get(field)];
    if (one === other) return [];
    // Begun on both sides by itself, or this one field set on both.
    const isBoth =
      isWhole ||
      isNewlyContested(docs, (doc) => {
        const entity = doc[key];
        return entity && Automerge.getConflicts(entity as never, field as never);
      });
    if (!isBoth) return [];
    return [
      {
        ...parts,
        field,
        a: one === undefined ? undefined : JSON.parse(one),
        b: other === undefined ? undefined : JSON.parse(other),
        taken: now.get(field) === one ? "a" : "b",
      },
    ];
  });
}

/** Set on both sides to different things, and neither side knows it yet. */
function isNewlyContested(
  { a, b, joined }: Docs,
  conflictsIn: (doc: Doc) => Automerge.Conflicts | undefined,
): boolean {
  const values = (doc: Doc) =>
    Object.values(conflictsIn(doc) ?? {})
      .map(textFrom)
      .sort();
  const now = values(joined);
  if (new Set(now).size < 2) return false;
  return ![a, b].some((doc) => isSameList(values(doc), now));
}

/** A value of the engine as text: a field, or an entity with its fields. */
function textFrom(value: unknown): string {
  return Automerge.isImmutableString(value) ? String(value) : JSON.stringify(value);
}

function isSameList(some: readonly string[], others: readonly string[]): boolean {
  return some.length === others.length && some.every((one, at) => one === others[at]);
}

/** A season that both have closed: the lines of both, and where a line is in both the chosen one's. */
function unitedSeason(now: Fields, ours: Fields, theirs: Fields): Fields {
  const chosen = entityFrom(now) as unknown as Record<string, unknown>;
  const lists = Object.entries(chosen).map(([name, value]) => {
    if (!Array.isArray(value)) return [name, value] as const;
    const all = [ours, theirs].flatMap(
      (side) => (entityFrom(side) as unknown as Record<string, unknown[]>)[name] ?? [],
    );
    const known = new Set(value.map(lineOf));
    const more = all.filter((one) => !known.has(lineOf(one)) && known.add(lineOf(one)));
    return [name, [...value, ...more].sort((x, y) => (lineOf(x) < lineOf(y) ? -1 : 1))] as const;
  });
  return textOf(Object.fromEntries(lists));
}

/** What a line of a season is known by: what was done or stood there, or what it says itself. */
function lineOf(line: unknown): string {
  const { id, planting } = (line ?? {}) as { id?: string; planting?: { id: string } };
  return id ?? planting?.id ?? textOf(line);
}

function sideOf(now: Fields, ours: Fields): SideName {
  return isSame(now, ours) ? "a" : "b";
}

/** What both had when they were last one: after the changes that both know. */
function commonBase(a: Doc, b: Doc): Texts {
  const known = new Set(Automerge.topoHistoryTraversal(b));
  const common = Automerge.topoHistoryTraversal(a).filter((hash) => known.has(hash));
  const followed = new Set(common.flatMap((hash) => Automerge.inspectChange(a, hash)?.deps ?? []));
  const heads = common.filter((hash) => !followed.has(hash));
  return heads.length === 0 ? new Map() : textsIn(Automerge.view(a, heads));
}

/** Whether two histories have a change in common. */
export function areRelated(a: Doc, b: Doc): boolean {
  const known = new Set(Automerge.topoHistoryTraversal(b));
  return Automerge.topoHistoryTraversal(a).some((hash) => known.has(hash));
}
