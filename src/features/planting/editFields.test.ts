import fc from "fast-check";
import { dayNumber, isoDate } from "@/core/calendar";
import { cropLibrary } from "@/core/crops";
import { seedlingDays } from "@/core/growth";
import { BY_THE_BOOK } from "@/core/gardenFile";
import type { Planting } from "@/core/garden";
import { editFieldsOf, plantingChangesFrom } from "./editFields";

const crop = cropLibrary.get("kale");
if (!crop) throw new Error("kale is in the library");
const kale = crop;

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
        const changes = plantingChangesFrom(
          editFieldsOf(planting, units, kale),
          planting,
          units,
          kale,
        );
        expect({ ...planting, ...changes }).toEqual(planting);
        // Typed as it is shown already, it counts as not touched.
        fc.pre(editFieldsOf(planting, units, kale).length !== 10);
        const longer = plantingChangesFrom(
          { ...editFieldsOf(planting, units, kale), length: 10 },
          planting,
          units,
          kale,
        );
        expect(longer.lengthM).toBeCloseTo(units === "imperial" ? 3.048 : 10, 6);
      },
    ),
  );
});

describe("plants that are bought", () => {
  const raised: Planting = {
    id: "p",
    cropId: "kale",
    varietyId: "curly",
    bedId: "b",
    sowOn: "2026-07-01",
    method: "transplant",
    stage: "full",
    lengthM: 4,
    rowCm: 45,
    inRowCm: 45,
    fromM: 0,
    ...BY_THE_BOOK,
  };
  const edited = (
    planting: Planting,
    some: Partial<ReturnType<typeof editFieldsOf>>,
  ): Planting => ({
    ...planting,
    ...plantingChangesFrom(
      { ...editFieldsOf(planting, "metric", kale), ...some },
      planting,
      "metric",
      kale,
    ),
  });
  const bedDay = (planting: Planting) =>
    dayNumber(planting.sowOn) + (planting.bought?.ageDays ?? seedlingDays(kale));

  test("bought, older, or raised again: they come into the bed on the same day", () => {
    const bought = edited(raised, { method: "bought", ageWeeks: 8 });
    expect(bought).toMatchObject({ method: "transplant", bought: { ageDays: 56 } });
    expect(bedDay(bought)).toBe(bedDay(raised));
    const older = edited(bought, { ageWeeks: 10 });
    expect(bedDay(older)).toBe(bedDay(raised));
    const again = edited(older, { method: "transplant" });
    expect(again).toMatchObject({ bought: null, sowOn: raised.sowOn });
    expect(edited(older, { method: "direct" }).sowOn).toBe(isoDate(bedDay(raised)));
  });

  test("an age that was not touched keeps its exact days; an absurd one breaks nothing", () => {
    const bought: Planting = { ...raised, bought: { ageDays: 40 } };
    expect(edited(bought, {})).toEqual(bought);
    for (const ageWeeks of [NaN, -3, 1e12]) {
      expect(edited(bought, { ageWeeks }).sowOn).toBe(bought.sowOn);
    }
  });
});
