import fc from "fast-check";
import { dayNumber } from "../calendar";
import { causeCode, emptyOutcome, type Cause, type WinterOutcome } from "./outcome";
import { Tally } from "./tally";

const FROM = dayNumber("2026-09-24");
const SPAN = { fromDay: FROM, untilDay: FROM + 28 };

/** A winter of one planting: picked from a day on, or lost to something. */
function winterOf(
  winter: number,
  some: {
    first?: number;
    kg?: number;
    lost?: Cause;
    ended?: Cause;
    on?: string;
    coldestC?: number;
  },
): WinterOutcome {
  const { first = 0, kg = 0, lost = "none", ended = lost, on, coldestC = -10 } = some;
  const outcome = emptyOutcome(1, 4);
  outcome.firstDay[0] = first;
  outcome.lastDay[0] = first === 0 ? 0 : first + 7;
  outcome.kg[0] = kg;
  outcome.weekKg[1] = kg;
  outcome.lostBy[0] = causeCode(lost);
  outcome.endedBy[0] = causeCode(ended);
  outcome.endDay[0] = on === undefined ? 0 : dayNumber(on);
  return { ...outcome, winter, coldestC, totalKg: kg, coverNights: winter };
}

function reportOf(winters: readonly WinterOutcome[]) {
  const tally = new Tally(["kale"], SPAN);
  for (const winter of winters) tally.add(winter);
  return tally.report();
}

test("ten winters: one in ten lies below the first tenth and one above the last, the mean is the mean", () => {
  const winters = Array.from({ length: 10 }, (_, at) => winterOf(at, { first: FROM + at, kg: at }));
  const { plantings, totalKg, weeks, coverNights } = reportOf(winters);
  expect(plantings[0]?.kg).toEqual({ p10: 1, p50: 5, p90: 9, mean: 4.5 });
  expect(plantings[0]?.first).toEqual({ p10: FROM + 1, p50: FROM + 5, p90: FROM + 9 });
  expect(totalKg.mean).toBe(4.5);
  expect(weeks.map(({ weekOf }) => weekOf)).toEqual([FROM, FROM + 7, FROM + 14, FROM + 21]);
  expect(weeks[1]?.kg.p90).toBe(9);
  expect(weeks[0]?.kg.p90).toBe(0);
  expect(coverNights).toBe(4.5);
});

test("a day that does not come in half of the winters has no middle, though it has an early one", () => {
  const winters = Array.from({ length: 10 }, (_, at) =>
    at < 4 ? winterOf(at, { first: FROM + at, kg: 1 }) : winterOf(at, { lost: "dark" }),
  );
  const [odds] = reportOf(winters).plantings;
  expect(odds?.reached).toBe(4);
  expect(odds?.first).toEqual({ p10: FROM + 1, p50: null, p90: null });
  expect(odds?.lostBy).toEqual({ dark: 6 });
});

test("what ends it is counted apart from what prevents a harvest, cold by its month", () => {
  const [odds] = reportOf([
    winterOf(0, { first: FROM, kg: 2, ended: "cold", on: "2026-12-20" }),
    winterOf(1, { first: FROM, kg: 2, ended: "cold", on: "2027-01-03" }),
    winterOf(2, { lost: "cold", on: "2026-12-05" }),
    winterOf(3, { first: FROM, kg: 2, ended: "bolting", on: "2027-04-20" }),
  ]).plantings;
  expect(odds?.reached).toBe(3);
  expect(odds?.lostBy).toEqual({ cold: 1 });
  expect(odds?.endedBy).toEqual({ cold: 3, bolting: 1 });
  expect(odds?.coldInMonth).toEqual([1, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 2]);
});

test("the winters to look at are the coldest, the middle and the mildest; of none there are none", () => {
  const lows = [-8, -22, -3, -15, -12];
  const { told } = reportOf(lows.map((coldestC, at) => winterOf(at, { coldestC, kg: at })));
  expect(told?.cold).toEqual({ winter: 1, coldestC: -22, totalKg: 1 });
  expect(told?.middling.coldestC).toBe(-12);
  expect(told?.kind.coldestC).toBe(-3);
  expect(reportOf([]).told).toBeNull();
});

test("the report is the same whatever order winters come in, and one that comes twice counts once", () => {
  const anyWinters = fc.uniqueArray(
    fc.record({
      winter: fc.nat(500),
      kg: fc.double({ min: 0, max: 50, noNaN: true }),
      coldestC: fc.double({ min: -40, max: 5, noNaN: true }),
      isLost: fc.boolean(),
    }),
    { selector: ({ winter }) => winter, minLength: 1, maxLength: 40 },
  );
  fc.assert(
    fc.property(anyWinters, fc.infiniteStream(fc.nat()), (some, order) => {
      const winters = some.map(({ winter, kg, coldestC, isLost }) =>
        winterOf(winter, isLost ? { lost: "heat", coldestC } : { first: FROM + 1, kg, coldestC }),
      );
      const shuffled = winters
        .map((one) => ({ one, at: order.next().value as number }))
        .sort((a, b) => a.at - b.at)
        .map(({ one }) => one);
      expect(reportOf([...shuffled, ...shuffled.slice(0, 3)])).toEqual(reportOf(winters));
    }),
  );
});
