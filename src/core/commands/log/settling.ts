import * as z from "zod";
import { dayNumber, IsoDateSchema, type IsoDate } from "../../calendar";
import { cropsOf, withChanges, type Change, type Garden } from "../../garden";
import { TaskIdSchema, WORKS, type LogEntry, type Logged, type Work } from "../../log";
import { boxAmounts } from "../../propagation";
import { seedsIn } from "../../seedBox";
import { takeCells, thinTo } from "../../trays";
import { change, command, refuse, type Run } from "../command";
import { keepEntry } from "./logCommands";
import { layPieces } from "../beds/pieceCommands";
import { code, fact, keyOf, type Told } from "../../facts";

/** A name, or a fact that any language can tell. */
const ToldSchema = z.custom<Told>((told) =>
  typeof told === "string"
    ? told !== "" && told.length <= 200
    : typeof told === "object" &&
      told !== null &&
      "code" in told &&
      keyOf(told as Told).length <= 200,
);

/** A task as it is settled: what of it the garden has to know. */
export const SettledTaskSchema = z.object({
  id: TaskIdSchema,
  kind: z.enum(WORKS),
  subject: ToldSchema,
  place: ToldSchema,
  bedId: z.string().nullable(),
  plantingId: z.string().nullable(),
  /** The sowing in a tray that is worked on, and how many plants a cell keeps. */
  tray: z
    .object({
      trayId: z.string(),
      sowingId: z.string(),
      plantsPerCell: z.number().int().min(1).max(15),
    })
    .nullable(),
  /** Pieces of cover that are put on a bed, or brought in. */
  pieces: z.array(z.object({ id: z.string(), bedId: z.string().nullable() })).max(100),
});
export type SettledTask = z.infer<typeof SettledTaskSchema>;

/**
 * Tasks ticked off, left undone, or put off to another day. What is done is logged, and moves the
 * garden on. A task that is ticked twice, as in two tabs, is done once.
 */
export const settleTasks = command({
  name: "round.settle",
  label: ({ tasks, as }) => {
    const [first] = tasks;
    return fact("commands.settling", {
      as,
      what: first && tasks.length === 1 ? first.subject : null,
      count: tasks.length,
    });
  },
  input: z
    .object({
      tasks: z.array(SettledTaskSchema).min(1, code("commands.chooseATask")).max(500),
      on: IsoDateSchema,
      as: z.enum(["done", "skipped", "putOff"]),
      /** The day on which what is put off comes back. */
      untilOn: IsoDateSchema.optional(),
      today: IsoDateSchema,
    })
    .refine(({ as, on, untilOn }) => as !== "putOff" || (untilOn !== undefined && untilOn > on), {
      path: ["untilOn"],
      message: code("commands.chooseALaterDate"),
    }),
  run(garden, { tasks, on, as, untilOn = on, today }) {
    const changes: Change[] = [];
    let next = garden;
    for (const task of tasks) {
      const result =
        as === "done" ? done(next, task, on, today) : left(next, task, on, as, untilOn, today);
      if ("refusal" in result) return result;
      changes.push(...result.changes);
      next = withChanges(next, result.changes);
    }
    return change(...changes);
  },
});

/** The grower's own order of walking past the beds. */
export const setWalk = command({
  name: "walk.set",
  label: () => fact("commands.walkingOrder"),
  input: z.object({ bedIds: z.array(z.string()).max(2000) }),
  run(garden, { bedIds }) {
    const unknown = bedIds.find((id) => !garden.beds.has(id));
    if (unknown !== undefined)
      return refuse(fact("commands.thisBedIsNoLongerInTheGarden"), "bedIds");
    if (new Set(bedIds).size < bedIds.length)
      return refuse(fact("commands.eachBedAppearsOnceInTheWalking"));
    const { head } = garden;
    return change({
      kind: "garden",
      id: head.id,
      before: head,
      after: { ...head, walk: bedIds },
    });
  },
});

/** A task that another tab, or an earlier tap, has settled already; null when it is open. */
function settledBefore(garden: Garden, { id }: SettledTask, as: Logged["kind"]): Run | null {
  const before = garden.logEntries.get(id);
  if (!before || before.what.kind === "putOff") return null;
  const wasDone = before.what.kind !== "skipped";
  if (wasDone === (as !== "skipped" && as !== "putOff")) return change();
  return refuse(
    fact("commands.onAlreadyChangeItsEntryInThe", { wasDone, dayNumber: dayNumber(before.on) }),
  );
}

