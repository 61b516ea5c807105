import fc from "fast-check";
import mixesJson from "@data/mixes.json";
import hardeningJson from "@data/hardening.json";
import sources from "@data/sources.json";
import { dayNumber, isoDate } from "../calendar";
import type { OutlookDay } from "../climate";
import { cropLibrary, type Crop } from "../crops";
import {
  cellName,
  countSeedlings,
  freeCells,
  germinationInterval,
  hardeningPlan,
  ingredientLitres,
  isSpent,
  lookAlikesIn,
  lotSprouting,
  mixCautions,
  mixLibrary,
  mixLitres,
  MixSchema,
  moveTo,
  overFull,
  potOn,
  roomTaken,
  seedlingsIn,
  seedsIn,
  sowInto,
  spreadByRow,
  standOn,
  takeCells,
  thinTo,
  trayGrid,
  TraySchema,
  withoutSeeds,
  type SeedLot,
  type Tray,
} from "./index";

const crop = (id: string): Crop => {
  const found = cropLibrary.get(id);
  if (!found) throw new Error(id);
  return found;
};
const today = dayNumber("2026-09-24");
const lot = (some: Partial<SeedLot> = {}): SeedLot => ({
  id: "lot",
  cropId: "onion",
  varietyId: "yellow",
  packedYear: 2026,
  amount: { unit: "grams", value: 10 },
  germinationTest: null,
  treated: false,
  note: "",
  ...some,
});
const tray = (some: Partial<Tray> = {}): Tray => ({
  id: "tray",
  name: "Tray 1",
  columns: 6,
  rows: 4,
  cellMl: 40,
  lengthCm: 54,
  widthCm: 28,
  stays: [],
  sowings: [],
  ...some,
});
const sowing = (cells: number[], some: object = {}) => ({
  id: "s1",
  cropId: "kale",
  varietyId: "curly",
  lotId: null,
  plantingId: null,
  sownOn: "2026-09-01",
  seedsPerCell: 2,
  labelled: false,
  cells,
  ...some,
});
function ok<T extends { ok: boolean }>(result: T): Extract<T, { ok: true }> {
  if (!result.ok) throw new Error(JSON.stringify(result));
  return result as Extract<T, { ok: true }>;
}
const refusalOf = (result: { ok: boolean }) => (result as unknown as { refusal: string }).refusal;

describe("the germination test", () => {
  // Wilson's score interval at 90 %, worked by hand with z = 1.645.
  test.each([
    [8, 10, 0.541, 0.931],
    [16, 20, 0.622, 0.907],
    [80, 100, 0.727, 0.858],
    [0, 10, 0, 0.213],
    [10, 10, 0.787, 1],
  ])("%i of %i sprouted: from %d to %d", (sprouted, seeds, low, high) => {
    const interval = germinationInterval(sprouted, seeds);
    expect(interval.low).toBeCloseTo(low, 2);
    expect(interval.high).toBeCloseTo(high, 2);
  });

  test("more seeds narrow the interval, and it always holds the share", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 100 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (seeds, at) => {
          const sprouted = Math.round(seeds * at);
          const [few, many] = [
            germinationInterval(sprouted, seeds),
            germinationInterval(sprouted * 10, seeds * 10),
          ];
          expect(few.low).toBeLessThanOrEqual(sprouted / seeds + 1e-9);
          expect(few.high).toBeGreaterThanOrEqual(sprouted / seeds - 1e-9);
          expect(many.high - many.low).toBeLessThan(few.high - few.low);
        },
      ),
    );
  });
});

