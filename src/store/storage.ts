import { withChanges, type Change, type Garden } from "@/core/garden";
import type { Damaged } from "@/core/gardenFile";
import { stepsAfter, type Steps, type StepsWritten } from "./steps";

/** What is kept: the garden, and the steps that led to it. */
export interface Stored {
  garden: Garden;
  /** Grows by one with each write; tells tabs apart that have fallen behind. */
  revision: number;
  steps: Steps;
}

/** One durable write: the entities it changes, and what it does to the steps. */
export interface Write {
  changes: readonly Change[];
  /** The revision the writer has seen; another one in the store means that it fell behind. */
  seenRevision: number;
  steps: StepsWritten;
  /** The number of the last step applied afterwards. */
  lastApplied: number;
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

/** What is kept after a write: the same in memory, in the database and in other tabs. */
export function afterWrite({ garden, steps }: Stored, write: Write): Stored {
  return {
    garden: withChanges(garden, write.changes),
    revision: write.seenRevision + 1,
    steps: stepsAfter(steps, write.steps),
  };
}
