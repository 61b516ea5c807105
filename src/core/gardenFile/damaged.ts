import { entitySchema } from "./checkFile";
import {
  COLLECTED_KINDS,
  COLLECTIONS,
  emptyGarden,
  type Entity,
  type EntityKind,
  type Garden,
} from "../garden";
import { toGardenFile } from "./asFile";
import { problemsFrom } from "./problems";
import { referenceProblems } from "./references";
import { without, type Damaged } from "./without";
import { fact, type Fact } from "../facts";

/**
 * What of a stored garden does not read: values that are none, and what leads to something that is
 * gone. What is left without it is a garden that every view can show.
 */
export function damagedIn(garden: Garden): Damaged[] {
  const damaged = keptIn(garden).flatMap((one) => unreadable(one) ?? []);
  // A bed that goes leaves its plantings without ground, and those their log: until nothing follows.
  for (let sound = without(garden, damaged); ; sound = without(garden, damaged)) {
    const next = loose(sound);
    if (next.length === 0) return damaged;
    damaged.push(...next);
  }
}

interface Kept {
  kind: EntityKind;
  /** What it is kept under, whatever it says itself. */
  id: string;
  entity: unknown;
}

function keptIn(garden: Garden): Kept[] {
  const { head, settings, place, record, outlook, plot, need, history } = garden;
  const ones = { garden: head, settings, place, record, outlook, plot, need, history };
  return [
    ...(Object.keys(KINDS_OF_ONE) as (keyof typeof ones)[])
      .filter((kind) => ones[kind] !== null)
      .map((kind) => ({ kind, id: kind, entity: ones[kind] })),
    ...COLLECTED_KINDS.flatMap((kind) =>
      [...garden[COLLECTIONS[kind]]].map(([id, entity]) => ({ kind, id, entity })),
    ),
  ];
}

function unreadable({ kind, id, entity }: Kept): Damaged | null {
  const parsed = entitySchema(kind).safeParse(entity);
  if (parsed.success && idOf(entity) === id) return null;
  const [problem] = parsed.success
    ? [{ path: "id", message: fact("gardenFile.itIsKeptUnderAnotherId") }]
    : problemsFrom(parsed.error);
  return {
    kind,
    id,
    what: whatItIs(kind, id, entity),
    message: problem
      ? fact("gardenFile.at", { path: problem.path, message: problem.message })
      : fact("gardenFile.itCannotBeRead"),
    instead: kind === "settings" || kind === "garden" ? readable(kind, entity) : null,
  };
}

/** The fields that read, with the usual values for the others. */
function readable(kind: "settings" | "garden", entity: unknown): Entity {
  const fresh = emptyGarden();
  const usual = kind === "settings" ? fresh.settings : fresh.head;
  if (typeof entity !== "object" || entity === null) return usual;
  const kept: Record<string, unknown> = { ...usual };
  for (const name of Object.keys(usual)) {
    const tried = { ...kept, [name]: (entity as Record<string, unknown>)[name] };
    if (entitySchema(kind).safeParse(tried).success) kept[name] = tried[name];
  }
  return kept as unknown as Entity;
}

/** What leads to something that is not there. */
function loose(garden: Garden): Damaged[] {
  const file = toGardenFile(garden);
  const found = new Map<string, Damaged>();
  const tell = (kind: EntityKind, entity: Entity, message: Fact, instead: Entity | null) =>
    found.set(`${kind} ${entity.id}`, {
      kind,
      id: entity.id,
      what: whatItIs(kind, entity.id, entity),
      message,
      instead,
    });
  for (const { path, message } of referenceProblems(file)) {
    if (path.startsWith("place") && garden.place) {
      const { place } = garden;
      tell("place", place, message, place.climate ? { ...place, climateFrom: "sketch" } : null);
    } else if (path.startsWith("garden.walk")) {
      const walk = garden.head.walk.filter((id) => garden.beds.has(id));
      tell("garden", garden.head, message, { ...garden.head, walk });
    } else {
      const [, name, index] = /^(\w+)\[(\d+)\]/.exec(path) ?? [];
      const kind = COLLECTED_KINDS.find((one) => COLLECTIONS[one] === name);
      const entity = kind && file[COLLECTIONS[kind]][Number(index)];
      if (kind && entity) tell(kind, entity, message, null);
    }
  }
  return [...found.values()];
}

function whatItIs(kind: EntityKind, id: string, entity: unknown): Fact {
  const { name } = (typeof entity === "object" && entity !== null ? entity : {}) as {
    name?: unknown;
  };
  const known = typeof name === "string" && name !== "" ? name.slice(0, 60) : id;
  return fact("gardenFile.oneOf", { kind, name: kind in KINDS_OF_ONE ? "" : known });
}

/** Kinds of which a garden has one. */
const KINDS_OF_ONE = {
  garden: true,
  settings: true,
  place: true,
  record: true,
  outlook: true,
  plot: true,
  need: true,
  history: true,
};

function idOf(entity: unknown): string | null {
  const { id } = (typeof entity === "object" && entity !== null ? entity : {}) as { id?: unknown };
  return typeof id === "string" ? id : null;
}
