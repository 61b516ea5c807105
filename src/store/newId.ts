const BYTES = 8;

/**
 * A new id of a kind: "tray-3f9c2b71a04e55d2".
 *
 * `crypto.randomUUID` would be at hand only over https and on this very machine; a garden served to a
 * phone over the home network has neither.
 */
export function newId(kind: string): string {
  const bytes = crypto.getRandomValues(new Uint8Array(BYTES));
  return `${kind}-${Array.from(bytes, (byte) => byte.toString(16).padStart(2, "0")).join("")}`;
}
