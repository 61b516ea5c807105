import {
  checkGardenFile,
  damagedIn,
  migrateEntity,
  toGardenFile,
  without,
  type CheckedFile,
} from "../gardenFile";
import { emptyGarden, isEntityKind, withChanges, type Change } from "../garden";
import { fact, type Fact } from "../facts";

/**
 * The garden that is in a file of everything a browser keeps, as far as it reads.
 *
 * @param content of the `late-ember-everything` format, otherwise unchecked
 * @param inThisVersion brings the content of a garden file up to this version
 */
export function gardenFromEverything(
  content: object,
  inThisVersion: (file: object) => object,
  mostProblems: number,
): CheckedFile & { left?: Fact[] } {
  const { version, tables, inMemory } = content as Record<string, unknown>;
  const rows = tablesOf(tables);
  if (rows.length === 0 && typeof inMemory === "object" && inMemory !== null) {
    return checkGardenFile(inThisVersion(inMemory), mostProblems);
  }
  const from = typeof version === "number" ? version : 1;
  const changes = rows.flatMap((row): Change[] => {
    const [kind, id] = Array.isArray(row.key) ? (row.key as unknown[]) : [];
    if (typeof kind !== "string" || typeof id !== "string" || !isEntityKind(kind)) return [];
    const after: unknown = migrateEntity(kind, row.value, from);
    return [{ kind, id, before: null, after } as Change];
  });
  const kept = withChanges(emptyGarden(), changes);
  const damaged = damagedIn(kept);
  const checked = checkGardenFile(toGardenFile(without(kept, damaged)), mostProblems);
  if (!checked.ok) return checked;
  return {
    ...checked,
    left: damaged.map(({ what, message }) => fact("gardenFile.leftOut", { what, message })),
  };
}

interface Row {
  key: unknown;
  value: unknown;
}

function tablesOf(tables: unknown): Row[] {
  const { entities } = (typeof tables === "object" && tables !== null ? tables : {}) as {
    entities?: unknown;
  };
  if (!Array.isArray(entities)) return [];
  return entities.filter((row): row is Row => typeof row === "object" && row !== null);
}
