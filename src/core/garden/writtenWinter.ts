import type { RehearsedWinter } from "../climate";
import type { LogEntry } from "../log";
import type { Garden } from "./garden";

/** A rehearsed winter with what would be written down in it. */
export interface WrittenWinter {
  rehearsed: RehearsedWinter;
  entries: readonly LogEntry[];
}

/** A garden as it would be in a winter that was lived through: its weather, and what was written down. */
export function inWrittenWinter(garden: Garden, { entries, rehearsed }: WrittenWinter): Garden {
  return {
    ...garden,
    rehearsed,
    // What is told of the real days to come does not hold there.
    outlook: null,
    logEntries: new Map([...garden.logEntries, ...entries.map((one) => [one.id, one] as const)]),
  };
}
