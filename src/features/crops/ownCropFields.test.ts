import fc from "fast-check";
import { cropLibrary } from "@/core/crops";
import { OWN_FIELDS, ownCropFrom, ownFieldsOf, unitOf } from "./ownCropFields";

const crop = (id: string) => {
  const found = cropLibrary.get(id);
  if (!found) throw new Error(id);
  return found;
};
const UNITS = fc.constantFrom("metric" as const, "imperial" as const);

describe("the form of a crop of one's own", () => {
  test("changes nothing that was not touched, for every crop, in either units", () => {
    fc.assert(
      fc.property(fc.constantFrom(...cropLibrary.values()), UNITS, (from, units) => {
        const made = ownCropFrom(ownFieldsOf(from, from.name, units), from, from.id, units);
        expect(made).toEqual(from);
      }),
    );
  });

  test("takes what was typed in the grower's units", () => {
    const kale = crop("kale");
    const fields = {
      ...ownFieldsOf(kale, "Ours", "imperial"),
      hardenedLt50C: -4,
      rowCm: 16,
      sproutShare: 70,
    };
    const made = ownCropFrom(fields, kale, "ours", "imperial");
    expect(made).toMatchObject({ id: "ours", name: "Ours" });
    expect(made.hardiness.hardenedLt50C).toBeCloseTo(-20, 6); // −4 °F
    expect(made.spacing.rowCm).toBeCloseTo(40.64, 6);
    expect(made.sowing.sproutShare).toBeCloseTo(0.7, 9);
    expect(made.hardiness.unhardenedLt50C).toBe(kale.hardiness.unhardenedLt50C);
    expect(new Set(OWN_FIELDS.map(({ kind }) => unitOf(kind, "imperial")))).toEqual(
      new Set(["°F", "in", "%", "per oz", "lb/100 sq ft", ""]),
    );
  });
});
