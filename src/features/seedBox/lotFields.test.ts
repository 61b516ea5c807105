import type { SeedLot } from "@/core/seedBox";
import fc from "fast-check";
import { dayNumber } from "@/core/calendar";
import { lotFieldsOf, lotFrom } from "./lotFields";

const lot = (some: Partial<SeedLot> = {}): SeedLot => ({
  id: "lot-1",
  cropId: "kale",
  varietyId: "curly",
  packedYear: 2025,
  amount: { unit: "grams", value: 3.217 },
  germinationTest: null,
  treated: false,
  note: "",
  ...some,
});
const today = dayNumber("2026-09-24");
const UNITS = fc.constantFrom("metric" as const, "imperial" as const);

describe("a seed lot's form", () => {
  test("gives back what was not touched, to the last digit, in either units", () => {
    fc.assert(
      fc.property(
        UNITS,
        fc.double({ min: 0, max: 5000, noNaN: true }),
        fc.constantFrom("seeds" as const, "grams" as const),
        fc.option(
          fc.record({
            seeds: fc.integer({ min: 5, max: 100 }),
            sprouted: fc.integer({ min: 0, max: 5 }),
          }),
        ),
        (units, value, unit, test) => {
          const imperial = units === "imperial";
          const before = lot({
            amount: { unit, value },
            germinationTest: test && { ...test, testedOn: "2026-08-01" },
          });
          expect(lotFrom(lotFieldsOf(before, imperial, today), before, imperial, today)).toEqual(
            before,
          );
        },
      ),
    );
  });

  test("ounces become grams, and half a test is no test that would be kept silently", () => {
    const fields = {
      ...lotFieldsOf(null, true, today),
      cropId: "kale",
      varietyId: "curly",
      amount: 2,
    };
    expect(lotFrom(fields, null, true, today).amount.value).toBeCloseTo(56.699, 3);
    expect(lotFrom({ ...fields, testSeeds: 20 }, null, true, today).germinationTest).toMatchObject({
      seeds: 20,
      sprouted: NaN, // which the command refuses: say how many sprouted
    });
    expect(lotFrom(fields, null, true, today).germinationTest).toBeNull();
  });
});