describe("a seed lot", () => {
  test("ages by its crop's half-life, is sown thicker for it, and is spent in the end", () => {
    const onion = crop("onion");
    const halfLife = onion.sowing.halfLifeYears;
    const fresh = lotSprouting(onion, lot({ packedYear: 2026 }), dayNumber("2026-01-15"));
    const old = lotSprouting(onion, lot({ packedYear: 2021 }), dayNumber("2026-01-15"));
    expect(fresh.share).toBeCloseTo(onion.sowing.sproutShare, 6);
    expect(old.share).toBeCloseTo(onion.sowing.sproutShare * 0.5 ** (5 / halfLife), 6);
    expect(old.sowThicker).toBeCloseTo(2 ** (5 / halfLife), 6);
    expect(isSpent(onion, lot({ packedYear: 2026 }), today)).toBe(false);
    expect(isSpent(onion, lot({ packedYear: 2016 }), today)).toBe(true);
  });

  test("a large test is believed, a small one drawn toward what is usual", () => {
    const lettuce = crop("lettuce");
    const tested = (seeds: number, sprouted: number) =>
      lotSprouting(
        lettuce,
        lot({ germinationTest: { seeds, sprouted, testedOn: "2026-09-24" } }),
        today,
      );
    expect(tested(100, 40).share).toBeLessThan(0.46);
    expect(tested(10, 4).share).toBeGreaterThan(tested(100, 40).share);
    expect(tested(10, 4).interval?.low).toBeCloseTo(germinationInterval(4, 10).low, 9);
  });

  test("what is sown is taken out, by count or by weight, and never more than there is", () => {
    const onion = crop("onion"); // 260 seeds a gram
    expect(seedsIn(onion, lot())).toBe(2600);
    expect(withoutSeeds(onion, lot(), 260).amount.value).toBeCloseTo(9, 3);
    fc.assert(
      fc.property(
        fc.constantFrom("seeds" as const, "grams" as const),
        fc.integer({ min: 0, max: 5000 }),
        fc.integer({ min: 0, max: 9000 }),
        (unit, value, seeds) => {
          const before = lot({ amount: { unit, value } });
          const after = withoutSeeds(onion, before, seeds);
          expect(after.amount.value).toBeGreaterThanOrEqual(0);
          expect(seedsIn(onion, after)).toBeLessThanOrEqual(seedsIn(onion, before));
        },
      ),
    );
  });
});

describe("a tray", () => {
  test("cells are named by row and place, and must make whole rows", () => {
    expect(cellName({ columns: 12 }, 13)).toBe("B2");
    expect(cellName({ columns: 2 }, 53)).toBe("AA2");
    expect(trayGrid(72, 6)).toEqual({ columns: 6, rows: 12 });
    expect(trayGrid(72, 5)).toMatch(
      /do not make whole rows of 5: 72 cells can stand in rows of 2, 3, 4, 6/,
    );
    expect(trayGrid(7, 2)).toMatch(/only rows of 1 or 7/);
    expect(trayGrid(0, 5)).toMatch(/how many cells the tray has/);
  });

  test("is sown, counted, thinned, split and planted out, and says what cannot be", () => {
    const sown = ok(sowInto(tray(), sowing([0, 1, 2, 3, 4, 5]))).tray;
    expect(freeCells(sown)).toHaveLength(18);
    expect(refusalOf(sowInto(sown, sowing([5, 6], { id: "s2" })))).toMatch(/Something grows in A6/);
    expect(refusalOf(sowInto(sown, sowing([23, 24], { id: "s2" })))).toMatch(
      /has 24 cells: 1 of these do not fit/,
    );
    expect(refusalOf(thinTo(sown, "s1", "2026-09-10", 1))).toMatch(/Count the seedlings first/);
    expect(refusalOf(countSeedlings(sown, "s1", "2026-09-10", [3, 1, 1, 1, 1, 1]))).toMatch(
      /Only 2 seeds were sown in A1: 3 cannot be up/,
    );
    const counted = ok(countSeedlings(sown, "s1", "2026-09-10", [2, 2, 1, 0, 2, 1])).tray;
    const thinned = ok(thinTo(counted, "s1", "2026-09-12", 1)).tray;
    expect(thinned.sowings[0]?.seedlings).toEqual([1, 1, 1, 0, 1, 1]);
    const pots = tray({ id: "pots", name: "Pots", columns: 3, rows: 1 });
    const split = ok(potOn(counted, "s1", pots, "2026-09-12", "split", "s9"));
    expect(split.into.sowings[0]?.seedlings).toEqual([1, 1, 1]);
    expect(seedlingsIn(split.from.sowings[0] as Tray["sowings"][number])).toBe(5);
    expect(refusalOf(potOn(counted, "s1", split.into, "2026-09-12", "split", "s10"))).toMatch(
      /Pots is full/,
    );
    const out = ok(takeCells(thinned, "s1", "2026-10-01", "plantedOut", null)).tray;
    expect(out.sowings).toEqual([]);
    expect(freeCells(out)).toHaveLength(24);
    expect(thinned.sowings[0]?.entries.map(({ what }) => what)).toEqual([
      "sown",
      "counted",
      "thinned",
    ]);
  });

  test("a count by rows is spread over the cells and adds up", () => {
    const [one] = ok(sowInto(tray(), sowing([0, 1, 2, 3, 4, 5, 6, 7]))).tray.sowings;
    if (!one) throw new Error("sown");
    const spread = spreadByRow({ columns: 6 }, one, [8, 3]);
    expect(spread).toEqual([2, 2, 1, 1, 1, 1, 2, 1]);
  });

  test("whatever is moved, no seedling appears or is lost", () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 4 }), { minLength: 1, maxLength: 24 }),
        fc.integer({ min: 1, max: 40 }),
        fc.constantFrom("split" as const, "together" as const),
        (counts, room, how) => {
          const cells = counts.map((_, cell) => cell);
          const sown = ok(sowInto(tray(), sowing(cells, { seedsPerCell: 4 }))).tray;
          const counted = ok(countSeedlings(sown, "s1", "2026-09-10", counts)).tray;
          const into = tray({ id: "into", name: "Into", columns: room, rows: 1 });
          const moved = potOn(counted, "s1", into, "2026-09-12", how, "s2");
          const all = counts.reduce((sum, count) => sum + count, 0);
          if (!moved.ok) return expect(all).toBe(0);
          const total = [...moved.from.sowings, ...moved.into.sowings].reduce(
            (sum, one) => sum + (seedlingsIn(one) ?? 0),
            0,
          );
          expect(total).toBe(all);
          expect(TraySchema.safeParse(moved.from).success).toBe(true);
          expect(TraySchema.safeParse(moved.into).success).toBe(true);
        },
      ),
    );
  });

  test("a file with two sowings in a cell, or a cell too many, is refused with the cell", () => {
    const twice = tray({
      sowings: [sowing([0, 1]), sowing([1], { id: "s2" })].map((one) => ({
        ...one,
        seedlings: null,
        entries: [],
      })),
    });
    expect(TraySchema.safeParse(twice).error?.issues[0]?.message).toMatch(
      /Two sowings hold cell 1/,
    );
    const outside = tray({
      sowings: [{ ...sowing([99]), seedlings: null, entries: [] }],
    });
    expect(TraySchema.safeParse(outside).error?.issues[0]?.message).toMatch(/no cell 99/);
  });

  test("look-alikes side by side are found until both are labelled", () => {
    const two = (labelled: boolean, cropId: string, cells = [6, 7]) => {
      const first = ok(sowInto(tray(), sowing([0, 1], { labelled }))).tray;
      return ok(sowInto(first, sowing(cells, { id: "s2", cropId, varietyId: "smooth", labelled })))
        .tray;
    };
    const found = (one: Tray) => lookAlikesIn(one, (id) => cropLibrary.get(id));
    expect(found(two(false, "collards"))).toMatchObject([{ kind: "brassica seedling" }]);
    expect(found(two(true, "collards"))).toEqual([]);
    expect(found(two(false, "spinach"))).toEqual([]);
    expect(found(two(false, "collards", [20, 21]))).toEqual([]);
    // The end of one row and the start of the next are no neighbours.
    const rows = ok(sowInto(tray(), sowing([5]))).tray;
    expect(
      found(
        ok(sowInto(rows, sowing([6], { id: "s2", cropId: "collards", varietyId: "smooth" }))).tray,
      ),
    ).toEqual([]);
  });

  test("stands where it was last put", () => {
    const moved = moveTo(moveTo(tray(), "bench", "2026-09-01"), "frame", "2026-09-20");
    expect(standOn(moved, "2026-08-31")).toBeNull();
    expect(standOn(moved, "2026-09-19")).toBe("bench");
    expect(standOn(moved, "2026-09-20")).toBe("frame");
    expect(standOn(moveTo(moved, "bench", "2026-09-10"), "2026-10-01")).toBe("bench");
  });
});

