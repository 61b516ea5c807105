import { LogEntrySchema, type LogEntry, type Logged, type LossCause } from "@/core/log";
import { celsius, fahrenheit, type Units } from "@/core/wording";
import { readTyped } from "@/ui/inputs";

/** An entry as it stands in its form: every field as it is typed. */
export interface EntryFields {
  on: string;
  note: string;
  /** Kilograms or pounds. */
  weight: string;
  count: string;
  outOf: string;
  percent: string;
  cause: LossCause;
  isLast: boolean;
  temperature: string;
}

const GRAMS_IN = { metric: 1000, imperial: 453.59237 } as const;

export function fieldsOf({ on, note, what }: LogEntry, units: Units): EntryFields {
  const grams = what.kind === "harvested" ? what.grams : null;
  const tempC = what.kind === "temperature" ? what.tempC : null;
  return {
    on,
    note,
    weight: grams === null ? "" : String(Math.round((grams / GRAMS_IN[units]) * 1000) / 1000),
    count: text(countOf(what)),
    outOf: text(what.kind === "emerged" ? what.outOf : null),
    percent: what.kind === "lost" ? String(Math.round(what.share * 100)) : "",
    cause: what.kind === "lost" ? what.cause : "other",
    isLast: what.kind === "harvested" && what.isLast,
    temperature:
      tempC === null
        ? ""
        : String(Math.round((units === "imperial" ? fahrenheit(tempC) : tempC) * 10) / 10),
  };
}

function countOf(what: Logged): number | null {
  switch (what.kind) {
    case "harvested":
      return what.count;
    case "emerged":
      return what.up;
    case "plantedOut":
      return what.plants;
    case "sown":
      return what.seeds;
    default:
      return null;
  }
}

function text(value: number | null): string {
  return value === null ? "" : String(value);
}

type Read = { ok: true; entry: LogEntry } | { ok: false; problem: string };

/** The entry as its form says it; what cannot be is told in a sentence. */
export function entryFrom(before: LogEntry, fields: EntryFields, units: Units): Read {
  const changed = {
    ...before,
    on: fields.on,
    note: fields.note,
    what: whatFrom(before.what, fields, units),
  };
  const read = LogEntrySchema.safeParse(changed);
  if (read.success) return { ok: true, entry: read.data };
  return { ok: false, problem: read.error.issues[0]?.message ?? "This cannot be read." };
}

function whatFrom(what: Logged, fields: EntryFields, units: Units): Logged {
  const count = numberOf(fields.count);
  switch (what.kind) {
    case "harvested": {
      const weight = numberOf(fields.weight);
      const grams = weight === null ? null : weight * GRAMS_IN[units];
      return { ...what, grams, count, isLast: fields.isLast };
    }
    case "emerged":
      return { ...what, up: count, outOf: numberOf(fields.outOf) };
    case "plantedOut":
      return { ...what, plants: count };
    case "sown":
      return { ...what, seeds: count };
    case "lost":
      return { ...what, cause: fields.cause, share: (numberOf(fields.percent) ?? 0) / 100 };
    case "temperature": {
      const typed = numberOf(fields.temperature) ?? NaN;
      return { ...what, tempC: units === "imperial" ? celsius(typed) : typed };
    }
    default:
      return what;
  }
}

/** A number as it is typed; null where nothing is. */
function numberOf(typed: string): number | null {
  return typed.trim() === "" ? null : readTyped(typed);
}
