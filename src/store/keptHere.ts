import { openDB, type DBSchema } from "idb";

/** What belongs to this device and not to the garden: it goes into no file and to no other device. */
interface KeptHere extends DBSchema {
  kept: { key: string; value: unknown };
}

const DATABASE = "late-ember-device";
const VERSION = 1;

function open() {
  return openDB<KeptHere>(DATABASE, VERSION, {
    upgrade: (database) => void database.createObjectStore("kept"),
    // Another tab of a newer version goes first.
    blocking: (_current, _blocked, event) => (event.target as IDBDatabase).close(),
  });
}

/** @returns null where nothing is kept under the key, or this browser keeps nothing */
export async function keptOnDevice(key: string): Promise<unknown> {
  try {
    const database = await open();
    const value: unknown = await database.get("kept", key);
    database.close();
    return value ?? null;
  } catch {
    return null;
  }
}

/**
 * Keeps a value on this device; `null` forgets it.
 *
 * @returns whether this browser keeps it
 */
export async function keepOnDevice(key: string, value: unknown): Promise<boolean> {
  try {
    const database = await open();
    if (value === null) await database.delete("kept", key);
    else await database.put("kept", value, key);
    database.close();
    return true;
  } catch {
    return false;
  }
}
