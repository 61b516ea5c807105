import fc from "fast-check";
import { dayNumber, seasonOf } from "@/core/calendar";
import { climateFromSketch, firstFrostDay, madeUpClimates } from "@/core/climate";
import { timeScale } from "@/ui/chart/timeAxis";
import { frostCurve } from "./frost/frostCurves";
import { panoramaScales, skylinePath, sunPath } from "./skyline/panoramaShape";

const [LEFT, RIGHT, TOP, BOTTOM] = [40, 760, 10, 210];
const numbersIn = (path: string) =>
  [...path.matchAll(/-?\d+(?:\.\d+)?(?:e-?\d+)?/g)].map((match) => Number(match[0]));
const points = (path: string) => {
  const numbers = numbersIn(path);
  return Array.from({ length: numbers.length / 2 }, (_, index) => ({
    x: numbers[2 * index] ?? NaN,
    y: numbers[2 * index + 1] ?? NaN,
  }));
};

test("in the panorama, pixels and degrees undo each other, and noon stands in the middle", () => {
  fc.assert(
    fc.property(
      fc.double({ min: -66, max: 66, noNaN: true }),
      fc.double({ min: 0, max: 359.9, noNaN: true }),
      fc.double({ min: 0, max: 40, noNaN: true }),
      (latitudeDeg, azimuthDeg, elevationDeg) => {
        const scales = panoramaScales(latitudeDeg, LEFT, RIGHT, TOP, BOTTOM);
        const around = scales.azimuthAt(scales.x(azimuthDeg));
        expect(
          Math.min(Math.abs(around - azimuthDeg), 360 - Math.abs(around - azimuthDeg)),
        ).toBeLessThan(1e-6);
        expect(scales.elevationAt(scales.y(elevationDeg))).toBeCloseTo(elevationDeg, 6);
        // Gardens south of the equator look north.
        expect(scales.x(latitudeDeg < 0 ? 0 : 180)).toBeCloseTo((LEFT + RIGHT) / 2, 6);
      },
    ),
  );
});

test.each([47.1, -35.2, 5, 69])(
  "at %s° the sun's paths stay in the picture and never cross it",
  (latitudeDeg) => {
    const scales = panoramaScales(latitudeDeg, LEFT, RIGHT, TOP, BOTTOM);
    for (const date of ["2026-06-21", "2026-09-23", "2026-12-21"]) {
      const path = sunPath(latitudeDeg, dayNumber(date), scales);
      // A path is drawn in pieces where it leaves one edge and comes in at the other.
      for (const piece of path.split("M").filter((text) => text !== "")) {
        const drawn = points(piece);
        drawn.forEach(({ x, y }, index) => {
          expect(x).toBeGreaterThanOrEqual(LEFT - 1e-6);
          expect(x).toBeLessThanOrEqual(RIGHT + 1e-6);
          expect(y).toBeGreaterThanOrEqual(TOP - 1e-6);
          expect(y).toBeLessThanOrEqual(BOTTOM + 1e-6);
          const before = drawn[index - 1];
          if (before) expect(Math.abs(x - before.x)).toBeLessThan(200);
        });
      }
    }
  },
);

test("the skyline's outline goes through its points and closes on the level", () => {
  const scales = panoramaScales(47, LEFT, RIGHT, TOP, BOTTOM);
  const horizon = [
    { azimuthDeg: 90, elevationDeg: 20 },
    { azimuthDeg: 200, elevationDeg: 5 },
  ];
  const drawn = points(skylinePath(horizon, scales));
  for (const { azimuthDeg, elevationDeg } of horizon) {
    const at = drawn.find(({ x }) => Math.abs(x - scales.x(azimuthDeg)) < 0.01);
    expect(at?.y).toBeCloseTo(scales.y(elevationDeg), 2);
  }
  expect(Math.max(...drawn.map(({ y }) => y))).toBeCloseTo(BOTTOM, 6);
  expect(points(skylinePath([], scales)).every(({ y }) => y === BOTTOM)).toBe(true);
});

test.each(madeUpClimates)(
  "$name: frost curves rise and fall within the picture, and the risk meets them on the day told",
  ({ latitudeDeg, climate: sketch }) => {
    const climate = climateFromSketch(latitudeDeg, sketch);
    const season = seasonOf(latitudeDeg, dayNumber("2026-09-24"));
    const x = timeScale(season.startDay, season.endDay, LEFT, RIGHT);
    const y = (chance: number) => BOTTOM - chance * (BOTTOM - TOP);
    const curve = frostCurve(climate, season, { thresholdC: -2.2, labelAt: 0.5 }, 0.2, x, y);
    const first = points(curve.first);
    first.forEach((point, index) => {
      expect(point.y).toBeGreaterThanOrEqual(TOP - 1e-6);
      expect(point.y).toBeLessThanOrEqual(BOTTOM + 1e-6);
      // Higher on the picture is a smaller y.
      expect(point.y).toBeLessThanOrEqual((first[index - 1]?.y ?? Infinity) + 1e-3);
    });
    points(curve.last).forEach((point, index, all) => {
      expect(point.y).toBeGreaterThanOrEqual((all[index - 1]?.y ?? -Infinity) - 1e-3);
    });
    expect(curve.firstDay).toBe(firstFrostDay(climate, season, -2.2, 0.2));
    if (curve.firstDay === null) {
      expect(curve.most).toBeLessThan(0.2);
      return;
    }
    const crossing = first.find((point) => point.y <= y(0.2));
    expect(Math.abs((crossing?.x ?? NaN) - x(curve.firstDay))).toBeLessThan(4);
  },
);
