import fc from "fast-check";
import { assign } from "./assignment";

/** The most that any pairing gains, by trying them all. */
function best(gain: number[][], row = 0, used = 0): number {
  if (row === gain.length) return 0;
  let most = best(gain, row + 1, used);
  (gain[row] ?? []).forEach((value, column) => {
    if (used & (1 << column)) return;
    most = Math.max(most, value + best(gain, row + 1, used | (1 << column)));
  });
  return most;
}

test("gains as much as the best of all pairings, and gives nothing twice", () => {
  const sizes = fc.record({
    rows: fc.integer({ min: 0, max: 5 }),
    columns: fc.integer({ min: 0, max: 6 }),
  });
  const matrix = sizes.chain(({ rows, columns }) =>
    fc.array(
      fc.array(fc.integer({ min: 0, max: 50 }), { minLength: columns, maxLength: columns }),
      { minLength: rows, maxLength: rows },
    ),
  );
  fc.assert(
    fc.property(matrix, (gain) => {
      const columns = assign(gain);
      const given = columns.filter((column) => column >= 0);
      expect(new Set(given).size).toBe(given.length);
      const total = columns.reduce((sum, column, row) => sum + (gain[row]?.[column] ?? 0), 0);
      expect(total).toBe(best(gain));
    }),
    { numRuns: 300 },
  );
});

test("what helps nobody stays in the shed", () => {
  expect(
    assign([
      [0, 0],
      [0, 3],
    ]),
  ).toEqual([-1, 1]);
  expect(assign([[5], [7]])).toEqual([-1, 0]);
});
