import * as z from "zod";
import { PlantingSchema, SuccessionSchema, withChanges, type Change } from "../garden";
import { fact } from "../facts";
import { layPieces } from "./beds/pieceCommands";
import { coverBeds } from "./beds/bedCommands";
import { command, refuse } from "./command";
import { occupying } from "./occupying";
import { plantingRefusal, removePlanting } from "./plantingCommands";

/** A plan taken whole or in parts, as one step: what makes way, covers put on, sowings put in. */
export const takePlan = command({
  name: "plan.take",
  label: () => fact("commands.takingThePlan"),
  input: z.object({
    leaveOut: z.array(z.string()).max(2000),
    covers: z.array(z.object({ bedId: z.string(), pieceId: z.string() })).max(500),
    successions: z.array(SuccessionSchema).max(100),
    plantings: z.array(PlantingSchema).max(2000),
  }),
  run(garden, { leaveOut, covers, successions, plantings }) {
    const changes: Change[] = [];
    let next = garden;
    const take = (more: readonly Change[]) => {
      changes.push(...more);
      next = withChanges(next, more);
    };
    for (const id of leaveOut) {
      const gone = removePlanting.run(next, { id });
      if ("refusal" in gone) return gone;
      take(gone.changes);
    }
    for (const { bedId, pieceId } of covers) {
      const piece = next.pieces.get(pieceId);
      const bed = next.beds.get(bedId);
      if (piece?.kind !== "cover" || piece.bedId !== null || !bed) {
        return refuse(fact("commands.thisCoverIsNoLongerInTheShed"), "covers");
      }
      const laid = layPieces.run(next, { pieces: [{ id: pieceId, bedId }] });
      if ("refusal" in laid) return laid;
      take(laid.changes);
      const input = { beds: [bedId], covers: [...bed.covers, piece.materialId] };
      const covered = coverBeds.run(next, input);
      if ("refusal" in covered) return covered;
      take(covered.changes);
    }
    take(
      successions.map((one): Change => ({
        kind: "succession",
        id: one.id,
        before: garden.successions.get(one.id) ?? null,
        after: one,
      })),
    );
    for (const planting of plantings) {
      const problem = plantingRefusal(next, planting);
      if (problem) return problem;
    }
    const put = occupying(
      next,
      ...plantings.map((planting): Change => ({
        kind: "planting",
        id: planting.id,
        before: next.plantings.get(planting.id) ?? null,
        after: planting,
      })),
    );
    if ("refusal" in put) return put;
    return { changes: [...changes, ...put.changes] };
  },
});