function left(
  garden: Garden,
  task: SettledTask,
  on: IsoDate,
  as: "skipped" | "putOff",
  untilOn: IsoDate,
  today: IsoDate,
): Run {
  const settled = settledBefore(garden, task, as);
  if (settled) return settled;
  const work = workOf(garden, task);
  const what: Logged =
    as === "skipped" ? { kind: "skipped", ...work } : { kind: "putOff", ...work, untilOn };
  return keepEntry(garden, entryFor(task, on, what), today);
}

function done(garden: Garden, task: SettledTask, on: IsoDate, today: IsoDate): Run {
  const settled = settledBefore(garden, task, "worked");
  if (settled) return settled;
  const kept = keepEntry(garden, entryFor(task, on, loggedFor(garden, task, on)), today);
  if ("refusal" in kept) return kept;
  const moved = movesOn(garden, task, on);
  return "refusal" in moved ? moved : change(...kept.changes, ...moved.changes);
}

function entryFor(task: SettledTask, on: IsoDate, what: Logged): LogEntry {
  return { id: task.id, on, taskId: task.id, what, note: "" };
}

function workOf(garden: Garden, { kind, subject, place, bedId, plantingId }: SettledTask) {
  const there = (id: string | null, set: ReadonlyMap<string, unknown>) =>
    id !== null && set.has(id) ? id : null;
  return {
    work: kind,
    subject: keyOf(subject),
    place: keyOf(place),
    bedId: there(bedId, garden.beds),
    plantingId: there(plantingId, garden.plantings),
  };
}

const AS_FACT: Partial<Record<Work, (plantingId: string) => Logged>> = {
  checkEmergence: (plantingId) => ({ kind: "emerged", plantingId, up: null, outOf: null }),
  plantOut: (plantingId) => ({ kind: "plantedOut", plantingId, plants: null }),
  harvest: (plantingId) => picked(plantingId),
  pickBeforeFrost: (plantingId) => picked(plantingId),
  clear: (plantingId) => ({ kind: "cleared", plantingId }),
};

function picked(plantingId: string): Logged {
  return { kind: "harvested", plantingId, grams: null, count: null, isLast: false };
}

/** What is written down when a task is done: a fact of its planting where it is one. */
function loggedFor(garden: Garden, task: SettledTask, on: IsoDate): Logged {
  const work = workOf(garden, task);
  if (work.plantingId === null) return { kind: "worked", ...work };
  if (task.kind === "sow" || task.kind === "sowTray") {
    return { kind: "sown", plantingId: work.plantingId, ...seedFor(garden, work.plantingId, on) };
  }
  return AS_FACT[task.kind]?.(work.plantingId) ?? { kind: "worked", ...work };
}

/** The lot that a sowing takes its seed from, and how many; nothing where the box has none. */
function seedFor(
  garden: Garden,
  plantingId: string,
  on: IsoDate,
): { lotId: string | null; seeds: number | null } {
  const planting = garden.plantings.get(plantingId);
  const crop = cropsOf(garden).get(planting?.cropId ?? "");
  const box = planting ? boxAmounts(garden, planting, dayNumber(on)) : null;
  return box && crop
    ? { lotId: box.lot.id, seeds: Math.min(box.seeds, seedsIn(crop, box.lot)) }
    : { lotId: null, seeds: null };
}

/** What of the garden moves on with a task that is done: trays, and covers of the shed. */
function movesOn(garden: Garden, { kind, tray, pieces }: SettledTask, on: IsoDate): Run {
  if (pieces.length > 0) return layPieces.run(garden, { pieces });
  const before = garden.trays.get(tray?.trayId ?? "");
  if (!tray || !before) return change();
  const { sowingId, plantsPerCell } = tray;
  // Ticked together, it may have been planted out just before: then it is only written down.
  if (!before.sowings.some(({ id }) => id === sowingId)) return change();
  if (kind === "label") {
    const sowings = before.sowings.map((sowing) =>
      sowing.id === sowingId ? { ...sowing, labelled: true } : sowing,
    );
    return change({ kind: "tray", id: before.id, before, after: { ...before, sowings } });
  }
  const result =
    kind === "thin"
      ? thinTo(before, sowingId, on, plantsPerCell)
      : kind === "plantOut"
        ? takeCells(before, sowingId, on, "plantedOut", null)
        : null;
  if (!result) return change();
  if (!result.ok) return refuse(result.refusal);
  return change({ kind: "tray", id: before.id, before, after: result.tray });
}
