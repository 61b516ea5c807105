import fc from "fast-check";
import { HorizonSchema, type Horizon } from "@/core/sky";
import { addPoint, addPointInWidestGap, movePoint, removePoint } from "./skyline/horizonEdit";
import { nearestRisk, RISKS, stepRisk } from "./frost/frostCurves";
import { readSkyline } from "./skyline/SkylineTable";
import { inEnglish } from "@/words/told.testdata";

const anyPoint = fc.record({
  azimuthDeg: fc.double({ min: -40, max: 420, noNaN: true }),
  elevationDeg: fc.double({ min: -30, max: 120, noNaN: true }),
});

test("whatever is dragged, clicked, added or deleted, the skyline never crosses itself", () => {
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.nat(3), anyPoint, fc.nat(80)), { maxLength: 100 }), (acts) => {
      let horizon: Horizon = [];
      for (const [kind, point, at] of acts) {
        const index = horizon.length === 0 ? 0 : at % horizon.length;
        if (kind === 0) horizon = addPoint(horizon, point);
        else if (kind === 1) horizon = movePoint(horizon, index, point);
        else if (kind === 2) horizon = addPointInWidestGap(horizon, 180);
        else horizon = removePoint(horizon, index);
        expect(inEnglish(HorizonSchema.safeParse(horizon).error?.issues ?? [])).toEqual([]);
      }
    }),
  );
});

test("typed points are read as people type them, and refused with their line", () => {
  expect(readSkyline("60, 4\n 180° 12\n\n300;8")).toEqual({
    ok: true,
    horizon: [
      { azimuthDeg: 60, elevationDeg: 4 },
      { azimuthDeg: 180, elevationDeg: 12 },
      { azimuthDeg: 300, elevationDeg: 8 },
    ],
  });
  const problem = (text: string) => {
    const read = readSkyline(text);
    return read.ok ? "" : read.problem;
  };
  expect(problem("60 4\nsouth 12")).toMatch(/^Line 2: enter two numbers/);
  expect(problem("180 4\n60 12")).toMatch(/^Point 2: The skyline turns back on itself from 180°/);
  expect(problem("180 95")).toMatch(/^Point 1: .*at most 89/);
});

test("a risk settles where growers speak of one, and steps stay within", () => {
  expect(nearestRisk(0.19)).toBe(0.2);
  expect(nearestRisk(0.02)).toBe(0.05);
  expect(stepRisk(0.2, 1)).toBe(0.25);
  expect(stepRisk(0.2, -100)).toBe(RISKS[0]);
  expect(stepRisk(0.9, 1)).toBe(0.9);
});
