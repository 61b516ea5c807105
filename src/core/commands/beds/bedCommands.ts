import * as z from "zod";
import { bedProblems } from "../../gardenFile";
import { PlantingSchema, type Change } from "../../garden";
import { command, refuse } from "../command";
import { occupying } from "../occupying";
import { setPlantings } from "../plantingCommands";

/** What stands is pulled on a day, all or in part, and the next crop goes in: one step. */
export const turnOverBed = command({
  name: "bed.turnOver",
  label: ({ bedId }, garden) => `replanting ${garden.beds.get(bedId)?.name ?? "a bed"}`,
  input: z.object({
    bedId: z.string(),
    plantings: z
      .array(PlantingSchema)
      .min(1, "Nothing would change: keep fewer plants, or plant between them.")
      .max(60, "At most 60 plantings at once."),
  }),
  run(garden, { bedId, plantings }) {
    if (plantings.some((planting) => planting.bedId !== bedId)) {
      return refuse("Everything pulled must be in the bed you replant.");
    }
    return setPlantings.run(garden, { plantings });
  },
});

/** Covers of their own over beds, from the outside in, within their shelter's. */
export const coverBeds = command({
  name: "bed.cover",
  label: ({ beds }, garden) =>
    beds.length === 1
      ? `covering ${garden.beds.get(beds[0] ?? "")?.name ?? "a bed"}`
      : `covering ${beds.length} beds`,
  input: z.object({
    beds: z.array(z.string()).min(1, "Say which beds.").max(500),
    covers: z.array(z.string()).max(4, "At most four layers."),
  }),
  run(garden, { beds, covers }) {
    const shelterIds = new Set(garden.shelters.keys());
    const changes: Change[] = [];
    for (const id of beds) {
      const before = garden.beds.get(id);
      if (!before) return refuse("This bed is no longer in the garden.");
      const bed = { ...before, covers };
      const [problem] = bedProblems("bed", bed, shelterIds);
      if (problem) return refuse(problem.message, problem.path);
      changes.push({ kind: "bed", id, before, after: bed });
    }
    return occupying(garden, ...changes);
  },
});
