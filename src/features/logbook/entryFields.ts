import { z } from "zod";
import { LOSS_CAUSES, LogEntrySchema, type LogEntry, type Logged } from "@/core/log";
import { GRAMS_IN, celsius, fahrenheit, type Units } from "@/core/units";
import { maybeAmount } from "@/ui/forms";
import { logbook as say } from "@/words/en/logbook";
import { toldMessage } from "@/ui/wording";
import "@/words/en/facts/log";

/** An entry as it stands in its form; NaN where no number is known. */
export const EntryFieldsSchema = z.object({
  on: z.string(),
  note: z.string(),
  /** Kilograms or pounds. */
  weight: maybeAmount,
  count: maybeAmount,
  outOf: maybeAmount,
  percent: maybeAmount,
  cause: z.enum(LOSS_CAUSES),
  isLast: z.boolean(),
  temperature: maybeAmount,
});

export type EntryFields = z.infer<typeof EntryFieldsSchema>;

export function fieldsOf({ on, note, what }: LogEntry, units: Units): EntryFields {
  const grams = what.kind === "harvested" ? what.grams : null;
  const tempC = what.kind === "temperature" ? what.tempC : null;
  return {
    on,
    note,
    weight: grams === null ? NaN : Math.round((grams / GRAMS_IN[units]) * 1000) / 1000,
    count: countOf(what) ?? NaN,
    outOf: (what.kind === "emerged" ? what.outOf : null) ?? NaN,
    percent: what.kind === "lost" ? Math.round(what.share * 100) : NaN,
    cause: what.kind === "lost" ? what.cause : "other",
    isLast: what.kind === "harvested" && what.isLast,
    temperature:
      tempC === null
        ? NaN
        : Math.round((units === "imperial" ? fahrenheit(tempC) : tempC) * 10) / 10,
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
  const [issue] = read.error.issues;
  return { ok: false, problem: issue ? toldMessage(issue.message) : say.thisCannotBeRead };
}

function whatFrom(what: Logged, fields: EntryFields, units: Units): Logged {
  const count = known(fields.count);
  switch (what.kind) {
    case "harvested": {
      const weight = known(fields.weight);
      const grams = weight === null ? null : weight * GRAMS_IN[units];
      return { ...what, grams, count, isLast: fields.isLast };
    }
    case "emerged":
      return { ...what, up: count, outOf: known(fields.outOf) };
    case "plantedOut":
      return { ...what, plants: count };
    case "sown":
      return { ...what, seeds: count };
    case "lost":
      return { ...what, cause: fields.cause, share: (known(fields.percent) ?? 0) / 100 };
    case "temperature": {
      const { temperature } = fields;
      return { ...what, tempC: units === "imperial" ? celsius(temperature) : temperature };
    }
    default:
      return what;
  }
}

/** A number of a field; null where there is none. */
function known(value: number): number | null {
  return Number.isNaN(value) ? null : value;
}
