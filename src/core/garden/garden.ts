import type { RehearsedWinter, WeatherRecord } from "../climate";
import { derive } from "../derive";
import type { Need } from "../food";
import type { Plot } from "../layout";
import { LEVEL_HORIZON, type Horizon } from "../sky";
import {
  COLLECTED_KINDS,
  COLLECTIONS,
  collectionsFrom,
  type CollectedByKind,
  type CollectedKind,
  type Collections,
} from "./collections";
import type { History } from "./historySchema";
import type { Bed, GardenHead, KeptOutlook, Place, Settings } from "./schema";

/** The garden in memory. Never changed in place: a command's changes make a new one. */
export interface Garden extends Collections {
  head: GardenHead;
  settings: Settings;
  place: Place | null;
  /** The daily weather record, when one was read. */
  record: WeatherRecord | null;
  outlook: KeptOutlook | null;
  /** The ground that the beds lie in; null until the garden is laid out. */
  plot: Plot | null;
  /** What the eaters want; null until somebody says. */
  need: Need | null;
  /** What other devices need to join their own changes with these; null until the garden was shared. */
  history: History | null;
  /** A winter that it is looked at in, in place of usual weather; never kept, and in no file. */
  rehearsed?: RehearsedWinter;
}

export interface EntityByKind extends CollectedByKind {
  garden: GardenHead;
  settings: Settings;
  place: Place;
  record: WeatherRecord;
  outlook: KeptOutlook;
  plot: Plot;
  need: Need;
  history: History;
}
export type EntityKind = keyof EntityByKind;
export type Entity = EntityByKind[EntityKind];

/** One entity before and after a command: null before means added, null after means removed. */
export type Change = {
  [K in EntityKind]: {
    kind: K;
    id: string;
    before: EntityByKind[K] | null;
    after: EntityByKind[K] | null;
  };
}[EntityKind];

export const USUAL_SETTINGS: Settings = {
  id: "settings",
  units: "metric",
  school: "growth",
  frostRisk: 0.2,
  shortDayHours: 10,
  fallAdditionDays: 14,
  grownBeforeShortDays: 0.9,
  rotationYears: 3,
  soilSchool: "undug",
  degreesSchool: "measured",
  stationUrl: null,
};

const KINDS_OF_ONE: ReadonlySet<string> = new Set<EntityKind>([
  "garden",
  "settings",
  "place",
  "record",
  "outlook",
  "plot",
  "need",
  "history",
]);

/** Whether a garden has entities of this kind. */
export function isEntityKind(kind: string): kind is EntityKind {
  return KINDS_OF_ONE.has(kind) || (COLLECTED_KINDS as string[]).includes(kind);
}

/** A garden with nothing in it yet. */
export function emptyGarden(): Garden {
  return {
    head: { id: "garden", name: "My garden", today: null, walk: [], sample: false },
    settings: USUAL_SETTINGS,
    place: null,
    record: null,
    outlook: null,
    plot: null,
    need: null,
    history: null,
    ...collectionsFrom(() => new Map()),
  };
}

/** Whether something grows, rests or is kept that asks for work, or was worked already. */
export function hasBegun(garden: Garden): boolean {
  const { plantings, rests, trays, feedings, logEntries, storeLots } = garden;
  return [plantings, rests, trays, feedings, logEntries, storeLots].some(({ size }) => size > 0);
}

/** Whether the garden is as new: nothing worth keeping would be lost with it. */
export function isEmptyGarden(garden: Garden): boolean {
  const { place, record } = garden;
  return (
    place === null &&
    record === null &&
    COLLECTED_KINDS.every((kind) => garden[COLLECTIONS[kind]].size === 0)
  );
}

/** The garden after a list of changes. */
export function withChanges(garden: Garden, changes: readonly Change[]): Garden {
  // Only what is touched is copied: what stays the same keeps its identity, and its cached sums.
  const next = { ...garden };
  for (const change of changes) {
    switch (change.kind) {
      case "garden":
        next.head = change.after ?? next.head;
        break;
      case "settings":
        next.settings = change.after ?? next.settings;
        break;
      case "place":
        next.place = change.after;
        break;
      case "record":
        next.record = change.after;
        break;
      case "outlook":
        next.outlook = change.after;
        break;
      case "plot":
        next.plot = change.after;
        break;
      case "need":
        next.need = change.after;
        break;
      case "history":
        next.history = change.after;
        break;
      default:
        putInto(next, garden, change.kind, change.id, change.after);
    }
  }
  return next;
}

function putInto(
  next: Garden,
  original: Garden,
  kind: CollectedKind,
  id: string,
  entity: Entity | null,
): void {
  const name = COLLECTIONS[kind];
  const collections = next as unknown as Record<string, ReadonlyMap<string, Entity>>;
  collections[name] = put(next[name], original[name], id, entity);
}

/** An entity of a garden as it is now; null where it is not there. */
export function entityOf(garden: Garden, { kind, id }: Pick<Change, "kind" | "id">): Entity | null {
  switch (kind) {
    case "garden":
      return garden.head;
    case "settings":
    case "place":
    case "record":
    case "outlook":
    case "plot":
    case "need":
    case "history":
      return garden[kind];
    default:
      return garden[COLLECTIONS[kind]].get(id) ?? null;
  }
}

