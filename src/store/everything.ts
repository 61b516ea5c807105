import { openDB } from "idb";
import { EVERYTHING_FORMAT, toGardenFile } from "@/core/gardenFile";
import type { Garden } from "@/core/garden";
import { DATABASE } from "./database";

/**
 * All that this browser keeps, as it is kept: also what does not read, also of a database that is
 * newer than this program. What is in memory alone is added where a garden is given.
 *
 * @param inMemory the garden on the screen, where there is one
 * @returns the text of a file, which the import reads as far as it can be read
 */
export async function everythingAsText(
  inMemory: Garden | null,
  name = DATABASE,
  now: Date = new Date(),
): Promise<string> {
  const kept = await keptTables(name).catch((error: unknown) => ({
    version: null,
    tables: {},
    unread: String(error),
  }));
  const content = {
    format: EVERYTHING_FORMAT,
    savedAt: now.toISOString(),
    ...kept,
    inMemory: inMemory && toGardenFile(inMemory),
  };
  return `${JSON.stringify(content)}\n`;
}

async function keptTables(name: string) {
  // Without a version the database opens as it is, and nothing is brought up to anything.
  const database = await openDB(name);
  try {
    const tables: Record<string, { key: unknown; value: unknown }[]> = {};
    for (const table of database.objectStoreNames) {
      const [keys, values] = await Promise.all([
        database.getAllKeys(table),
        database.getAll(table),
      ]);
      tables[table] = keys.map((key, index) => ({ key, value: values[index] as unknown }));
    }
    return { version: database.version, tables };
  } finally {
    database.close();
  }
}
