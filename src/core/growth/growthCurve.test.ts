import fc from "fast-check";
import { dayWhenGathered, latestStart, sumBetween, type RunningSum } from "./growthCurve";

const worths = fc.array(fc.double({ min: 0, max: 1.4, noNaN: true }), {
  minLength: 1,
  maxLength: 60,
});
const FIRST_DAY = 20_000;

function curveOf(worth: number[]): RunningSum {
  const total = new Float64Array(worth.length + 1);
  worth.forEach((value, index) => (total[index + 1] = (total[index] ?? 0) + value));
  return { firstDay: FIRST_DAY, total };
}

/** The same by adding up day after day. */
function gatheredSlowly(worth: number[], from: number, needed: number): number | null {
  let sum = 0;
  for (let index = from; index <= worth.length; index += 1) {
    if (sum >= needed - 1e-6) return FIRST_DAY + index;
    sum += worth[index] ?? 0;
  }
  return null;
}

test("look-ups agree with adding up day after day", () => {
  fc.assert(
    fc.property(
      worths,
      fc.nat(59),
      fc.double({ min: 0.01, max: 30, noNaN: true }),
      (worth, start, needed) => {
        const from = Math.min(start, worth.length - 1);
        const curve = curveOf(worth);
        const found = dayWhenGathered(curve, FIRST_DAY + from, needed);
        const slowly = gatheredSlowly(worth, from, needed);
        // Within the slack of a hair, the two may part by the days that are worth nothing.
        if (found !== slowly) {
          expect(
            Math.abs(sumBetween(curve, FIRST_DAY + from, found ?? slowly ?? 0) - needed),
          ).toBeLessThan(1e-5);
        }
      },
    ),
  );
});

test("the latest start gathers in time, and starting a day later does not", () => {
  fc.assert(
    fc.property(
      worths,
      fc.nat(60),
      fc.double({ min: 0.01, max: 30, noNaN: true }),
      (worth, end, needed) => {
        const curve = curveOf(worth);
        const byDay = FIRST_DAY + Math.min(end, worth.length);
        const start = latestStart(curve, byDay, needed);
        if (start === null) {
          expect(sumBetween(curve, FIRST_DAY, byDay)).toBeLessThan(needed);
          return;
        }
        expect(sumBetween(curve, start, byDay)).toBeGreaterThanOrEqual(needed - 1e-6);
        expect(dayWhenGathered(curve, start, needed) ?? Infinity).toBeLessThanOrEqual(byDay);
        expect(sumBetween(curve, start + 1, byDay)).toBeLessThan(needed);
      },
    ),
  );
});

test("days outside the stretch count for nothing", () => {
  const curve = curveOf([1, 1, 1]);
  expect(sumBetween(curve, FIRST_DAY - 100, FIRST_DAY + 100)).toBe(3);
  expect(dayWhenGathered(curve, FIRST_DAY - 5, 2)).toBe(FIRST_DAY + 2);
  expect(dayWhenGathered(curve, FIRST_DAY, 4)).toBeNull();
});
