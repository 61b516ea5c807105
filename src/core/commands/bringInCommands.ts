import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { fact } from "../facts";
import { PlantingSchema, withChanges, type Change } from "../garden";
import { LogEntrySchema } from "../log";
import { SeedLotSchema } from "../seedBox";
import { change, command, refuse } from "./command";
import { keepEntry } from "./log/logCommands";
import { occupying } from "./occupying";
import { plantingRefusal } from "./plantingCommands";

const MOST = 5000;

/** What a table brought, as one step: all of it, or nothing. */
export const bringIn = command({
  name: "table.bringIn",
  label: ({ entries, plantings, seedLots }) =>
    fact("commands.bringingInATable", {
      count: entries.length + plantings.length + seedLots.length,
    }),
  input: z.object({
    entries: z.array(LogEntrySchema).max(MOST),
    plantings: z.array(PlantingSchema).max(MOST),
    seedLots: z.array(SeedLotSchema).max(MOST),
    today: IsoDateSchema,
  }),
  run(garden, { entries, plantings, seedLots, today }) {
    if (entries.length + plantings.length + seedLots.length === 0) {
      return refuse(fact("commands.thereIsNothingToSave"));
    }
    const changes: Change[] = [];
    for (const planting of plantings) {
      const problem = plantingRefusal(garden, planting);
      if (problem) return problem;
      changes.push({
        kind: "planting",
        id: planting.id,
        before: garden.plantings.get(planting.id) ?? null,
        after: planting,
      });
    }
    if (changes.length > 0) {
      const put = occupying(garden, ...changes);
      if ("refusal" in put) return put;
    }
    for (const lot of seedLots) {
      changes.push({
        kind: "seedLot",
        id: lot.id,
        before: garden.seedLots.get(lot.id) ?? null,
        after: lot,
      });
    }
    // Each entry is checked against what the table brings with it; none of them takes seed from the box.
    const next = withChanges(garden, changes);
    for (const entry of entries) {
      const kept = keepEntry(next, entry, today);
      if ("refusal" in kept) return kept;
      changes.push(...kept.changes);
    }
    return change(...changes);
  },
});
