import fc from "fast-check";
import { dayNumber, isoDate } from "@/core/calendar";
import { strandPath } from "./strandShape";
import { monthStarts, timeScale } from "./timeAxis";
import { weightTicks } from "./weightTicks";

test("month starts are the firsts between two days, in order", () => {
  const starts = monthStarts(dayNumber("2026-10-15"), dayNumber("2027-03-01")).map(isoDate);
  expect(starts).toEqual(["2026-11-01", "2026-12-01", "2027-01-01", "2027-02-01", "2027-03-01"]);
  expect(monthStarts(dayNumber("2026-10-02"), dayNumber("2026-10-30"))).toEqual([]);
});

test("a strand stays within its thickness about its middle, and spans its days", () => {
  const x = timeScale(0, 100, 0, 1000);
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 2, maxLength: 20 }),
      (shares) => {
        const points = shares.map((share, index) => ({ day: index * 5, share }));
        const path = strandPath(points, x, 50, 16, 2);
        const numbers = [...path.matchAll(/-?\d+(?:\.\d+)?(?:e-?\d+)?/g)].map((match) =>
          Number(match[0]),
        );
        const xs = numbers.filter((_, index) => index % 2 === 0);
        const ys = numbers.filter((_, index) => index % 2 === 1);
        expect(Math.min(...ys)).toBeGreaterThanOrEqual(50 - 8 - 1e-6);
        expect(Math.max(...ys)).toBeLessThanOrEqual(50 + 8 + 1e-6);
        expect(Math.min(...xs)).toBeCloseTo(0, 6);
        expect(Math.max(...xs)).toBeCloseTo(x((shares.length - 1) * 5), 3);
      },
    ),
  );
});

test("lines across are at round weights of the reader's unit, and few", () => {
  expect(weightTicks(4.2, "metric")).toEqual([0, 1, 2, 3, 4]);
  // 4.2 kg are 9.26 lb: each second pound.
  expect(weightTicks(4.2, "imperial").map((kg) => kg / 0.45359237)).toEqual([0, 2, 4, 6, 8]);
  fc.assert(
    fc.property(fc.double({ min: 0.01, max: 1e5, noNaN: true }), (topKg) => {
      const ticks = weightTicks(topKg, "metric");
      expect(ticks.length).toBeLessThanOrEqual(6);
      expect(ticks.at(-1)).toBeLessThanOrEqual(topKg * (1 + 1e-9));
    }),
  );
});
