import {
  emptyGarden,
  entitiesOf,
  isEntityKind,
  withChanges,
  type Change,
  type Entity,
  type EntityKind,
  type Garden,
} from "@/core/garden";

/** What an entity holds, as texts: each field by itself, or all in one. */
export type Fields = string | ReadonlyMap<string, string>;
/** A garden as texts, under the keys of its entities. */
export type Texts = ReadonlyMap<string, Fields>;

/** What is written once and not edited by field: changed in two places, one or the other counts. */
const WHOLE: ReadonlySet<EntityKind> = new Set<EntityKind>([
  "record",
  "logEntry",
  "thermometerDay",
  "keptSeason",
]);
/** What is no change of anybody's: the engine's own bytes, and news that comes in by itself. */
const NOT_KEPT: ReadonlySet<EntityKind> = new Set<EntityKind>(["history", "outlook"]);

export function keyOf(kind: EntityKind, id: string): string {
  return `${kind} ${id}`;
}

export function partsOf(key: string): { kind: EntityKind; id: string } | null {
  const [kind = "", id = ""] = key.split(" ");
  return isEntityKind(kind) ? { kind, id } : null;
}

/** A value as text, the same for equal values in whatever order their fields were written. */
export function textOf(value: unknown): string {
  return JSON.stringify(value, (_name, one: unknown) =>
    typeof one === "object" && one !== null && !Array.isArray(one)
      ? Object.fromEntries(Object.entries(one).sort(([a], [b]) => (a < b ? -1 : 1)))
      : one,
  );
}

/** One entity as texts. */
export function fieldsOf(kind: EntityKind, entity: Entity): Fields {
  if (WHOLE.has(kind)) return textOf(entity);
  const fields = Object.entries(entity).filter(([, value]) => value !== undefined);
  return new Map(fields.map(([name, value]) => [name, textOf(value)]));
}

export function entityFrom(fields: Fields): Entity {
  if (typeof fields === "string") return JSON.parse(fields) as Entity;
  const values = [...fields].map(([name, text]) => [name, JSON.parse(text) as unknown]);
  return Object.fromEntries(values) as Entity;
}

/** A garden as texts, in the order of its keys. */
export function textsOf(garden: Garden): Texts {
  const texts = entitiesOf(garden)
    .filter(({ kind }) => !NOT_KEPT.has(kind))
    .map(({ kind, entity }) => [keyOf(kind, entity.id), fieldsOf(kind, entity)] as const);
  return new Map(texts.sort(([a], [b]) => (a < b ? -1 : 1)));
}

/** The garden that texts hold, still unchecked. */
export function gardenFrom(texts: Texts): Garden {
  const changes = [...texts].flatMap(([key, fields]): Change[] => {
    const parts = partsOf(key);
    return parts ? [{ ...parts, before: null, after: entityFrom(fields) } as Change] : [];
  });
  return withChanges(emptyGarden(), changes);
}

export function isSame(a: Fields | undefined, b: Fields | undefined): boolean {
  if (a === b) return true;
  if (!a || !b || typeof a === "string" || typeof b === "string") return false;
  return a.size === b.size && [...a].every(([name, text]) => b.get(name) === text);
}

/** What two gardens have alike: entities in both, of each the fields that are the same. */
export function commonOf(a: Texts, b: Texts): Texts {
  const common = new Map<string, Fields>();
  for (const [key, fields] of a) {
    const others = b.get(key);
    if (!others) continue;
    if (typeof fields === "string" || typeof others === "string") {
      if (isSame(fields, others)) common.set(key, fields);
    } else {
      common.set(key, new Map([...fields].filter(([name, text]) => others.get(name) === text)));
    }
  }
  return common;
}
