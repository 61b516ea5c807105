import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { isoDate } from "@/core/calendar";
import { writeGardenFile } from "@/core/formats";
import type { Garden } from "@/core/garden";
import type { LogEntry } from "@/core/log";
import { joinGardens, openEngine, withHistory } from "@/joining";
import { DAY, largeGarden } from "./largeGarden";
import { report } from "./timing";

const ENTRIES = 20_000;
/** What each device did since both had the same file: a season of a garden of sixteen households. */
const WRITTEN = 2_000;
const MOVED = 200;
const PLANTINGS = 2_000;

/** Two devices' gardens made one: the time of it, and by how much the history makes the file longer. */
export async function benchJoining(): Promise<void> {
  const wasm = createRequire(import.meta.url).resolve("@automerge/automerge/automerge.wasm");
  await openEngine(() => Promise.resolve(new Uint8Array(readFileSync(wasm))));
  const start = withEntries({ ...largeGarden(PLANTINGS), history: null }, "e", ENTRIES);
  const plain = bytesOf(start);
  const shared = withHistory(start);
  const first = bytesOf(shared);
  report(`history of ${ENTRIES} entries, share of the garden's file`, first / plain, 1.5, "times");
  const [a, b] = [seasonOf(shared, "a", 1), seasonOf(shared, "b", -1)].map(withHistory);
  if (!a || !b) throw new Error("two devices");
  const began = performance.now();
  const { garden, conflicts } = joinGardens(a, b);
  report(
    `two gardens of ${ENTRIES + WRITTEN} entries joined, ${conflicts.length} fields set on both`,
    performance.now() - began,
    15_000,
    "ms",
  );
  if (garden.logEntries.size !== ENTRIES + 2 * WRITTEN) throw new Error("entries are missing");
  const grown = bytesOf(garden) - first;
  const written = bytesOf({ ...garden, history: null }) - plain;
  report(`what the file has grown by, against what was written`, grown / written, 2, "times");
}

function bytesOf(garden: Garden): number {
  return Buffer.byteLength(writeGardenFile(garden));
}

function withEntries(garden: Garden, mark: string, count: number): Garden {
  const plantings = [...garden.plantings.keys()];
  const logEntries = new Map(garden.logEntries);
  for (let index = 0; index < count; index += 1) {
    const entry: LogEntry = {
      id: `${mark}${index}`,
      on: isoDate(DAY - (index % 900)),
      taskId: null,
      what: {
        kind: "harvested",
        plantingId: plantings[index % plantings.length] ?? "",
        grams: 100 + (index % 50),
        count: null,
        isLast: false,
      },
      note: "",
    };
    logEntries.set(entry.id, entry);
  }
  return { ...garden, logEntries };
}

/** One device's season: entries of its own, and plantings moved by some days. */
function seasonOf(garden: Garden, mark: string, days: number): Garden {
  const plantings = new Map(garden.plantings);
  for (const planting of [...plantings.values()].slice(0, MOVED)) {
    plantings.set(planting.id, { ...planting, inRowCm: planting.inRowCm + days });
  }
  return withEntries({ ...garden, plantings }, mark, WRITTEN);
}
