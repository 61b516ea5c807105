import * as z from "zod";
import { dayNumber, IsoDateSchema } from "../../calendar";
import {
  cropsOf,
  PlantingSchema,
  withChanges,
  type Change,
  type Garden,
  type Planting,
} from "../../garden";
import { logProblems } from "../../gardenFile";
import { LogEntrySchema, ThermometerDaySchema, type LogEntry } from "../../log";
import { factsOf } from "../../plantings";
import { withoutSeeds } from "../../seedBox";
import { editPlanting, plantingRefusal } from "../plantingCommands";
import { change, command, refuse, type Run } from "../command";
import { occupying } from "../occupying";
import { setThermometerDays } from "./thermometerCommands";
import { fact, type Fact } from "../../facts";

const GONE = fact("commands.thisEntryIsNoLongerInTheLog");

/** Entries written into the log; one that is there already is changed. */
export const keepEntries = command({
  name: "log.keep",
  label: ({ entries, thermometerDays = [] }) => {
    const count = entries.length + thermometerDays.length;
    return count === 1 ? fact("commands.aLogEntry") : fact("commands.logEntries", { count });
  },
  input: z.object({
    entries: z.array(LogEntrySchema).max(500),
    /** Lows inside and outside of nights, which belong with them. */
    thermometerDays: z.array(ThermometerDaySchema).max(500).optional(),
    /** A planting that nobody had planned, sown as the entry says. */
    newPlantings: z.array(PlantingSchema).max(20).optional(),
    /** Plantings that were carried to another place. */
    moves: z
      .array(z.object({ plantingId: z.string(), bedId: z.string(), fromM: z.number().min(0) }))
      .max(20)
      .optional(),
    /** What is to come is not logged. */
    today: IsoDateSchema,
  }),
  run(garden, { entries, thermometerDays = [], newPlantings = [], moves = [], today }) {
    if (entries.length + thermometerDays.length === 0)
      return refuse(fact("commands.thereIsNothingToSave"));
    const planted = addPlantings(garden, newPlantings);
    if ("refusal" in planted) return planted;
    let next = withChanges(garden, planted.changes);
    const changes: Change[] = [...planted.changes];
    for (const { plantingId, ...place } of moves) {
      const moved = editPlanting.run(next, { id: plantingId, ...place });
      if ("refusal" in moved) return moved;
      changes.push(...moved.changes);
      next = withChanges(next, moved.changes);
    }
    for (const entry of entries) {
      const kept = keepEntry(next, entry, today);
      if ("refusal" in kept) return kept;
      changes.push(...kept.changes);
      next = withChanges(next, kept.changes);
    }
    if (thermometerDays.length > 0) {
      const read = setThermometerDays.run(next, { days: thermometerDays });
      if ("refusal" in read) return read;
      changes.push(...read.changes);
    }
    return change(...changes);
  },
});

export const removeEntries = command({
  name: "log.remove",
  label: ({ ids }) =>
    ids.length === 1
      ? fact("commands.removingAnEntry")
      : fact("commands.removingEntries", { idsCount: ids.length }),
  input: z.object({ ids: z.array(z.string()).min(1).max(5000) }),
  run(garden, { ids }) {
    const changes: Change[] = [];
    let next = garden;
    for (const id of ids) {
      const before = next.logEntries.get(id);
      if (!before) return refuse(GONE);
      const removed: Change[] = [
        { kind: "logEntry", id, before, after: null },
        ...seedTaken(next, before, -1),
      ];
      changes.push(...removed);
      next = withChanges(next, removed);
    }
    return change(...changes);
  },
});

function addPlantings(garden: Garden, plantings: readonly Planting[]): Run {
  const changes: Change[] = [];
  for (const planting of plantings) {
    const problem = plantingRefusal(garden, planting);
    if (problem) return problem;
    if (garden.plantings.has(planting.id))
      return refuse(fact("commands.thisPlantingIsAlreadyThere"));
    changes.push({ kind: "planting", id: planting.id, before: null, after: planting });
  }
  return changes.length === 0 ? change() : occupying(garden, ...changes);
}

