import { isoDate, type DayNumber } from "../calendar";
import { cropsOf, type Bed, type Garden, type Planting } from "../garden";
import { LogEntrySchema, type LogEntry, type Logged } from "../log";
import { amountsFor, plantingName, standOf, usualYieldKg } from "../plantings";
import { fact, fromMessage, keyOf, type Fact } from "../facts";
import { clausesOf, readClause, type Clause } from "./clause";
import { plantingsMeant } from "./fit";
import { asPairs } from "./nightPairs";
import { withLooseParts } from "./looseParts";
import { movedBy } from "./moved";
import { namesIn } from "./names";
import { keptNote, noteOf } from "./notes";
import { Unreadable, type LineContext, type Understood } from "./understood";
import { unplannedPlanting } from "./unplanned";
import type { Deed } from "./vocabulary";

export type ReadLine =
  { ok: true; understood: Understood[] } | { ok: false; problem: Fact; word: string | null };

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
    return { ok: false, problem: fact("logbook.typeWhatHappened"), word: null };
  }
  try {
    const all = parts.map((part) => readClause(part, names, garden.settings.units, today));
    const day = all.find((clause) => clause.day !== null)?.day ?? null;
    const clauses = all.filter((clause, index) => index === 0 || !isOnlyDay(clause));
    const whole = withLooseParts(clauses);
    carryOn(whole, day);
    return {
      ok: true,
      understood: asPairs(
        whole.map((clause) => understoodOrNoted(clause, context)),
        context,
      ),
    };
  } catch (error) {
    if (!(error instanceof Unreadable)) throw error;
    return { ok: false, problem: error.told, word: error.word };
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

/** A part as it is understood; one that is not is kept as a note, and says why. */
function understoodOrNoted(clause: Clause, context: LineContext): Understood {
  try {
    return understand(clause, context);
  } catch (error) {
    if (!(error instanceof Unreadable) || error.isFinal) throw error;
    const noted = observed(
      { ...clause, plainWork: null, pestId: null },
      dayOf(clause, context),
      context,
    );
    return { ...noted, doubt: fact("logbook.keptAsANote", { why: error.told }) };
  }
}

function dayOf(clause: Clause, { day: usual, today }: LineContext): DayNumber {
  const day = clause.day ?? usual;
  if (day > today) throw new Unreadable(fact("logbook.isInTheFuture", { day, today }), null, true);
  return day;
}

function understand(clause: Clause, context: LineContext): Understood {
  const day = dayOf(clause, context);
  const deed = deedOf(clause);
  const isFree = deed?.kind === "seen" || clause.plainWork !== null;
  const [unknown] = clause.unknown;
  // What is done to a crop that is not known is not taken to be done to whatever stands there.
  if (unknown !== undefined && !isFree && clause.crop === null) {
    throw new Unreadable(fact("logbook.isNotRecognized", { unknown }), unknown);
  }
  if (clause.tempC !== null) return temperature(clause, day, context);
  const moved = movedBy(clause, day, context);
  if (moved) return carried(moved, clause, day, context);
  if (clause.plainWork !== null) return observed(clause, day, context);
  if (!deed) {
    throw new Unreadable(
      fact("logbook.whatDidYouDo", { crop: clause.crop?.words ?? null, text: clause.text }),
    );
  }
  if (deed.kind === "seen") return observed(clause, day, context);
  if (deed.kind === "worked") return worked(clause, deed, day, context);
  return ofPlanting(clause, deed.kind, day, context);
}

/** The deed that is said, or that the amount and the pest leave no doubt of. */
function deedOf(clause: Clause): Deed | null {
  const { deed, grams, crop, count, pestId, share, cause, isBought } = clause;
  if (deed) return deed;
  if (isBought && crop !== null) return { kind: "plantedOut" };
  if (grams !== null || (crop !== null && count !== null)) return { kind: "harvested" };
  if (share !== null && cause !== null) return { kind: "lost" };
  return pestId !== null ? { kind: "seen" } : null;
}

function ofPlanting(
  clause: Clause,
  said: Exclude<Deed["kind"], "worked" | "seen">,
  day: DayNumber,
  context: LineContext,
): Understood {
  const { site, garden } = context;
  const kind = said === "plantedOut" && isSownWhenPlanted(clause, garden) ? "sown" : said;
  if (!clause.crop && clause.bedId === null) {
    throw new Unreadable(fact("logbook.whichCrop", { kind }));
  }
  const meant = plantingsMeant(site, garden, clause, kind, day);
  const isBegun = kind === "sown" || kind === "plantedOut";
  const [planting = isBegun ? unplanned(clause, kind, day, context) : undefined] =
    clause.isBought && isBegun ? [] : meant;
  if (!planting) throw new Unreadable(nothingThere(clause, kind, day, context));
  const isNew = !garden.plantings.has(planting.id);
  if (kind === "lost" && clause.share === null && clause.count === null && clause.grams !== null) {
    throw new Unreadable(fact("logbook.howMuchWasLost"));
  }
  const what = loggedOf(shareOfPlants(clause, planting, garden), kind, planting.id);
  const note = clause.unknown.length > 0 ? clause.text : noteOf(clause, what, isNew);
  const entry = checked(what, day, note, context);
  return {
    words: null,
    entry,
    thermometerDay: null,
    move: null,
    newPlanting: isNew ? planting : null,
    others: meant.slice(1, 6).map((one) => otherOf(garden, one)),
    doubt: isNew
      ? (tooMany(clause, planting, garden) ?? fact("logbook.noSuchPlanting"))
      : (doubtOf(garden, planting, entry) ?? keptNote(note)),
  };
}

/** That a bed has no room for all the plants that were set out; null where it has. */
function tooMany({ count }: Clause, planting: Planting, garden: Garden): Fact | null {
  const bed = garden.beds.get(planting.bedId);
  const crop = cropsOf(garden).get(planting.cropId);
  if (count === null || planting.method !== "transplant" || !bed || !crop) return null;
  const { plants } = amountsFor(standOf(planting, bed), crop, planting.method);
  return plants >= count
    ? null
    : fact("logbook.onlySomeFit", { bed: bed.name, fitting: plants, count });
}

/** Cloves, tubers and sets are planted, and that is their sowing. */
function isSownWhenPlanted({ crop, isBought }: Clause, garden: Garden): boolean {
  const grown = cropsOf(garden).get(crop?.cropId ?? "");
  if (!grown) return false;
  const isPiece = grown.startedFrom !== "seed" && !isBought;
  return isPiece || grown.transplanting.tolerance === "never";
}

function unplanned(
  clause: Clause,
  kind: "sown" | "plantedOut",
  day: DayNumber,
  context: LineContext,
): Planting | undefined {
  const bed = context.garden.beds.get(clause.bedId ?? "");
  if (!clause.crop || !bed) return undefined;
  const made = unplannedPlanting(context.site, context.garden, bed, clause, {
    kind,
    day,
    id: context.newId("planting"),
  });
  if (made === null) {
    throw new Unreadable(fact("logbook.hasNoSpace", { bed: bed.name, day }));
  }
  return made;
}

function nothingThere(
  { crop: said, bedId, shelterId }: Clause,
  kind: Exclude<Deed["kind"], "worked" | "seen">,
  day: DayNumber,
  { garden, today }: LineContext,
): Fact {
  const crop = said ? (cropsOf(garden).get(said.cropId)?.name ?? said.words) : null;
  const where =
    garden.beds.get(bedId ?? "")?.name ?? garden.shelters.get(shelterId ?? "")?.name ?? null;
  return fact("logbook.nothingThere", { crop, where, kind, day, today });
}

function otherOf(garden: Garden, planting: Planting): Understood["others"][number] {
  return {
    plantingId: planting.id,
    name: plantingName(garden, planting),
    bed: garden.beds.get(planting.bedId)?.name ?? "",
  };
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

function doubtOf(garden: Garden, planting: Planting, { what }: LogEntry): Fact | null {
  const bed = garden.beds.get(planting.bedId);
  const crop = cropsOf(garden).get(planting.cropId);
  if (what.kind !== "harvested" || what.grams === null || !bed || !crop) return null;
  const usualG = usualYieldKg(standOf(planting, bed), crop, planting.method, planting.stage) * 1000;
  return what.grams > usualG * MUCH_TIMES ? fact("logbook.moreThanUsual", { usualG }) : null;
}

function temperature(clause: Clause, day: DayNumber, context: LineContext): Understood {
  const { bedId, shelterId, isOutside, tempC } = clause;
  if (bedId === null && shelterId === null && !isOutside) {
    throw new Unreadable(fact("logbook.whereMeasured"));
  }
  const under =
    bedId !== null
      ? ({ kind: "bed", id: bedId } as const)
      : shelterId !== null
        ? ({ kind: "shelter", id: shelterId } as const)
        : null;
  const entry = checked({ kind: "temperature", under, tempC: tempC ?? 0 }, day, "", context);
  return plainly(entry);
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
  return plainly(checked(what, day, note, context));
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
    keyOf(
      clause.isOutside || work === "water"
        ? fact("tasks.uncoveredBeds")
        : fact("tasks.wholeGarden"),
    );
  const what: Logged = {
    kind: "worked",
    work,
    subject: planting ? plantingName(garden, planting) : place,
    place,
    bedId: bed?.id ?? null,
    plantingId: planting?.id ?? null,
  };
  const note = clause.unknown.length > 0 ? clause.text : noteOf(clause, what, false);
  return plainly(checked(what, day, note, context));
}

/** A planting that was moved: an entry that says so, and its new place in the plan. */
function carried(
  { move, planting, bed }: NonNullable<ReturnType<typeof movedBy>>,
  clause: Clause,
  day: DayNumber,
  context: LineContext,
): Understood {
  const what: Logged = { kind: "seen", bedId: bed.id, plantingId: planting.id, pestId: null };
  return {
    ...plainly(checked(what, day, clause.text, context)),
    words: fact("logbook.moved", {
      planting: plantingName(context.garden, planting),
      bed: bed.name,
    }),
    move,
  };
}

function plainly(entry: LogEntry): Understood {
  return {
    move: null,
    words: null,
    entry,
    thermometerDay: null,
    newPlanting: null,
    others: [],
    doubt: entry.what.kind === "worked" ? keptNote(entry.note) : null,
  };
}

/** An entry that fits its schema; what does not is told in the schema's own facts. */
function checked(what: Logged, day: DayNumber, note: string, { newId }: LineContext): LogEntry {
  const read = LogEntrySchema.safeParse({
    id: newId("log"),
    on: isoDate(day),
    taskId: null,
    what,
    note,
  });
  if (!read.success) {
    const told = fromMessage(read.error.issues[0]?.message ?? "");
    throw new Unreadable(told ?? fact("logbook.itCannotBeRead"));
  }
  return read.data;
}

/** What was understood, meant of another planting. */
export function meantOf(one: Understood, plantingId: string, { garden }: LineContext): Understood {
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
    others: old ? [otherOf(garden, old), ...others] : others,
    doubt: planting ? doubtOf(garden, planting, after) : null,
  };
}
