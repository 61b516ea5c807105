import fc from "fast-check";
import type { Cliff } from "@/core/schedule";
import { timeScale } from "@/ui/chart/index";
import { cliffPieces, lineStyle, placedLabels } from "./cliffShape";

function cliffOfDelays(delays: number[]): Cliff {
  let ready = 60;
  const readyDays = delays.map((delay) => (ready += delay));
  return {
    sowDays: delays.map((_, index) => index),
    readyDays,
    lastSafeDay: null,
    afterLastSafeReadyDay: null,
    hasCliff: false,
  };
}

test("a curve is cut only where it leaps, and its pieces hold every point once", () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 0, max: 40 }), { minLength: 1, maxLength: 80 }),
      (delays) => {
        const cliff = cliffOfDelays(delays);
        const { pieces, jumps } = cliffPieces(cliff, 1000, 100_000);
        expect(pieces.flat()).toEqual(
          cliff.sowDays.map((sow, index) => [sow, cliff.readyDays[index]]),
        );
        expect(jumps).toHaveLength(delays.slice(1).filter((delay) => delay > 10).length);
        for (const [from, to] of jumps)
          expect((to?.[1] ?? 0) - (from?.[1] ?? 0)).toBeGreaterThan(10);
      },
    ),
  );
});

test("curve names never touch each other and stay on the picture", () => {
  const x = timeScale(0, 100, 0, 500);
  const height = 200;
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 0, max: 6 }), { minLength: 2, maxLength: 5 }),
      (slopes) => {
        const y = timeScale(60, 460, 8, height - 22);
        const lines = slopes.map((slope, index) => ({
          name: `cover ${index}`,
          cliff: cliffOfDelays(Array.from({ length: 100 }, () => Math.min(slope, 4))),
          style: lineStyle(index),
        }));
        const ys = placedLabels(lines, x, y, height)
          .map((label) => label.y)
          .sort((a, b) => a - b);
        ys.forEach((at, index) => {
          expect(at).toBeLessThanOrEqual(height - 22 + 1e-9);
          if (index > 0) expect(at - (ys[index - 1] ?? 0)).toBeGreaterThanOrEqual(15 - 1e-9);
        });
      },
    ),
  );
});
