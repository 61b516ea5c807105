import { withChanges, type Change, type Garden } from "@/core/garden";
import type { Damaged } from "@/core/gardenFile";

/** A step that undo can take back: what it is called and what it changed. */
export interface Step {
  label: string;
  changes: Change[];
}

/** What is kept: the garden, its steps, and how far they are applied. */
export interface Stored {
  garden: Garden;
  /** Grows by one with each write; tells tabs apart that have fallen behind. */
  revision: number;
  /** Steps by number, oldest first, at most `STEPS_KEPT`. */
  steps: Map<number, Step>;
  /** Number of the last step applied; the ones after it can be redone. */
  position: number;
}

/** One durable write: the entities it changes, and what it does to the steps. */
export interface Write {
  changes: readonly Change[];
  /** The revision the writer has seen; another one in the store means that it fell behind. */
  seenRevision: number;
  /** The last applied step afterwards. */
  position: number;
  /** A new step to keep at `position`; later ones are dropped. */
  step: Step | null;
}

/** Where a garden is kept. One transaction a write: all of it, or nothing. */
export interface Storage {
  load(): Promise<Stored>;
  /** @throws FellBehind when another tab has written since; nothing is written then */
  write(write: Write): Promise<void>;
  /**
   * Takes what does not read out of the garden, and keeps it beside it as it is.
   *
   * @throws FellBehind as `write` does
   */
  setAside(damaged: readonly Damaged[], seenRevision: number): Promise<void>;
}

/** Something that did not read, as it was kept. */
export interface SetAside {
  kind: string;
  id: string;
  /** What is wrong with it, in a sentence. */
  message: string;
  entity: unknown;
}

/** Another tab has written in between. */
export class FellBehind extends Error {}

/** Steps that undo can go back. */
export const STEPS_KEPT = 100;

/** What is kept after a write: the same in memory as in the database. */
export function afterWrite(before: Stored, write: Write): Stored {
  let { steps } = before;
  if (write.step) {
    const still = [...steps].filter(
      ([number]) => number < write.position && number > write.position - STEPS_KEPT,
    );
    steps = new Map([...still, [write.position, write.step]]);
  }
  return {
    garden: withChanges(before.garden, write.changes),
    revision: write.seenRevision + 1,
    position: write.position,
    steps,
  };
}
