import { dayNumber, type DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import type { LogEntry, ThermometerDay } from "@/core/log";
import { subjectOf } from "@/core/logbook";
import { amountWords, kindWords } from "@/words/en/entries";
import type { LocalWording } from "@/ui/wording";
import { logbook as say } from "@/words/en/logbook";
import { told } from "@/ui/wording";
import "@/words/en/facts/tasks";
import "@/words/en/facts/logbook";

/** A line of the logbook's table. */
export interface LogRow {
  readonly key: string;
  readonly day: DayNumber;
  readonly kind: string;
  readonly subject: string;
  readonly place: string;
  readonly amount: string;
  /** The amount as the number that it is sorted by: grams, else a count, a share or °C; 0 without one. */
  readonly size: number;
  readonly note: string;
  /** Which device wrote it, and who used that; empty where nobody said. */
  readonly writer: string;
  /** Null for a night of a thermometer, which is kept with its shelter. */
  readonly entry: LogEntry | null;
  readonly thermometerDayId: string | null;
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
  const rows: LogRow[] = [];
  for (const entry of garden.logEntries.values()) rows.push(new EntryRow(garden, entry, wording));
  for (const night of garden.thermometerDays.values()) rows.push(nightRow(garden, night, wording));
  return rows.sort((a, b) => b.day - a.day || (a.key < b.key ? 1 : -1));
}

/** An entry as a row. Its words are made when they are asked for: of thousands few are on the screen. */
class EntryRow implements LogRow {
  readonly key: string;
  readonly day: DayNumber;
  readonly thermometerDayId = null;
  private names: ReturnType<typeof subjectOf> | null = null;

  constructor(
    private readonly garden: Garden,
    readonly entry: LogEntry,
    private readonly wording: LocalWording,
  ) {
    this.key = entry.id;
    this.day = dayNumber(entry.on);
  }

  get kind(): string {
    return kindWords(this.entry.what);
  }
  get subject(): string {
    return told(this.where.subject);
  }
  get place(): string {
    return told(this.where.place);
  }
  get amount(): string {
    return amountWords(this.entry, this.wording);
  }
  get size(): number {
    const { what } = this.entry;
    switch (what.kind) {
      case "harvested":
        return what.grams ?? what.count ?? 0;
      case "taken":
        return what.grams;
      case "sown":
        return what.seeds ?? 0;
      case "emerged":
        return what.up ?? 0;
      case "plantedOut":
        return what.plants ?? 0;
      case "lost":
        return what.share;
      case "temperature":
        return what.tempC;
      default:
        return 0;
    }
  }
  get note(): string {
    return this.entry.note;
  }

  get writer(): string {
    const { by } = this.entry;
    return by ? [by.device, by.role].filter(Boolean).join(", ") : "";
  }

  private get where() {
    this.names ??= subjectOf(this.garden, this.entry);
    return this.names;
  }
}

function nightRow(garden: Garden, night: ThermometerDay, wording: LocalWording): LogRow {
  const { under } = night;
  const there = under.kind === "bed" ? garden.beds.get(under.id) : garden.shelters.get(under.id);
  return {
    key: `night-${night.id}`,
    day: dayNumber(night.on),
    kind: "Temperature",
    subject: "",
    place: there?.name ?? "",
    amount: say.lowestOutside({
      temperature: wording.temperature(night.insideMinC, 1),
      temperature2: wording.temperature(night.outsideMinC, 1),
    }),
    size: night.insideMinC,
    note: "",
    writer: "",
    entry: null,
    thermometerDayId: night.id,
  };
}

/** The rows that a filter leaves. */
export function filtered(rows: readonly LogRow[], filter: LogFilter): LogRow[] {
  const words = filter.text.toLowerCase().split(/\s+/).filter(Boolean);
  return rows.filter((row) => {
    if (filter.kind !== "" && row.kind !== filter.kind) return false;
    if (filter.fromDay !== null && row.day < filter.fromDay) return false;
    if (filter.untilDay !== null && row.day > filter.untilDay) return false;
    if (words.length === 0) return true;
    const text =
      `${row.kind} ${row.subject} ${row.place} ${row.amount} ${row.note} ${row.writer}`.toLowerCase();
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
