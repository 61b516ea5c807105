import type { DBSchema } from "idb";
import type { Entity, EntityKind } from "@/core/garden";
import type { SetAside } from "./storage";
import type { Step } from "./steps";

/** What the database holds. */
export interface Tables extends DBSchema {
  /** Every entity of the garden under its kind and id. */
  entities: { key: [EntityKind, string]; value: Entity };
  /** Steps for undo and redo under their numbers. */
  steps: { key: number; value: Step };
  counters: { key: "revision" | "position"; value: number };
  /** What did not read, as it was kept: for "Save everything as a file". */
  aside: { key: number; value: SetAside };
}
