import { dateWords, isoDate, type DayNumber } from "../calendar";
import { cropsOf, type Bed, type Garden, type Planting } from "../garden";
import { LogEntrySchema, type LogEntry, type Logged } from "../log";
import { amountsFor, plantingName, standOf, usualYieldKg } from "../plantings";
import type { Wording } from "../wording";
import { clausesOf, readClause, type Clause } from "./clause";
import { loggedWords } from "./entryWords";
import { plantingsMeant } from "./fit";
import { asPairs } from "./nightPairs";
import { namesIn } from "./names";
import { noteOf, noteWords } from "./notes";
import { Unreadable, type LineContext, type Understood } from "./understood";
import { unplannedPlanting } from "./unplanned";
import type { Deed } from "./vocabulary";

export type ReadLine =
  { ok: true; understood: Understood[] } | { ok: false; problem: string; word: string | null };

/**
 * Reads a line of the log: one part or several, each a deed with its crop, bed, amount and day, or a
 * temperature.
 *
 * @example readLine("sowed 2 rows spinach bed 7", context)
 * @example readLine("-3.5 in the house, -9 out", context)
 * @example readLine("1.2 kg kale", context)
 */
export function readLine(line: string, context: LineContext): ReadLine {
  const { garden, today } = context;
  const names = namesIn(garden);
  const parts = clausesOf(line, names, context);
  if (parts.length === 0) {
    return { ok: false, problem: "Type what happened: “1.2 kg kale”.", word: null };
  }
  try {
    const all = parts.map((part) => readClause(part, names, garden.settings.units, today));
    const day = all.find((clause) => clause.day !== null)?.day ?? null;
    const clauses = all.filter((clause, index) => index === 0 || !isOnlyDay(clause));
    carryOn(clauses, day);
    return {
      ok: true,
      understood: asPairs(
        clauses.map((clause) => understand(clause, context)),
        context,
      ),
    };
  } catch (error) {
    if (!(error instanceof Unreadable)) throw error;
    return { ok: false, problem: error.message, word: error.word };
  }
}

/** What one part says holds for those after it: the deed and the place; the day for all. */
function carryOn(clauses: Clause[], day: DayNumber | null): void {
  clauses.forEach((clause, index) => {
    clause.day ??= day;
    const before = clauses[index - 1];
    if (!before || clause.tempC !== null) return;
    const isListed = clause.deed === null && clause.grams === null && clause.count === null;
    clause.deed ??= before.deed;
    clause.plainWork ??= before.plainWork;
    // "Sowed spinach and radish bed 7": the place stands after both.
    if (isListed && before.bedId === null && before.shelterId === null && before.tempC === null) {
      before.bedId = clause.crop === null ? null : clause.bedId;
    }
    if (clause.bedId === null && clause.shelterId === null && clause.crop === null) {
      clause.bedId = before.bedId;
      clause.shelterId = before.shelterId;
    }
  });
}

/** A part that tells the day alone: "1 kg kale, yesterday". */
function isOnlyDay(clause: Clause): boolean {
  const { day, deed, plainWork, crop, bedId, shelterId, grams, count, tempC, pestId } = clause;
  const said = [deed, plainWork, crop, bedId, shelterId, grams, count, tempC, pestId];
  return day !== null && said.every((one) => one === null) && clause.unknown.length === 0;
}

function understand(clause: Clause, context: LineContext): Understood {
  const day = clause.day ?? context.day;
  if (day > context.today) {
    throw new Unreadable(
      `${dateWords(day, context.today)} is in the future: the log takes what has happened.`,
    );
  }
  const deed = deedOf(clause);
  const isFree = deed?.kind === "seen" || clause.plainWork !== null;
  const [unknown] = clause.unknown;
  if (unknown !== undefined && !isFree) {
    throw new Unreadable(
      `“${unknown}” is not recognized: name a crop, a bed, a shelter or what you did.`,
      unknown,
    );
  }
  if (clause.tempC !== null) return temperature(clause, day, context);
  if (clause.plainWork !== null) return observed(clause, day, context);
  if (!deed) {
    const what = clause.crop ? `the ${clause.crop.words}` : `“${clause.text}”`;
    throw new Unreadable(
      `What did you do with ${what}? Start with sowed, planted, picked, lost, watered or saw.`,
    );
  }
  if (deed.kind === "seen") return observed(clause, day, context);
  if (deed.kind === "worked") return worked(clause, deed, day, context);
  return ofPlanting(clause, deed.kind, day, context);
}

/** The deed that is said, or that the amount and the pest leave no doubt of. */
function deedOf({ deed, grams, crop, count, pestId, share, cause }: Clause): Deed | null {
  if (deed) return deed;
  if (grams !== null || (crop !== null && count !== null)) return { kind: "harvested" };
  if (share !== null && cause !== null) return { kind: "lost" };
  return pestId !== null ? { kind: "seen" } : null;
}

