import fc from "fast-check";
import { BY_THE_BOOK } from "@/core/gardenFile";
import type { Planting } from "@/core/garden";
import { editFieldsOf, plantingChangesFrom } from "./editFields";

const length = fc.double({ min: 0.1, max: 500, noNaN: true });

test("what is not touched keeps its exact value, whatever is shown", () => {
  fc.assert(
    fc.property(
      length,
      length,
      length,
      fc.constantFrom("metric" as const, "imperial" as const),
      (lengthM, rowCm, inRowCm, units) => {
        const planting: Planting = {
          id: "p",
          cropId: "kale",
          varietyId: "curly",
          bedId: "b",
          sowOn: "2026-07-01",
          method: "direct",
          stage: "full",
          lengthM,
          rowCm,
          inRowCm,
          fromM: 0,
          ...BY_THE_BOOK,
        };
        const changes = plantingChangesFrom(editFieldsOf(planting, units), planting, units);
        expect({ ...planting, ...changes }).toEqual(planting);
        // Typed as it is shown already, it counts as not touched.
        fc.pre(editFieldsOf(planting, units).length !== 10);
        const longer = plantingChangesFrom(
          { ...editFieldsOf(planting, units), length: 10 },
          planting,
          units,
        );
        expect(longer.lengthM).toBeCloseTo(units === "imperial" ? 3.048 : 10, 6);
      },
    ),
  );
});
