import fc from "fast-check";
import { cropLibrary } from "../crops";
import type { Planting } from "../garden";
import { BY_THE_BOOK } from "../gardenFile";
import { patchesOf, type Across } from "../layout";
import { standOf } from "./growing";
import { amountsFor } from "./spacing";
import { stationPoints } from "./stationPoints";

const kale = cropLibrary.get("kale");
if (!kale) throw new Error("kale");
const planting = (some: Partial<Planting>): Planting => ({
  ...BY_THE_BOOK,
  id: "p",
  cropId: "kale",
  varietyId: "curly",
  bedId: "b",
  sowOn: "2026-08-01",
  method: "direct",
  stage: "full",
  fromM: 0,
  lengthM: 4,
  rowCm: 25,
  inRowCm: 15,
  ...some,
});
const bed = { widthM: 1.2 };
const plants = (some: Partial<Planting>) =>
  amountsFor(standOf(planting(some), bed), kale, "direct").plants;

test("plants of strips, sides, edges and squares, by hand", () => {
  // A dividing line of garlic: one row, 4 m ÷ 15 cm.
  const line = { kind: "strip", fromM: 0.55, widthM: 0.1 } as const;
  expect(plants({ across: line })).toBe(26);
  // On both sides a strip for one row each.
  expect(plants({ across: { kind: "sides", widthM: 0.3 } })).toBe(52);
  // Half the bed: two rows of 25 cm in 60 cm.
  expect(plants({ across: { kind: "strip", fromM: 0.6, widthM: 0.6 } })).toBe(52);
  // Around the edge, 10 cm in: 2 × (3.8 + 1.0) m ÷ 15 cm.
  expect(plants({ across: { kind: "edge", insetM: 0.1 } })).toBe(64);
  // Three squares of a foot, 3 in apart each way: 16 in each.
  const cells = [0, 1, 2].map((along) => ({ along, across: 1 }));
  const inSquares = { kind: "cells", cellM: 0.3048, cells } as const;
  expect(plants({ across: inSquares, lengthM: 0.9144, rowCm: 7.62, inRowCm: 7.62 })).toBe(48);
});

const ways = fc.oneof(
  fc.constant<Across>({ kind: "whole" }),
  fc
    .tuple(fc.integer({ min: 0, max: 8 }), fc.integer({ min: 1, max: 4 }))
    .map(([from, wide]): Across => ({ kind: "strip", fromM: from / 10, widthM: wide / 10 })),
  fc.integer({ min: 1, max: 6 }).map((wide): Across => ({ kind: "sides", widthM: wide / 10 })),
  fc.integer({ min: 2, max: 25 }).map((cm): Across => ({ kind: "edge", insetM: cm / 100 })),
  fc
    .uniqueArray(fc.tuple(fc.nat(9), fc.nat(2)), { minLength: 1, selector: (one) => one.join() })
    .map((cells): Across => ({
      kind: "cells",
      cellM: 0.4,
      cells: cells.map(([along, across]) => ({ along, across })),
    })),
);

test("stations stand on their own ground, as many as are counted", () => {
  fc.assert(
    fc.property(
      ways,
      fc.integer({ min: 6, max: 40 }),
      fc.constantFrom("rows" as const, "offset" as const),
      (across, inRowCm, arrangement) => {
        const one = planting({ across, inRowCm, rowCm: inRowCm, arrangement });
        const stand = standOf(one, bed);
        const points = stationPoints(stand, false);
        expect(points).toHaveLength(amountsFor(stand, kale, "direct").stations);
        const patches = patchesOf(one, bed.widthM);
        for (const { alongM, acrossM } of points) {
          const isOn = patches.some(
            ({ fromM, toM, leftM, rightM }) =>
              alongM >= fromM - 1e-6 &&
              alongM <= toM + 1e-6 &&
              acrossM >= leftM - 1e-6 &&
              acrossM <= rightM + 1e-6,
          );
          expect(isOn).toBe(true);
        }
      },
    ),
  );
});
