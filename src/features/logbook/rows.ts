import { dayNumber, type DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import type { LogEntry } from "@/core/log";
import { amountWords, kindWords, subjectOf } from "@/core/logbook";
import type { LocalWording } from "@/ui/wording";

/** A line of the logbook's table. */
export interface LogRow {
  key: string;
  day: DayNumber;
  kind: string;
  subject: string;
  place: string;
  amount: string;
  note: string;
  /** Null for a night of a thermometer, which is kept with its shelter. */
  entry: LogEntry | null;
  thermometerDayId: string | null;
}

/** What is looked for in the log. */
export interface LogFilter {
  text: string;
  /** A kind as it is told in the table; empty for all. */
  kind: string;
  fromDay: DayNumber | null;
  untilDay: DayNumber | null;
}

/** Everything of the log, the latest first: entries, and the nights that thermometers were read. */
export function logRows(garden: Garden, wording: LocalWording): LogRow[] {
  const entries = [...garden.logEntries.values()].map((entry): LogRow => ({
    key: entry.id,
    day: dayNumber(entry.on),
    kind: kindWords(entry.what),
    ...subjectOf(garden, entry),
    amount: amountWords(entry, wording),
    note: entry.note,
    entry,
    thermometerDayId: null,
  }));
  const nights = [...garden.thermometerDays.values()].map((night): LogRow => {
    const { under } = night;
    const there = under.kind === "bed" ? garden.beds.get(under.id) : garden.shelters.get(under.id);
    return {
      key: `night-${night.id}`,
      day: dayNumber(night.on),
      kind: "Temperature",
      subject: "",
      place: there?.name ?? "",
      amount: `lowest ${wording.temperature(night.insideMinC, 1)}, ${wording.temperature(night.outsideMinC, 1)} outside`,
      note: "",
      entry: null,
      thermometerDayId: night.id,
    };
  });
  return [...entries, ...nights].sort((a, b) => b.day - a.day || (a.key < b.key ? 1 : -1));
}

/** The rows that a filter leaves. */
export function filtered(rows: readonly LogRow[], filter: LogFilter): LogRow[] {
  const words = filter.text.toLowerCase().split(/\s+/).filter(Boolean);
  return rows.filter((row) => {
    if (filter.kind !== "" && row.kind !== filter.kind) return false;
    if (filter.fromDay !== null && row.day < filter.fromDay) return false;
    if (filter.untilDay !== null && row.day > filter.untilDay) return false;
    const text = `${row.kind} ${row.subject} ${row.place} ${row.amount} ${row.note}`.toLowerCase();
    return words.every((word) => text.includes(word));
  });
}

/** What was picked in some rows: by weight, and by count. */
export function pickedIn(rows: readonly LogRow[]): { grams: number; count: number } {
  let [grams, count] = [0, 0];
  for (const { entry } of rows) {
    if (entry?.what.kind !== "harvested") continue;
    grams += entry.what.grams ?? 0;
    count += entry.what.count ?? 0;
  }
  return { grams, count };
}
