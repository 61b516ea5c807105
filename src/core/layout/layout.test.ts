import fc from "fast-check";
import {
  around,
  boundsOf,
  cornersOf,
  inRows,
  onDrawing,
  overlap,
  within,
  type Outline,
} from "./index";

const anyOutline: fc.Arbitrary<Outline> = fc.record({
  xM: fc.double({ min: -20, max: 20, noNaN: true }),
  yM: fc.double({ min: -20, max: 20, noNaN: true }),
  angleDeg: fc.integer({ min: 0, max: 179 }),
  lengthM: fc.double({ min: 0.2, max: 15, noNaN: true }),
  widthM: fc.double({ min: 0.2, max: 5, noNaN: true }),
});
const at = (xM: number, yM: number, angleDeg = 0, lengthM = 4, widthM = 1): Outline => ({
  xM,
  yM,
  angleDeg,
  lengthM,
  widthM,
});

test("beds that touch do not overlap, beds that cross do", () => {
  expect(overlap(at(0, 0), at(4, 0))).toBe(false); // end to end
  expect(overlap(at(0, 0), at(3.9, 0))).toBe(true);
  expect(overlap(at(0, 0), at(0, 1))).toBe(false); // side by side
  expect(overlap(at(0, 0), at(0, 0, 90))).toBe(true); // a cross
  // The upright boxes of these two overlap, the beds do not.
  expect(overlap(at(0, 0, 45), at(1.6, -1.6, 45))).toBe(false);
});

test("overlap is the same both ways, and agrees with points looked at one by one", () => {
  fc.assert(
    fc.property(anyOutline, anyOutline, (a, b) => {
      expect(overlap(a, b)).toBe(overlap(b, a));
      expect(overlap(a, a)).toBe(true);
      // A point well inside both is shared ground.
      const inB = Array.from({ length: 25 }, (_, index) =>
        onDrawing(
          b,
          ((index % 5) + 0.5) * (b.lengthM / 5),
          (Math.floor(index / 5) + 0.5) * (b.widthM / 5),
        ),
      );
      const shared = inB.some(({ x, y }) => within(at(x, y, 0, 0.01, 0.01), shrunk(a)));
      if (shared) expect(overlap(a, b)).toBe(true);
    }),
  );
});

function shrunk(outline: Outline): Outline {
  return { ...outline, lengthM: outline.lengthM * 0.9, widthM: outline.widthM * 0.9 };
}

test("corners lie as far from the middle as half the diagonal, whichever way it is turned", () => {
  fc.assert(
    fc.property(anyOutline, (outline) => {
      for (const { x, y } of cornersOf(outline)) {
        expect(Math.hypot(x - outline.xM, y - outline.yM)).toBeCloseTo(
          Math.hypot(outline.lengthM, outline.widthM) / 2,
          9,
        );
      }
      expect(within(outline, outline)).toBe(true);
      const bounds = boundsOf([outline]);
      if (bounds) expect(within(outline, around(bounds))).toBe(true);
    }),
  );
});

test("laid out by itself nothing overlaps, in the order given", () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          lengthM: fc.double({ min: 0.5, max: 12, noNaN: true }),
          widthM: fc.double({ min: 0.3, max: 2, noNaN: true }),
        }),
        { minLength: 1, maxLength: 60 },
      ),
      (beds) => {
        const outlines = inRows(beds, 1, 1);
        outlines.forEach((one, index) => {
          for (const other of outlines.slice(index + 1)) expect(overlap(one, other)).toBe(false);
        });
        const bounds = boundsOf(outlines);
        expect(bounds?.left).toBeGreaterThanOrEqual(1 - 1e-9);
        expect(bounds?.bottom).toBeGreaterThanOrEqual(1 - 1e-9);
      },
    ),
    { numRuns: 60 },
  );
});
