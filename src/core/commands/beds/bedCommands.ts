import * as z from "zod";
import { IsoDateSchema } from "../../calendar";
import { StandsAtSchema, withMove } from "../../containers";
import { bedProblems } from "../../gardenFile";
import { BedSchema, PlantingSchema, type Change, type Garden } from "../../garden";
import type { LogEntry } from "../../log";
import { change, command, refuse } from "../command";
import { occupying } from "../occupying";
import { setPlantings } from "../plantingCommands";
import { code, fact } from "../../facts";

/** What stands is pulled on a day, all or in part, and the next crop goes in: one step. */
export const turnOverBed = command({
  name: "bed.turnOver",
  label: ({ bedId }, garden) => fact("commands.replanting", { bed: garden.beds.get(bedId)?.name }),
  input: z.object({
    bedId: z.string(),
    plantings: z
      .array(PlantingSchema)
      .min(1, code("commands.nothingWouldChangeKeepFewerPlants"))
      .max(60, code("commands.atMost60PlantingsAtOnce")),
    /** Plantings that were a part of another: what is known of that is known of them. */
    parts: z
      .array(z.object({ id: z.string(), of: z.string() }))
      .max(60)
      .default([]),
  }),
  run(garden, { bedId, plantings, parts }) {
    if (plantings.some((planting) => planting.bedId !== bedId)) {
      return refuse(fact("commands.everythingPulledMustBeInTheBedYou"));
    }
    const done = setPlantings.run(garden, { plantings });
    return "changes" in done ? change(...done.changes, ...logOfParts(garden, parts)) : done;
  },
});

/** What was logged of a planting's beginning, for each part that became a planting of its own. */
function logOfParts(garden: Garden, parts: readonly { id: string; of: string }[]): Change[] {
  const begun = [...garden.logEntries.values()].filter(({ what }) => BEGINNINGS.has(what.kind));
  return parts.flatMap((part) =>
    begun.flatMap(({ what, ...entry }): Change[] => {
      if (!("plantingId" in what) || what.plantingId !== part.of) return [];
      const id = `${part.id}-${what.kind}`;
      // Seed and plants are counted with the planting that it was.
      const own =
        what.kind === "sown"
          ? { ...what, plantingId: part.id, lotId: null, seeds: null }
          : what.kind === "plantedOut"
            ? { ...what, plantingId: part.id, plants: null }
            : { ...what, plantingId: part.id };
      const after: LogEntry = { ...entry, id, taskId: null, what: own };
      return [{ kind: "logEntry", id, before: garden.logEntries.get(id) ?? null, after }];
    }),
  );
}

const BEGINNINGS: ReadonlySet<string> = new Set(["sown", "emerged", "plantedOut"]);

/** Covers of their own over beds, from the outside in, within their shelter's. */
export const coverBeds = command({
  name: "bed.cover",
  label: ({ beds }, garden) =>
    beds.length === 1
      ? fact("commands.covering", { bed: garden.beds.get(beds[0] ?? "")?.name })
      : fact("commands.coveringBeds", { bedsCount: beds.length }),
  input: z.object({
    beds: z.array(z.string()).min(1, code("commands.sayWhichBeds")).max(500),
    covers: z.array(z.string()).max(4, code("commands.atMostFourLayers")),
  }),
  run(garden, { beds, covers }) {
    const shelterIds = new Set(garden.shelters.keys());
    const changes: Change[] = [];
    for (const id of beds) {
      const before = garden.beds.get(id);
      if (!before) return refuse(fact("commands.thisBedIsNoLongerInTheGarden"));
      const bed = { ...before, covers };
      const [problem] = bedProblems("bed", bed, shelterIds);
      if (problem) return refuse(problem.message, problem.path);
      changes.push({ kind: "bed", id, before, after: bed });
    }
    return occupying(garden, ...changes);
  },
});

/** Containers that stand elsewhere from a day on. */
export const moveContainers = command({
  name: "bed.moveContainers",
  label: ({ bedId }, garden) => fact("commands.moving", { bed: garden.beds.get(bedId)?.name }),
  input: z.object({ bedId: z.string(), from: IsoDateSchema, at: StandsAtSchema }),
  run(garden, { bedId, from, at }) {
    const before = garden.beds.get(bedId);
    if (!before?.container) return refuse(fact("commands.thisBedIsNoLongerInTheGarden"));
    const bed = { ...before, container: withMove(before.container, from, at) };
    const [problem] = bedProblems("bed", bed, new Set(garden.shelters.keys()));
    if (problem) return refuse(problem.message, problem.path);
    return occupying(garden, { kind: "bed", id: bedId, before, after: bed });
  },
});

/** How a bed's ground is in winter: what is spread over it, and whether snow stays. */
export const setWinterGround = command({
  name: "bed.winter",
  label: ({ bedId }, garden) =>
    fact("commands.winterGround", { bed: garden.beds.get(bedId)?.name }),
  input: z.object({ bedId: z.string(), winter: BedSchema.shape.winter.unwrap() }),
  run(garden, { bedId, winter }) {
    const before = garden.beds.get(bedId);
    if (!before) return refuse(fact("commands.thisBedIsNoLongerInTheGarden"));
    const { winter: _was, ...rest } = before;
    // As it usually is: nothing to keep.
    const after = winter.mulchCm === 0 && winter.snowStays ? rest : { ...rest, winter };
    return occupying(garden, { kind: "bed", id: bedId, before, after });
  },
});
