import { dayNumber } from "@/core/calendar";
import { cropLibrary } from "@/core/crops";
import { seedsIn, type SeedLot } from "@/core/seedBox";
import type { Tray } from "@/core/trays";
import { lotsFor, seedsPerCellFor, sowingFrom, startingSowFields, wholeRows } from "./sowFields";
import { nextTrayName, trayFieldsFor, trayFrom } from "./trayFields";

const crop = (id: string) => {
  const found = cropLibrary.get(id);
  if (!found) throw new Error(id);
  return found;
};
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
const trayOf = (some: Partial<Tray> = {}): Tray => ({
  id: "tray-1",
  name: "Tray 1",
  columns: 6,
  rows: 2,
  cellMl: 40,
  lengthCm: 54,
  widthCm: 28,
  stays: [],
  sowings: [],
  ...some,
});

describe("a tray's form", () => {
  test("makes a tray, converts inches, and refuses cells that make no rows", () => {
    const fields = trayFieldsFor("metric", "Tray 1", "bench", { cells: 50, cellMl: 25 });
    expect(trayFrom(fields, "metric", today)).toMatchObject({
      columns: 10,
      rows: 6,
      cellMl: 25,
      stays: [{ from: "2026-09-24", standId: "bench" }],
    });
    const inches = trayFrom(
      { ...trayFieldsFor("imperial", "Tray 1", ""), length: 21, cellVolume: 2 },
      "imperial",
      today,
    );
    if (typeof inches === "string") throw new Error(inches);
    expect(inches.lengthCm).toBeCloseTo(53.34, 6);
    expect(inches.cellMl).toBeCloseTo(32.77, 2);
    expect(inches.stays).toEqual([]);
    expect(trayFrom({ ...fields, columns: 7 }, "metric", today)).toMatch(
      /do not make whole rows of 7/,
    );
    expect(trayFrom({ ...fields, cells: NaN }, "metric", today)).toMatch(/Say how many cells/);
  });

  test("the next name is free", () => {
    expect(nextTrayName([])).toBe("Tray 1");
    expect(nextTrayName([trayOf(), trayOf({ name: "Tray 3" })])).toBe("Tray 4");
  });
});

describe("a sowing's form", () => {
  const lots = [
    lot({ id: "new", packedYear: 2026 }),
    lot({ id: "old", packedYear: 2024 }),
    lot({ id: "spent", packedYear: 2008 }),
    lot({ id: "empty", packedYear: 2023, amount: { unit: "seeds", value: 0 } }),
  ];

  test("offers the oldest good packet first, what is spent or empty last", () => {
    const order = lotsFor(lots, crop("kale"), "curly", today).map(({ id }) => id);
    expect(order.slice(0, 2)).toEqual(["old", "new"]);
    expect(new Set(order.slice(2))).toEqual(new Set(["spent", "empty"]));
    expect(startingSowFields(trayOf(), null, cropLibrary, lots, today).cropId).toBe("lettuce");
  });

  test("puts more seeds into a cell the worse they sprout, and enough for a cluster", () => {
    const kale = crop("kale");
    const test = (sprouted: number) =>
      lot({ germinationTest: { seeds: 100, sprouted, testedOn: "2026-09-24" } });
    const seeds = [95, 60, 30].map((sprouted) => seedsPerCellFor(kale, test(sprouted), 1, today));
    expect([...seeds].sort()).toEqual(seeds);
    expect(seeds[0]).toBe(1);
    expect(seeds[2]).toBeGreaterThan(2);
    expect(seedsPerCellFor(kale, test(50), 4, today)).toBeGreaterThanOrEqual(7);
  });

  test("asks for cells the tray does not have, so that it can be said how many", () => {
    const tray = trayOf({
      sowings: [
        {
          id: "s",
          cropId: "kale",
          varietyId: "curly",
          lotId: null,
          plantingId: null,
          sownOn: "2026-09-01",
          seedsPerCell: 1,
          cells: [0, 1],
          seedlings: null,
          labelled: true,
          entries: [],
        },
      ],
    });
    const fields = {
      ...startingSowFields(tray, null, cropLibrary, lots, today),
      cells: 12,
      fromCell: 0,
    };
    const input = sowingFrom(fields, tray, false);
    if (typeof input === "string") throw new Error(input);
    expect(input.sowing.cells).toEqual([2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13]);
    expect(wholeRows(tray, { ...fields, cells: 1, fromCell: 0 })).toBe(4); // A3 to A6
    expect(wholeRows(tray, { ...fields, cells: 5, fromCell: 0 })).toBe(10);
    expect(wholeRows(tray, { ...fields, cells: 1, fromCell: 8 })).toBe(4); // B3 to B6
    const few = sowingFrom({ ...fields, cells: 3, fromCell: 7 }, tray, true);
    expect(few).toMatchObject({ evenIfShort: true, sowing: { cells: [7, 8, 9] } });
    expect(sowingFrom({ ...fields, cells: NaN }, tray, false)).toMatch(/how many cells/);
    expect(sowingFrom({ ...fields, sownOn: "soon" }, tray, false)).toMatch(/Enter the sowing date/);
    expect(sowingFrom({ ...fields, cropId: "" }, tray, false)).toMatch(/Choose a crop/);
    expect(seedsIn(crop("kale"), lots[0] as SeedLot)).toBe(900);
  });
});
