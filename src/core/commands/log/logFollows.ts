import type { Change, Garden } from "../../garden";
import type { LogEntry, Logged } from "../../log";

/** What goes out of the garden. */
export interface Gone {
  kind: "planting" | "bed" | "shelter" | "seedLot" | "storeLot";
  ids: ReadonlySet<string>;
}

/**
 * What follows in the log when something leaves the garden: entries about it go with it, and work
 * done there is still told, by its name alone.
 */
export function logWithout(garden: Garden, gone: Gone): Change[] {
  return [...garden.logEntries.values()].flatMap((before): Change[] => {
    const what = without(before.what, gone);
    if (what === before.what) return [];
    const after: LogEntry | null = what && { ...before, what };
    return [{ kind: "logEntry", id: before.id, before, after }];
  });
}

/** What is logged without something; null when nothing is left of it, itself when it had none of it. */
function without(what: Logged, { kind, ids }: Gone): Logged | null {
  const has = (id: string | null) => id !== null && ids.has(id);
  switch (what.kind) {
    case "temperature":
      return what.under && what.under.kind === kind && has(what.under.id) ? null : what;
    case "seen":
    case "worked":
    case "skipped":
    case "putOff":
      if (kind === "planting" && has(what.plantingId)) return { ...what, plantingId: null };
      if (kind === "bed" && has(what.bedId)) return { ...what, bedId: null };
      return what;
    case "taken":
      return kind === "storeLot" && has(what.storeLotId) ? null : what;
    case "sown":
      if (kind === "seedLot" && has(what.lotId)) return { ...what, lotId: null };
      return kind === "planting" && has(what.plantingId) ? null : what;
    default:
      return kind === "planting" && has(what.plantingId) ? null : what;
  }
}

/** What is in store stays when the plantings that it was lifted from go: it is no longer told whence it came. */
export function storeWithoutPlantings(garden: Garden, ids: ReadonlySet<string>): Change[] {
  return [...garden.storeLots.values()].flatMap((before): Change[] =>
    before.plantingId !== null && ids.has(before.plantingId)
      ? [{ kind: "storeLot", id: before.id, before, after: { ...before, plantingId: null } }]
      : [],
  );
}

/** Nothing is left for seed of plantings that go. */
export function seedPlansWithout(garden: Garden, ids: ReadonlySet<string>): Change[] {
  return [...garden.seedPlans.values()].flatMap((before): Change[] =>
    ids.has(before.plantingId) ? [{ kind: "seedPlan", id: before.id, before, after: null }] : [],
  );
}
