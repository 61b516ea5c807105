import type { Logged } from "../log";
import { fact, type Fact } from "../facts";
import type { Clause } from "./clause";

/**
 * The part as it was written, where it says more than its entry can hold: nothing that was typed is
 * dropped in silence.
 */
export function noteOf(clause: Clause, what: Logged, isNew: boolean): string {
  const said: (keyof Clause)[] = [
    "grams",
    "count",
    "outOf",
    "rows",
    "lengthM",
    "share",
    "cause",
    "pestId",
  ];
  const held = new Set<keyof Clause>(HELD[what.kind]);
  if (isNew) for (const field of ["rows", "lengthM"] as const) held.add(field);
  // A pest is said as the cause of a loss.
  if (held.has("cause") && clause.cause !== null) held.add("pestId");
  return said.some((field) => clause[field] !== null && !held.has(field)) ? clause.text : "";
}

/** What of a part each kind of entry holds. */
const HELD: Partial<Record<Logged["kind"], readonly (keyof Clause)[]>> = {
  sown: ["count"],
  emerged: ["count", "outOf"],
  plantedOut: ["count"],
  harvested: ["grams", "count"],
  lost: ["share", "count", "cause"],
  seen: ["pestId"],
};

/** What is told of a part that is kept with a note; null where none is. */
export function keptNote(note: string): Fact | null {
  return note === "" ? null : fact("logbook.savedWithTheNote", { note });
}
