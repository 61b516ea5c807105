import { keyOf } from "@/core/facts";
import { openDB, type IDBPDatabase } from "idb";
import { GARDEN_FILE_VERSION, type Damaged } from "@/core/gardenFile";
import { emptyGarden, isEntityKind, withChanges, type Change } from "@/core/garden";
import { whenNeeded } from "./parts";
import { FellBehind, type Storage, type Stored, type Write } from "./storage";
import { stepsWithPosition, type Step, type Steps } from "./steps";
import type { Tables } from "./tables";

export const DATABASE = "late-ember";
/** The same as the garden file's: both hold the same entities. */
const VERSION = GARDEN_FILE_VERSION;

const TABLES = ["entities", "steps", "counters"] as const;
/** From this version on there is a table for what did not read. */
const ASIDE_SINCE = 7;

/** What the opening of a database and its later life may tell. */
export interface DatabaseEvents {
  /** Another tab holds an older version open, and this one waits for it. */
  onBlocked?(): void;
  /** A newer version in another tab has taken the database over: nothing can be kept here any more. */
  onTakenOver?(): void;
}

/**
 * Opens the garden's IndexedDB database.
 *
 * @throws when the browser refuses storage, or the database is of a newer version of the program
 */
export async function openDatabase(
  name = DATABASE,
  { onBlocked, onTakenOver }: DatabaseEvents = {},
): Promise<Storage> {
  // What brings earlier versions up to this one is fetched before: the upgrade itself cannot wait.
  const migrations = (await isUpToDate(name)) ? null : await loadMigrations();
  const database = await openDB<Tables>(name, VERSION, {
    async upgrade(database, oldVersion, _newVersion, transaction) {
      if (oldVersion < ASIDE_SINCE) database.createObjectStore("aside", { autoIncrement: true });
      if (oldVersion === 0) {
        for (const table of TABLES) database.createObjectStore(table);
        return;
      }
      // Kept by an older tab since it was looked for: nothing is half brought up, the next opening is.
      if (!migrations) return transaction.abort();
      await migrations.migrate(transaction, oldVersion);
    },
    blocked: () => onBlocked?.(),
    blocking(_current, _blocked, event) {
      // A newer version in another tab wants to upgrade: let it, rather than hold it up.
      (event.target as IDBDatabase).close();
      onTakenOver?.();
    },
    terminated: () => onTakenOver?.(),
  });
  return {
    load: () => load(database),
    write: (write) => writeOnce(database, write),
    setAside: (damaged, seenRevision) => setAside(database, damaged, seenRevision),
  };
}

const loadMigrations = whenNeeded(() => import("./migrateDatabase"));

/** Whether a database is of this version, or there is none yet; false where a browser cannot tell. */
async function isUpToDate(name: string): Promise<boolean> {
  const known = await indexedDB.databases?.().catch(() => null);
  if (!known) return false;
  const version = known.find((one) => one.name === name)?.version;
  return version === undefined || version === VERSION;
}

async function load(database: IDBPDatabase<Tables>): Promise<Stored> {
  const transaction = database.transaction(TABLES);
  const entities = transaction.objectStore("entities");
  const [keys, values, stepNumbers, steps, revision, position] = await Promise.all([
    entities.getAllKeys(),
    entities.getAll(),
    transaction.objectStore("steps").getAllKeys(),
    transaction.objectStore("steps").getAll(),
    transaction.objectStore("counters").get("revision"),
    transaction.objectStore("counters").get("position"),
  ]);
  // A kind that this version does not know is left where it lies.
  const changes = keys.flatMap(([kind, id], index) =>
    isEntityKind(kind) ? [{ kind, id, before: null, after: values[index] ?? null } as Change] : [],
  );
  return {
    garden: withChanges(emptyGarden(), changes),
    revision: revision ?? 0,
    steps: numbered(stepNumbers, steps, position ?? 0),
  };
}

function numbered(numbers: readonly number[], steps: readonly Step[], position: number): Steps {
  const kept = new Map(numbers.map((number, index) => [number, steps[index] as Step]));
  return stepsWithPosition(kept, position);
}

/** Moves what does not read to where it harms nobody, in one transaction. */
async function setAside(
  database: IDBPDatabase<Tables>,
  damaged: readonly Damaged[],
  seenRevision: number,
): Promise<void> {
  const transaction = database.transaction(["entities", "counters", "aside"], "readwrite", {
    durability: "strict",
  });
  transaction.done.catch(() => undefined);
  const counters = transaction.objectStore("counters");
  if (((await counters.get("revision")) ?? 0) !== seenRevision) {
    transaction.abort();
    throw new FellBehind();
  }
  const entities = transaction.objectStore("entities");
  const aside = transaction.objectStore("aside");
  for (const { kind, id, message, instead } of damaged) {
    const entity: unknown = await entities.get([kind, id]);
    await aside.add({ kind, id, message: keyOf(message), entity });
    if (instead) await entities.put(instead, [kind, id]);
    else await entities.delete([kind, id]);
  }
  await counters.put(seenRevision + 1, "revision");
  await transaction.done;
}

async function writeOnce(database: IDBPDatabase<Tables>, write: Write): Promise<void> {
  const transaction = database.transaction(TABLES, "readwrite", {
    durability: "strict",
  });
  // An aborted transaction rejects `done` too; it is awaited below or of no interest.
  transaction.done.catch(() => undefined);
  const counters = transaction.objectStore("counters");
  if (((await counters.get("revision")) ?? 0) !== write.seenRevision) {
    transaction.abort();
    throw new FellBehind();
  }
  const entities = transaction.objectStore("entities");
  const requests: Promise<unknown>[] = write.changes.map((change) =>
    change.after === null
      ? entities.delete([change.kind, change.id])
      : entities.put(change.after, [change.kind, change.id]),
  );
  const steps = transaction.objectStore("steps");
  for (const number of write.steps.remove) requests.push(steps.delete(number));
  for (const [number, step] of write.steps.put) requests.push(steps.put(step, number));
  requests.push(counters.put(write.seenRevision + 1, "revision"));
  // An earlier version of the program, still open in another tab, goes by it.
  requests.push(counters.put(write.lastApplied, "position"));
  await Promise.all([...requests, transaction.done]);
}