test("room on a bench adds up, and the days it is over-full are found", () => {
  const day = dayNumber;
  const occupants = [
    { standId: "bench", fromDay: day("2026-09-01"), toDay: day("2026-09-11"), areaM2: 0.6 },
    { standId: "bench", fromDay: day("2026-09-06"), toDay: day("2026-09-21"), areaM2: 0.6 },
    { standId: "frame", fromDay: day("2026-09-06"), toDay: day("2026-09-21"), areaM2: 9 },
  ];
  const stretches = roomTaken(occupants, "bench", day("2026-09-01"), day("2026-09-30"));
  expect(stretches.map(({ fromDay, takenM2 }) => [isoDate(fromDay), takenM2])).toEqual([
    ["2026-09-01", 0.6],
    ["2026-09-06", 1.2],
    ["2026-09-11", 0.6],
    ["2026-09-21", 0],
  ]);
  expect(overFull(stretches, 1)).toEqual([
    { fromDay: day("2026-09-06"), toDay: day("2026-09-11"), takenM2: 1.2 },
  ]);
  expect(overFull(stretches, 1.2)).toEqual([]);
});

test("mixes add up to their litres, fit their schema, and warn of dust once", () => {
  expect(mixLitres([{ cells: 72, cellMl: 40 }])).toBeCloseTo(3.456, 3); // 2.88 L and a fifth
  for (const mix of mixLibrary.values()) {
    expect(MixSchema.safeParse(mix).success).toBe(true);
    const litres = ingredientLitres(mix, 14).reduce((sum, part) => sum + part.litres, 0);
    expect(litres).toBeCloseTo(14, 9);
    expect(new Set(mixCautions(mix)).size).toBe(mixCautions(mix).length);
  }
  expect(mixCautions(mixLibrary.get("blocks") as never).join(" ")).toMatch(/mask/);
  const known = Object.keys(sources);
  for (const { source } of mixesJson.mixes) expect(known).toContain(source);
  for (const source of Object.values(hardeningJson.sources)) expect(known).toContain(source);
});

