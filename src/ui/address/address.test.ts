import fc from "fast-check";
import { dayNumber } from "@/core/calendar";
import { useView, type ViewState } from "../viewState";
import { addressOf, searchOf } from "./fields";
import { readAddress } from "./readAddress";

const usual = useView.getInitialState();
const id = fc.stringMatching(/^[a-z]+-[a-z0-9]{1,8}$/);
const maybe = <T>(some: fc.Arbitrary<T>) => fc.option(some, { nil: null });

/** What can be looked at in each view. */
const looked: Record<string, fc.Arbitrary<Partial<ViewState>>> = {
  "/plan": fc.record({
    planGrouping: fc.constantFrom("bed" as const, "crop" as const),
    wish: maybe(
      fc.record({ cropId: id, bedId: id, mode: fc.constantFrom("by" as const, "sowOn" as const) }),
    ),
  }),
  "/beds": fc.record({
    selectedBedId: maybe(id),
    bedSection: fc.constantFrom("standing" as const, "soil" as const, "fill" as const),
    openingFrom: maybe(fc.constant("20720|0.00|2.50")),
  }),
  "/place": fc.record({
    placeSection: fc.constantFrom("frost" as const, "sun" as const),
    sunBedId: maybe(id),
  }),
  "/seedlings": fc.record({
    seedlingsSection: fc.constantFrom("trays" as const, "seeds" as const),
    selectedTrayId: maybe(id),
  }),
  "/shelters": fc.record({ coversKey: maybe(fc.constant("house|row-cover-light+x")) }),
  "/logbook": fc.record({
    logFilter: fc.record({
      text: fc.string({ maxLength: 20 }),
      kind: fc.constantFrom("", "Harvest"),
      from: fc.constantFrom("", "2026-09-01"),
      until: fc.constantFrom("", "2026-10-01"),
    }),
  }),
  "/today": fc.constant({}),
};
const anywhere = fc.record({
  dateInView: maybe(fc.integer({ min: dayNumber("2020-01-01"), max: dayNumber("2030-12-31") })),
  selectedPlantingId: maybe(id),
});

test("what is looked at in any view comes back from its address", () => {
  for (const [path, part] of Object.entries(looked)) {
    fc.assert(
      fc.property(anywhere, part, (some, more) => {
        const state = { ...usual, ...some, ...more };
        const search = searchOf(addressOf(path, state));
        expect({ ...usual, ...readAddress(path, search) }).toEqual(state);
      }),
    );
  }
});

test("what an address says wrongly is as if it were not said, and nothing usual is said", () => {
  expect(searchOf(addressOf("/beds", usual))).toBe("");
  const read = readAddress("/beds", "?on=2026-02-31&part=roof&bed=&dialog=bomb&planting=p1");
  expect({ ...usual, ...read }).toEqual({ ...usual, selectedPlantingId: "p1" });
});

test("one dialog is open at a time, and another view's dialog is not", () => {
  expect(readAddress("/plan", "?dialog=wish&crop=kale")).toMatchObject({
    wish: { cropId: "kale" },
    settingsOpen: false,
  });
  expect(readAddress("/beds", "?dialog=wish&crop=kale").wish).toBeNull();
  expect(addressOf("/plan", { ...usual, settingsOpen: true })).toEqual({ dialog: "settings" });
});
