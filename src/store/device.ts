import type { Change } from "@/core/garden";
import type { Writer } from "@/core/log";

const KEY = "late-ember-device";

/** Which device this is and who uses it, as far as it was told; null where nobody said. */
export function thisDevice(): Writer | null {
  try {
    const { device, role } = JSON.parse(localStorage.getItem(KEY) ?? "null") as Writer;
    return typeof device === "string" && (role === null || typeof role === "string")
      ? { device, role }
      : null;
  } catch {
    // Nothing is kept here, or nobody said.
    return null;
  }
}

/**
 * Keeps what this device is called.
 *
 * @returns whether this browser keeps it
 */
export function nameDevice(writer: Writer | null): boolean {
  try {
    if (writer) localStorage.setItem(KEY, JSON.stringify(writer));
    else localStorage.removeItem(KEY);
    return true;
  } catch {
    return false;
  }
}

/** Changes with each new entry of the log signed; one that comes from elsewhere keeps its own writer. */
export function signed(changes: readonly Change[], by: Writer | null): Change[] {
  return changes.map((change) =>
    by && change.kind === "logEntry" && !change.before && change.after && !change.after.by
      ? { ...change, after: { ...change.after, by } }
      : change,
  );
}