describe("hardening off", () => {
  const plannedDay = dayNumber("2026-09-30");
  const outlookDay = (offset: number, some: Partial<OutlookDay> = {}): OutlookDay => ({
    date: isoDate(dayNumber("2026-09-24") + offset),
    minTempC: 8,
    maxTempC: 18,
    spreadC: 2,
    precipitationMm: 0,
    cloudShare: 0.4,
    windMps: 2,
    ...some,
  });
  const week = (change: (offset: number) => Partial<OutlookDay>) =>
    Array.from({ length: 7 }, (_, offset) => outlookDay(offset, change(offset)));

  test("without an outlook it ends on the planned day, with growing hours", () => {
    const plan = hardeningPlan(crop("lettuce"), plannedDay, []);
    expect(plan.plantOutDay).toBe(plannedDay);
    const hours = plan.days.map((one) => one.hours);
    expect([...hours].sort((a, b) => a - b)).toEqual(hours);
    expect(hours.at(-1)).toBe(24);
  });

  test("seedlings that are late are planted out from today on", () => {
    const late = hardeningPlan(crop("kale"), plannedDay, [], plannedDay + 9);
    expect(late.plantOutDay).toBe(plannedDay + 9);
    expect(late.movedDays).toBe(0);
  });

  test("a cold, windy or hot day is skipped, named, and moves the rest", () => {
    const windy = hardeningPlan(
      crop("lettuce"),
      plannedDay,
      week((at) => (at === 1 ? { windMps: 12 } : {})),
    );
    expect(windy.days.find((one) => one.heldUpBy)?.heldUpBy).toBe("wind");
    expect(windy.movedDays).toBeGreaterThanOrEqual(1);
    const frosty = hardeningPlan(
      crop("lettuce"),
      plannedDay,
      week((at) => (at >= 4 ? { minTempC: -3 } : {})),
    );
    expect(frosty.days.some((one) => one.heldUpBy === "a cold night")).toBe(true);
    const hot = hardeningPlan(
      crop("lettuce"),
      plannedDay,
      week(() => ({ maxTempC: 33 })),
    );
    expect(hot.days.filter((one) => one.heldUpBy === "heat")).toHaveLength(7);
  });

  test("a cold night holds up a tender crop and not a hardy one", () => {
    const chilly = week(() => ({ minTempC: 2, maxTempC: 12 }));
    expect(hardeningPlan(crop("summer-squash"), plannedDay, chilly).movedDays).toBeGreaterThan(0);
    expect(hardeningPlan(crop("kale"), plannedDay, chilly).movedDays).toBe(0);
  });

  test("of the days within reach the cool and cloudy one is suggested", () => {
    const soon = dayNumber("2026-09-26");
    const plan = hardeningPlan(
      crop("kale"),
      soon,
      week((at) => (at === 4 ? { cloudShare: 0.95, maxTempC: 12 } : { cloudShare: 0.1 })),
    );
    expect(isoDate(plan.plantOutDay)).toBe("2026-09-28");
    expect(plan.words).toMatch(/Clouds are expected/);
    const bright = hardeningPlan(
      crop("kale"),
      soon,
      week(() => ({ cloudShare: 0.1 })),
    );
    expect(bright.words).toMatch(/evening and shade/);
  });

  test("never begins late, never shortens, and puts off by a week at most", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            min: fc.integer({ min: -15, max: 15 }),
            range: fc.integer({ min: 0, max: 25 }),
            wind: fc.integer({ min: 0, max: 20 }),
          }),
          { minLength: 1, maxLength: 14 },
        ),
        fc.constantFrom(...cropLibrary.values()),
        (weather, any) => {
          const outlook = weather.map(({ min, range, wind }, at) =>
            outlookDay(at, { minTempC: min, maxTempC: min + range, windMps: wind }),
          );
          const plan = hardeningPlan(any, plannedDay, outlook);
          expect(plan.days.filter((one) => one.heldUpBy === null)).toHaveLength(7);
          expect(plan.movedDays).toBeGreaterThanOrEqual(0);
          expect(plan.movedDays).toBeLessThanOrEqual(7);
        },
      ),
    );
  });
});
