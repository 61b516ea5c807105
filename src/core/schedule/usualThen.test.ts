import sources from "@data/sources.json";
import usual from "@data/usualSowing.json";
import { climateFromSketch } from "../climate";
import { cropLibrary, usualSowing } from "../crops";
import { Site } from "../growth";
import { day, growing, inlandSite, tarnholtSite } from "../plantings/tarnholt.testdata";
import { isSownThen, usualRank } from "./usualThen";

const isSown = (cropId: string, on: string, covers: string[] = []) =>
  isSownThen(inlandSite, growing(cropId, covers), day(on));

test("every crop of the library has its windows, told with a source", () => {
  expect(Object.keys(usual.crops).sort()).toEqual([...cropLibrary.keys()].sort());
  for (const id of cropLibrary.keys()) expect(() => usualSowing(id)).not.toThrow();
  for (const source of Object.values(usual.sources)) expect(sources).toHaveProperty(source);
});

test("what growers sow at 47 degrees north in late September, and what nobody does in November", () => {
  expect(isSown("mache", "2026-09-24")).toBe(true);
  expect(isSown("garlic", "2026-10-10")).toBe(true);
  expect(isSown("spinach", "2026-08-25")).toBe(true);
  for (const odd of ["salsify", "scorzonera", "parsnip", "tomato"]) {
    expect([odd, isSown(odd, "2026-09-24")]).toEqual([odd, false]);
    expect([odd, isSown(odd, "2026-11-12")]).toEqual([odd, false]);
  }
  // In spring they are.
  expect(isSown("parsnip", "2027-05-01")).toBe(true);
  expect(isSown("tomato", "2027-04-01")).toBe(true);
});

test("covers lengthen a window at both ends", () => {
  const last = (covers: string[]) => {
    let on = day("2026-08-01");
    while (isSownThen(inlandSite, growing("lettuce", covers), on)) on += 1;
    return on - 1;
  };
  expect(last(["row-cover-light"]) - last([])).toBe(2 * 7);
});

test("what is usual then comes first, and what most people grow of that", () => {
  const rank = (cropId: string) => usualRank(inlandSite, growing(cropId), day("2026-09-10"));
  expect(rank("spinach")).toBeLessThan(rank("claytonia"));
  expect(rank("claytonia")).toBeLessThan(rank("salsify"));
});

test("nothing speaks against a crop where there is no frost to count from, and none against one's own", () => {
  const frostFree = new Site(
    21,
    climateFromSketch(21, {
      coldestMonth: { lowC: 15, highC: 25 },
      warmestMonth: { lowC: 23, highC: 31 },
      frost: { kind: "rare" },
      wetDaysPerYear: null,
    }),
  );
  expect(isSownThen(frostFree, growing("tomato"), day("2026-11-12"))).toBe(true);
  const spinach = growing("spinach");
  const own = { ...spinach, crop: { ...spinach.crop, id: "own-1" } };
  expect(isSownThen(tarnholtSite, own, day("2026-12-24"))).toBe(true);
});

test("the average frosts are looked for once, however often they are asked for", () => {
  const nights = jest.spyOn(inlandSite.climate, "logChanceNightStaysAbove");
  const ask = () => {
    nights.mockClear();
    isSown("spinach", "2026-09-24");
    isSown("garlic", "2026-10-10");
    return nights.mock.calls.length;
  };
  ask();
  expect(ask()).toBe(0);
  nights.mockRestore();
});