function ofPlanting(
  clause: Clause,
  kind: Exclude<Deed["kind"], "worked" | "seen">,
  day: DayNumber,
  context: LineContext,
): Understood {
  const { site, garden, wording } = context;
  if (!clause.crop && clause.bedId === null) {
    throw new Unreadable(`Which crop? Name it and its bed: “${exampleFor(kind)}”.`);
  }
  const meant = plantingsMeant(site, garden, clause, kind, day);
  const [planting = kind === "sown" ? unplanned(clause, day, context) : undefined] = meant;
  if (!planting) throw new Unreadable(nothingThere(clause, kind, day, context));
  const isNew = !garden.plantings.has(planting.id);
  if (kind === "lost" && clause.share === null && clause.count === null && clause.grams !== null) {
    throw new Unreadable(
      "How much was lost? Give a share or a number of plants: “lost half the lettuce to slugs”.",
    );
  }
  const what = loggedOf(shareOfPlants(clause, planting, garden), kind, planting.id);
  const note = noteOf(clause, what, isNew);
  const entry = checked(what, day, note, context);
  const withIt = isNew
    ? { ...garden, plantings: new Map([...garden.plantings, [planting.id, planting] as const]) }
    : garden;
  return {
    words: loggedWords(withIt, entry, wording),
    entry,
    thermometerDay: null,
    newPlanting: isNew ? planting : null,
    others: meant
      .slice(1, 6)
      .map((one) => ({ plantingId: one.id, words: placeWords(garden, one) })),
    doubt: isNew
      ? "No such planting in the plan: saving adds it."
      : (doubtOf(garden, planting, entry, wording) ?? noteWords(note)),
  };
}

function exampleFor(kind: Deed["kind"]): string {
  return kind === "sown"
    ? "sowed spinach bed 7"
    : kind === "lost"
      ? "lost half the lettuce to slugs"
      : "1.2 kg kale";
}

function unplanned(clause: Clause, day: DayNumber, context: LineContext): Planting | undefined {
  const bed = context.garden.beds.get(clause.bedId ?? "");
  if (!clause.crop || !bed) return undefined;
  const made = unplannedPlanting(
    context.site,
    context.garden,
    bed,
    clause,
    day,
    context.newId("planting"),
  );
  if (made === null) {
    throw new Unreadable(
      `${bed.name} has no space on ${context.wording.date(day)}: clear what is growing there first.`,
    );
  }
  return made;
}

function nothingThere(
  { crop, bedId, shelterId }: Clause,
  kind: Deed["kind"],
  day: DayNumber,
  { garden, wording, today }: LineContext,
): string {
  const name = crop ? (cropsOf(garden).get(crop.cropId)?.name ?? crop.words) : "Nothing";
  const where =
    garden.beds.get(bedId ?? "")?.name ??
    garden.shelters.get(shelterId ?? "")?.name ??
    "the garden";
  const subject = crop ? `No ${name.toLowerCase()}` : name;
  if (kind === "sown")
    return `${subject} is planned for ${where} but not sown: name the bed and it is added.`;
  if (kind === "plantedOut") return `${subject} is ready to transplant in ${where}.`;
  if (kind === "emerged") return `${subject} is due up in ${where}.`;
  return `${subject} grows in ${where} on ${wording.date(day, today)}: name the crop and the bed as they are in the plan.`;
}

function placeWords(garden: Garden, planting: Planting): string {
  return `${plantingName(garden, planting)} in ${garden.beds.get(planting.bedId)?.name ?? ""}`;
}

function loggedOf(
  clause: Clause,
  kind: Exclude<Deed["kind"], "worked" | "seen">,
  plantingId: string,
): Logged {
  const { count, outOf, grams, share, cause, isLast } = clause;
  switch (kind) {
    case "sown":
      return { kind, plantingId, lotId: null, seeds: count };
    case "emerged":
      return { kind, plantingId, up: count, outOf };
    case "plantedOut":
      return { kind, plantingId, plants: count };
    case "harvested":
      return { kind, plantingId, grams, count, isLast };
    case "lost":
      return { kind, plantingId, cause: cause ?? "other", share: share ?? 1 };
    case "cleared":
      return { kind, plantingId };
  }
}

/** Plants that were counted as lost, as a share of those that stand in the planting. */
function shareOfPlants(clause: Clause, planting: Planting, garden: Garden): Clause {
  const bed = garden.beds.get(planting.bedId);
  const crop = cropsOf(garden).get(planting.cropId);
  if (clause.count === null || clause.share !== null || !bed || !crop) return clause;
  const { plants } = amountsFor(standOf(planting, bed), crop, planting.method);
  return { ...clause, share: Math.min(1, clause.count / Math.max(1, plants)) };
}