/** The changes that take the garden back to where it was before `changes`. */
export function inverse(changes: readonly Change[]): Change[] {
  return changes
    .map((change) => ({ ...change, before: change.after, after: change.before }) as Change)
    .reverse();
}

/** Sets or removes an entity in a copy of the set as it was; the copy is made at the first change. */
function put(
  now: ReadonlyMap<string, Entity>,
  original: ReadonlyMap<string, Entity>,
  id: string,
  entity: Entity | null,
): ReadonlyMap<string, Entity> {
  const copy = now === original ? new Map(original) : (now as Map<string, Entity>);
  if (entity === null) copy.delete(id);
  else copy.set(id, entity);
  return copy;
}

/** Every entity of a garden with its kind. */
export function entitiesOf(garden: Garden): { kind: EntityKind; entity: Entity }[] {
  const list: { kind: EntityKind; entity: Entity }[] = [
    { kind: "garden", entity: garden.head },
    { kind: "settings", entity: garden.settings },
  ];
  if (garden.place) list.push({ kind: "place", entity: garden.place });
  if (garden.record) list.push({ kind: "record", entity: garden.record });
  if (garden.outlook) list.push({ kind: "outlook", entity: garden.outlook });
  if (garden.plot) list.push({ kind: "plot", entity: garden.plot });
  if (garden.need) list.push({ kind: "need", entity: garden.need });
  if (garden.history) list.push({ kind: "history", entity: garden.history });
  for (const kind of COLLECTED_KINDS) {
    for (const entity of garden[COLLECTIONS[kind]].values()) list.push({ kind, entity });
  }
  return list;
}

/** The changes that turn one garden into another. */
export function changesBetween(from: Garden, to: Garden): Change[] {
  const before = new Map(entitiesOf(from).map((item) => [`${item.kind}/${item.entity.id}`, item]));
  const changes: Change[] = [];
  for (const { kind, entity } of entitiesOf(to)) {
    const key = `${kind}/${entity.id}`;
    const old = before.get(key)?.entity ?? null;
    before.delete(key);
    changes.push({ kind, id: entity.id, before: old, after: entity } as Change);
  }
  for (const { kind, entity } of before.values()) {
    changes.push({ kind, id: entity.id, before: entity, after: null } as Change);
  }
  return changes;
}

/** The changes between two states of one garden, by identity: what is the same object has not changed. */
export function differences(from: Garden, to: Garden): Change[] {
  const changes: Change[] = [];
  const add = (kind: EntityKind, id: string, before: unknown, after: unknown) => {
    if (before !== after) changes.push({ kind, id, before, after } as Change);
  };
  add("garden", "garden", from.head, to.head);
  for (const kind of [
    "settings",
    "place",
    "record",
    "outlook",
    "plot",
    "need",
    "history",
  ] as const) {
    add(kind, kind, from[kind], to[kind]);
  }
  for (const kind of COLLECTED_KINDS) {
    const [before, after] = [from[COLLECTIONS[kind]], to[COLLECTIONS[kind]]];
    if (before === after) continue;
    for (const [id, entity] of after) add(kind, id, before.get(id) ?? null, entity);
    for (const [id, entity] of before) if (!after.has(id)) add(kind, id, entity, null);
  }
  return changes;
}

/** The covers over a bed, from the outside in: its shelter's, then its own. */
export function coversOver(garden: Pick<Garden, "shelters">, bed: Bed): string[] {
  const shelter = bed.shelterId === null ? undefined : garden.shelters.get(bed.shelterId);
  return [...(shelter?.covers ?? []), ...bed.covers];
}

/** What of a garden decides the degrees at its plants, and how fast they grow there. */
export type Surroundings = Pick<Garden, "place" | "shelters" | "thermometerDays" | "ownNumbers">;

const naturalOrder = new Intl.Collator("en", { numeric: true });

/**
 * The beds in their usual order: in the open, then under covers of their own, then by shelter; by
 * name within, with Bed 2 before Bed 10.
 */
export function bedsInOrder({ beds, shelters }: Pick<Garden, "beds" | "shelters">): readonly Bed[] {
  return derive([beds, shelters], bedsSorted);
}

function bedsSorted(beds: Garden["beds"], shelters: Garden["shelters"]): readonly Bed[] {
  const group = (bed: Bed) =>
    bed.shelterId === null
      ? `${bed.covers.length > 0 ? 1 : 0}${bed.covers.join("+")}`
      : `2${shelters.get(bed.shelterId)?.name ?? ""}`;
  return [...beds.values()].sort(
    (a, b) =>
      naturalOrder.compare(group(a), group(b)) ||
      naturalOrder.compare(a.name, b.name) ||
      (a.id < b.id ? -1 : 1),
  );
}

/** The beds in the grower's own order of walking; those without a place in it follow in the usual one. */
export function bedsAsWalked(garden: Garden): Bed[] {
  const own = garden.head.walk.flatMap((id) => garden.beds.get(id) ?? []);
  const placed = new Set(own);
  return [...own, ...bedsInOrder(garden).filter((bed) => !placed.has(bed))];
}

/** The skyline over a bed: its own, or the garden's. */
export function horizonOver(garden: Pick<Garden, "place">, bed: Bed): Horizon {
  return bed.horizon ?? garden.place?.horizon ?? LEVEL_HORIZON;
}
