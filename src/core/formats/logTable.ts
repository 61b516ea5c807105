import type { Garden } from "../garden";
import type { LogEntry } from "../log";
import { subjectOf } from "../logbook";
import { writeCsv } from "./csv";
import type { FileWords } from "./fileWords";

const COLUMNS = [
  "on",
  "what",
  "crop",
  "where",
  "weight_g",
  "count",
  "out_of",
  "lost_share",
  "cause",
  "temp_c",
  "outside_temp_c",
  "pest",
  "until",
  "note",
  "device",
  "role",
  "id",
];

/** The log as CSV, one entry a line, in the order of the days. */
export function writeLogCsv(garden: Garden, words: FileWords): string {
  const entries = [...garden.logEntries.values()].map((entry) => rowOf(garden, entry, words));
  const nights = [...garden.thermometerDays.values()].map((night) => ({
    on: night.on,
    what: words.temperature,
    where:
      (night.under.kind === "bed" ? garden.beds : garden.shelters).get(night.under.id)?.name ?? "",
    temp_c: night.insideMinC,
    outside_temp_c: night.outsideMinC,
    id: night.id,
  }));
  const rows = [...entries, ...nights].sort(
    (a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0) || (a.id < b.id ? -1 : 1),
  );
  return writeCsv(garden.settings.units, COLUMNS, rows);
}

function rowOf(
  garden: Garden,
  entry: LogEntry,
  words: FileWords,
): Record<string, string | number> & { on: string; id: string } {
  const { subject, place } = subjectOf(garden, entry);
  const base = {
    on: entry.on,
    what: words.logged(entry.what),
    crop: words.tell(subject),
    where: words.tell(place),
    note: entry.note,
    device: entry.by?.device ?? "",
    role: entry.by?.role ?? "",
    id: entry.id,
  };
  return { ...base, ...amountsOf(entry) };
}

function amountsOf({ what }: LogEntry): Record<string, string | number> {
  switch (what.kind) {
    case "sown":
      return { count: what.seeds ?? "" };
    case "emerged":
      return { count: what.up ?? "", out_of: what.outOf ?? "" };
    case "plantedOut":
      return { count: what.plants ?? "" };
    case "harvested":
      return { weight_g: what.grams ?? "", count: what.count ?? "" };
    case "taken":
      return { weight_g: what.grams, cause: what.why };
    case "lost":
      return { lost_share: what.share, cause: what.cause };
    case "temperature":
      return what.under === null ? { outside_temp_c: what.tempC } : { temp_c: what.tempC };
    case "seen":
      return { pest: what.pestId ?? "" };
    case "putOff":
      return { until: what.untilOn };
    default:
      return {};
  }
}