/** More than so many times the usual yield in one picking is looked at again. */
const MUCH_TIMES = 1.5;

function doubtOf(
  garden: Garden,
  planting: Planting,
  { what }: LogEntry,
  wording: Wording,
): string | null {
  const bed = garden.beds.get(planting.bedId);
  const crop = cropsOf(garden).get(planting.cropId);
  if (what.kind !== "harvested" || what.grams === null || !bed || !crop) return null;
  const usualG = usualYieldKg(standOf(planting, bed), crop) * 1000;
  return what.grams > usualG * MUCH_TIMES
    ? `That is more than the whole planting usually yields (${wording.weightG(Math.round(usualG / 100) * 100)}).`
    : null;
}

function temperature(clause: Clause, day: DayNumber, context: LineContext): Understood {
  const { bedId, shelterId, isOutside, tempC } = clause;
  if (bedId === null && shelterId === null && !isOutside) {
    throw new Unreadable(
      "Where was it measured? Name a shelter or a bed, or write “out”: “-3.5 in the house”.",
    );
  }
  const under =
    bedId !== null
      ? ({ kind: "bed", id: bedId } as const)
      : shelterId !== null
        ? ({ kind: "shelter", id: shelterId } as const)
        : null;
  const entry = checked({ kind: "temperature", under, tempC: tempC ?? 0 }, day, "", context);
  return plainly(entry, context);
}

function observed(clause: Clause, day: DayNumber, context: LineContext): Understood {
  const { garden, site } = context;
  const [planting] =
    clause.crop === null ? [] : plantingsMeant(site, garden, clause, "cleared", day);
  const what: Logged = {
    kind: "seen",
    bedId: clause.bedId ?? planting?.bedId ?? null,
    plantingId: planting?.id ?? null,
    pestId: clause.pestId,
  };
  // What was understood whole needs no copy of the line.
  const said =
    clause.plainWork === null || clause.text.includes(clause.plainWork)
      ? clause.text
      : `${clause.plainWork} ${clause.text}`;
  const note = clause.pestId !== null && clause.unknown.length === 0 ? "" : said;
  return plainly(checked(what, day, note, context), context);
}

function worked(
  clause: Clause,
  { work }: Extract<Deed, { kind: "worked" }>,
  day: DayNumber,
  context: LineContext,
): Understood {
  const { garden, site } = context;
  const [planting] =
    clause.crop === null ? [] : plantingsMeant(site, garden, clause, "cleared", day);
  const bed: Bed | undefined = garden.beds.get(clause.bedId ?? planting?.bedId ?? "");
  const shelter = garden.shelters.get(clause.shelterId ?? "");
  const place =
    bed?.name ??
    shelter?.name ??
    (clause.isOutside || work === "water" ? "Uncovered beds" : "Garden");
  const what: Logged = {
    kind: "worked",
    work,
    subject: planting ? plantingName(garden, planting) : place,
    place,
    bedId: bed?.id ?? null,
    plantingId: planting?.id ?? null,
  };
  return plainly(checked(what, day, noteOf(clause, what, false), context), context);
}

function plainly(entry: LogEntry, { garden, wording }: LineContext): Understood {
  return {
    words: loggedWords(garden, entry, wording),
    entry,
    thermometerDay: null,
    newPlanting: null,
    others: [],
    doubt: entry.what.kind === "worked" ? noteWords(entry.note) : null,
  };
}

/** An entry that fits its schema; what does not is told in the schema's own words. */
function checked(what: Logged, day: DayNumber, note: string, { newId }: LineContext): LogEntry {
  const read = LogEntrySchema.safeParse({
    id: newId("log"),
    on: isoDate(day),
    taskId: null,
    what,
    note,
  });
  if (!read.success) throw new Unreadable(read.error.issues[0]?.message ?? "It cannot be read.");
  return read.data;
}

/** What was understood, meant of another planting. */
export function meantOf(
  one: Understood,
  plantingId: string,
  { garden, wording }: LineContext,
): Understood {
  const { entry } = one;
  if (!entry || !("plantingId" in entry.what)) return one;
  const before = entry.what.plantingId;
  const after = { ...entry, what: { ...entry.what, plantingId } as Logged };
  const planting = garden.plantings.get(plantingId);
  const others = one.others.filter((other) => other.plantingId !== plantingId);
  const old = garden.plantings.get(before ?? "");
  return {
    ...one,
    entry: after,
    words: loggedWords(garden, after, wording),
    others: old ? [{ plantingId: old.id, words: placeWords(garden, old) }, ...others] : others,
    doubt: planting ? doubtOf(garden, planting, after, wording) : null,
  };
}
