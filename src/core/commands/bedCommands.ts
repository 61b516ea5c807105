import * as z from "zod";
import { PlantingSchema } from "../garden";
import { command, refuse } from "./command";
import { setPlantings } from "./plantingCommands";

/** What stands is pulled on a day, all or in part, and the next crop goes in: one step. */
export const turnOverBed = command({
  name: "bed.turnOver",
  label: ({ bedId }, garden) => `turning over ${garden.beds.get(bedId)?.name ?? "a bed"}`,
  input: z.object({ bedId: z.string(), plantings: z.array(PlantingSchema).min(1).max(60) }),
  run(garden, { bedId, plantings }) {
    if (plantings.some((planting) => planting.bedId !== bedId)) {
      return refuse("All of it should stand in the bed that is turned over.");
    }
    return setPlantings.run(garden, { plantings });
  },
});
