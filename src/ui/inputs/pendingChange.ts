/**
 * A change by keys is shown at once and kept after a moment's rest. Undo in that moment must take
 * back what is seen, not the step before it: whoever shows an unkept change says here how to drop it.
 */
let dropShown: (() => void) | null = null;

/** A change is shown that is not kept yet. */
export function markPending(drop: () => void): void {
  dropShown = drop;
}

/** The change is kept or gone; another's is left alone. */
export function clearPending(drop: () => void): void {
  if (dropShown === drop) dropShown = null;
}

/** Drops a change that is shown and not kept. False when there is none. */
export function dropPending(): boolean {
  const drop = dropShown;
  dropShown = null;
  drop?.();
  return drop !== null;
}
