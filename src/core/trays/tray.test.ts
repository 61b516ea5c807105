import fc from "fast-check";
import { dayNumber, isoDate } from "../calendar";
import { cropLibrary } from "../crops";
import {
  cellName,
  countSeedlings,
  freeCells,
  moveTo,
  potOn,
  seedlingsIn,
  sowInto,
  spreadByRow,
  standOn,
  takeCells,
  thinTo,
} from "./tray";
import { lookAlikesIn } from "./lookAlikes";
import { overFull, roomTaken } from "./benchRoom";
import { trayGrid } from "./trayGrid";
import { TraySchema, type Tray } from "./traySchema";
import { tray } from "./trays.testdata";
import { english, englishMessage } from "@/words/told.testdata";
import type { Fact, Told } from "../facts";

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
const refusalOf = (result: { ok: boolean }) =>
  english((result as unknown as { refusal: Told }).refusal);

describe("a tray", () => {
  test("cells are named by row and place, and must make whole rows", () => {
    expect(cellName({ columns: 12 }, 13)).toBe("B2");
    expect(cellName({ columns: 2 }, 53)).toBe("AA2");
    expect(trayGrid(72, 6)).toEqual({ columns: 6, rows: 12 });
    expect(english(trayGrid(72, 5) as Fact)).toMatch(
      /do not make whole rows of 5: 72 cells can stand in rows of 2, 3, 4, 6/,
    );
    expect(english(trayGrid(7, 2) as Fact)).toMatch(/only rows of 1 or 7/);
    expect(english(trayGrid(0, 5) as Fact)).toMatch(/how many cells the tray has/);
  });

  test("is sown, counted, thinned, split and planted out, and says what cannot be", () => {
    const sown = ok(sowInto(tray(), sowing([0, 1, 2, 3, 4, 5]))).tray;
    expect(freeCells(sown)).toHaveLength(18);
    expect(refusalOf(sowInto(sown, sowing([5, 6], { id: "s2" })))).toMatch(/Something grows in A6/);
    expect(refusalOf(sowInto(sown, sowing([23, 24], { id: "s2" })))).toMatch(
      /has 24 cells: 1 of these do not fit/,
    );
    expect(refusalOf(thinTo(sown, "s1", "2026-09-10", 1))).toMatch(/Count the seedlings first/);
    expect(refusalOf(countSeedlings(sown, "s1", "2026-09-10", [11, 1, 1, 1, 1, 1]))).toMatch(
      /Only 2 seeds were sown in A1: 11 cannot be up/,
    );
    // A cluster of beet brings up more than it was counted as.
    expect(countSeedlings(sown, "s1", "2026-09-10", [4, 1, 1, 1, 1, 1]).ok).toBe(true);
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
    expect(englishMessage(TraySchema.safeParse(twice).error?.issues[0]?.message)).toMatch(
      /Two sowings hold cell 1/,
    );
    const outside = tray({
      sowings: [{ ...sowing([99]), seedlings: null, entries: [] }],
    });
    expect(englishMessage(TraySchema.safeParse(outside).error?.issues[0]?.message)).toMatch(
      /no cell 99/,
    );
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
