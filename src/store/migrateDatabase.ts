import type { IDBPObjectStore, IDBPTransaction, StoreNames } from "idb";
import { alongTheirBeds, migrateEntity, PLACED_SINCE } from "@/core/gardenFile";
import type { Change, Entity, EntityKind } from "@/core/garden";
import type { Tables } from "./tables";

/** Brings what an earlier version kept, its steps for undo too, to the form of this one. */
export async function migrate(
  transaction: IDBPTransaction<Tables, StoreNames<Tables>[], "versionchange">,
  oldVersion: number,
): Promise<void> {
  const entities = transaction.objectStore("entities");
  for (const [kind, id] of await entities.getAllKeys()) {
    const kept = await entities.get([kind, id]);
    await entities.put(migrateEntity(kind, kept, oldVersion) as Entity, [kind, id]);
  }
  if (oldVersion < PLACED_SINCE) await placeAlong(entities);
  const steps = transaction.objectStore("steps");
  for (const number of await steps.getAllKeys()) {
    const step = await steps.get(number);
    if (!step) continue;
    const changes = step.changes.map(
      (change) =>
        ({
          ...change,
          before: migrateEntity(change.kind, change.before, oldVersion),
          after: migrateEntity(change.kind, change.after, oldVersion),
        }) as Change,
    );
    await steps.put({ ...step, changes }, number);
  }
}

/** Gives every planting its place along its bed, which earlier versions did not keep. */
async function placeAlong(
  entities: IDBPObjectStore<Tables, StoreNames<Tables>[], "entities", "versionchange">,
): Promise<void> {
  const ofKind = (kind: EntityKind) => entities.getAll(IDBKeyRange.bound([kind], [kind, []]));
  const placed = alongTheirBeds(await ofKind("planting"), await ofKind("bed")) as Entity[];
  for (const planting of placed) await entities.put(planting, ["planting", planting.id]);
}
