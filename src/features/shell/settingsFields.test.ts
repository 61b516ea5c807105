import fc from "fast-check";
import { SettingsSchema, emptyGarden, type Settings } from "@/core/garden";
import { changeFrom, riskChoices, SettingsFieldsSchema, settingsFieldsOf } from "./settingsFields";

const anySettings: fc.Arbitrary<Settings> = fc
  .record({
    frostRisk: fc.double({ min: 0.01, max: 0.9, noNaN: true }),
    shortDayHours: fc.integer({ min: 70, max: 130 }).map((tenths) => tenths / 10),
    grownBeforeShortDays: fc.integer({ min: 500, max: 1000 }).map((mille) => mille / 1000),
    fallAdditionDays: fc.integer({ min: 0, max: 60 }),
    rotationYears: fc.integer({ min: 0, max: 10 }),
    stationUrl: fc.constantFrom(null, "/api/station", "https://station.example/garden"),
  })
  .map((some) => ({ ...emptyGarden().settings, ...some }));

test("what the form shows of the settings is kept as it was, whatever they are", () => {
  fc.assert(
    fc.property(anySettings, (settings) => {
      const fields = SettingsFieldsSchema.parse(settingsFieldsOf(settings));
      const names = Object.keys(fields) as (keyof typeof fields)[];
      const changes = names.map((name) => changeFrom(name, fields));
      const kept = SettingsSchema.parse(Object.assign({ ...settings }, ...changes));
      expect(kept.grownBeforeShortDays).toBeCloseTo(settings.grownBeforeShortDays, 12);
      expect({ ...kept, grownBeforeShortDays: 0 }).toEqual({
        ...settings,
        grownBeforeShortDays: 0,
      });
    }),
  );
});

test("the garden's own risk is always among those to choose from, once", () => {
  fc.assert(
    fc.property(fc.double({ min: 0.01, max: 0.9, noNaN: true }), (risk) => {
      const values = riskChoices(risk).map(({ value }) => value);
      expect(values.filter((value) => Number(value) === risk)).toHaveLength(1);
      expect(new Set(values).size).toBe(values.length);
    }),
  );
  // A third that was written down short is the third.
  expect(riskChoices(0.3333333).map(({ words }) => words)).toContain("1 year in 3");
  expect(riskChoices(0.3333333)).toHaveLength(4);
});

test("an address that is emptied, or of blanks, is none", () => {
  const fields = settingsFieldsOf(emptyGarden().settings);
  expect(changeFrom("stationUrl", { ...fields, stationUrl: "  " })).toEqual({ stationUrl: null });
});