/** One entry checked and kept, with the seed that it took from the box. */
export function keepEntry(garden: Garden, entry: LogEntry, today: string): Run {
  if (entry.on > today) {
    return refuse(
      fact("commands.isInTheFutureTheLogTakesWhatHas", {
        dayNumber: dayNumber(entry.on),
        dayNumber2: dayNumber(today),
      }),
      "on",
    );
  }
  const [problem] = logProblems("entry", entry, garden);
  if (problem) return refuse(problem.message, problem.path);
  const before = garden.logEntries.get(entry.id) ?? null;
  const changes: Change[] = before ? seedTaken(garden, before, -1) : [];
  changes.push({ kind: "logEntry", id: entry.id, before, after: entry });
  const withIt = withChanges(garden, changes);
  const wrong = outOfOrder(withIt, entry);
  if (wrong) return refuse(wrong, "on");
  return change(...changes, ...seedTaken(withIt, entry, 1));
}

/** Why an entry cannot be true beside the others, in a sentence; null when it can. */
function outOfOrder(garden: Garden, { on, what }: LogEntry): Fact | null {
  if (!("plantingId" in what) || what.plantingId === null) return null;
  const planting = garden.plantings.get(what.plantingId);
  if (!planting) return null;
  const { sownDay } = factsOf(garden, planting.id);
  const subject = cropsOf(garden).get(planting.cropId)?.name ?? planting.cropId;
  const bedName = garden.beds.get(planting.bedId)?.name ?? planting.bedId;
  const day = dayNumber(on);
  if (what.kind === "worked" && what.work === "earthUp") {
    const { method, sowOn } = planting;
    const began = factsOf(garden, planting.id);
    const plannedDay = method === "direct" ? dayNumber(sowOn) : null;
    const plantedDay = began.plantedOutDay ?? sownDay ?? plannedDay;
    if (plantedDay !== null && day < plantedDay)
      return fact("commands.filledBeforePlanting", { subject, bedName, plantedDay });
  }
  // Sown later than something that is known to have come after it.
  if (what.kind === "sown") {
    const after = [...garden.logEntries.values()].find(
      (other) =>
        other.on < on &&
        FOLLOWS_SOWING.has(other.what.kind) &&
        "plantingId" in other.what &&
        other.what.plantingId === planting.id,
    );
    return after
      ? fact("commands.inAlreadyHasAnEntryOnSoItWasSownBy", {
          subject,
          bedName,
          dayNumber: dayNumber(after.on),
        })
      : null;
  }
  if (!FOLLOWS_SOWING.has(what.kind)) return null;
  if (sownDay !== null && day < sownDay) {
    return fact("commands.inWasSownOnItCannotBeBefore", {
      subject,
      bedName,
      sownDay,
      kind: VERB[what.kind],
    });
  }
  if (sownDay === null && on < planting.sowOn && what.kind === "harvested") {
    return fact("commands.inIsPlannedForSowingOnLogItsSowing", {
      subject,
      bedName,
      dayNumber: dayNumber(planting.sowOn),
    });
  }
  return null;
}

const FOLLOWS_SOWING: ReadonlySet<LogEntry["what"]["kind"]> = new Set([
  "emerged",
  "plantedOut",
  "harvested",
  "lost",
  "cleared",
]);
const VERB: Partial<Record<LogEntry["what"]["kind"], string>> = {
  emerged: "up",
  plantedOut: "transplanted",
  harvested: "picked",
  lost: "lost",
  cleared: "cleared",
};

/** What a sowing takes from its lot, or gives back: `times` 1 or −1. */
function seedTaken(garden: Garden, { what }: LogEntry, times: 1 | -1): Change[] {
  if (what.kind !== "sown" || what.lotId === null || what.seeds === null) return [];
  const before = garden.seedLots.get(what.lotId);
  const crop = before && cropsOf(garden).get(before.cropId);
  if (!before || !crop) return [];
  const after = withoutSeeds(crop, before, times * what.seeds);
  return [{ kind: "seedLot", id: before.id, before, after }];
}
