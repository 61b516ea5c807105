import fc from "fast-check";
import { dayNumber } from "../calendar";
import {
  diffuseShare,
  directSun,
  horizonElevationDeg,
  lightShareOf,
  skyViewShare,
  sunPositionAt,
  type Horizon,
} from "./horizon";
import { HorizonSchema } from "./horizonSchema";
import { dayLengthOnDay } from "./sun";
import { englishMessage } from "@/words/told.testdata";

const anyHorizon: fc.Arbitrary<Horizon> = fc
  .uniqueArray(
    fc.record({
      azimuthDeg: fc.integer({ min: 0, max: 359 }),
      elevationDeg: fc.integer({ min: 0, max: 80 }),
    }),
    { maxLength: 12, selector: ({ azimuthDeg }) => azimuthDeg },
  )
  .map((points) => [...points].sort((a, b) => a.azimuthDeg - b.azimuthDeg));
const anyDay = fc.integer({ min: dayNumber("2026-01-01"), max: dayNumber("2026-12-31") });
const anyLatitude = fc.double({ min: -66, max: 66, noNaN: true });

test("the sun stands where a hand reckons it", () => {
  // At the equinox noon the sun is 90° less the latitude high, due south; at six it rises due east.
  const equinox = dayNumber("2026-03-20");
  const noon = sunPositionAt(47, equinox, 12);
  expect(noon.elevationDeg).toBeCloseTo(43, 0);
  expect(noon.azimuthDeg).toBeCloseTo(180, 3);
  expect(sunPositionAt(47, equinox, 6).azimuthDeg).toBeCloseTo(90, 0);
  // South of the equator it culminates in the north.
  const southern = sunPositionAt(-35, dayNumber("2026-12-21"), 12);
  expect(Math.min(southern.azimuthDeg, 360 - southern.azimuthDeg)).toBeLessThan(0.1);
  expect(southern.elevationDeg).toBeCloseTo(90 - 35 + 23.4, 0);
});

test("over a level horizon the direct sun is the day itself", () => {
  fc.assert(
    fc.property(anyLatitude, anyDay, (latitudeDeg, day) => {
      const { directSunH, beamShare } = directSun(latitudeDeg, day, []);
      // Steps of five minutes at either end.
      expect(Math.abs(directSunH - dayLengthOnDay(latitudeDeg, day))).toBeLessThan(0.25);
      expect(beamShare).toBe(1);
    }),
    { numRuns: 60 },
  );
});

test("a skyline only ever removes sun, and a higher one no less", () => {
  fc.assert(
    fc.property(
      anyLatitude,
      anyDay,
      anyHorizon,
      fc.integer({ min: 0, max: 9 }),
      fc.double({ min: 0.1, max: 0.75, noNaN: true }),
      (latitudeDeg, day, horizon, more, clearness) => {
        const higher = horizon.map((point) => ({
          ...point,
          elevationDeg: point.elevationDeg + more,
        }));
        const [open, under, under2] = [[], horizon, higher].map((one) =>
          directSun(latitudeDeg, day, one),
        );
        expect(under?.directSunH).toBeLessThanOrEqual(open?.directSunH ?? 0);
        expect(under2?.directSunH).toBeLessThanOrEqual(under?.directSunH ?? 0);
        expect(under2?.beamShare).toBeLessThanOrEqual((under?.beamShare ?? 0) + 1e-12);
        const light = lightShareOf(horizon, clearness, under?.beamShare ?? 0);
        expect(light).toBeGreaterThanOrEqual(0);
        expect(light).toBeLessThanOrEqual(1 + 1e-9);
        expect(skyViewShare(higher)).toBeLessThanOrEqual(skyViewShare(horizon) + 1e-9);
      },
    ),
    { numRuns: 150 },
  );
});

test("a wall to the south takes the midwinter sun and leaves the midsummer sun", () => {
  const wall: Horizon = [
    { azimuthDeg: 90, elevationDeg: 30 },
    { azimuthDeg: 270, elevationDeg: 30 },
    { azimuthDeg: 271, elevationDeg: 0 },
    { azimuthDeg: 359, elevationDeg: 0 },
  ];
  expect(directSun(47, dayNumber("2026-12-21"), wall).directSunH).toBe(0);
  const midsummer = directSun(47, dayNumber("2026-06-21"), wall).directSunH;
  expect(midsummer).toBeGreaterThan(8);
  expect(midsummer).toBeLessThan(dayLengthOnDay(47, dayNumber("2026-06-21")));
});

test("the skyline is straight between its points, through north too", () => {
  const horizon: Horizon = [
    { azimuthDeg: 10, elevationDeg: 20 },
    { azimuthDeg: 350, elevationDeg: 10 },
  ];
  expect(horizonElevationDeg(horizon, 10)).toBe(20);
  expect(horizonElevationDeg(horizon, 0)).toBeCloseTo(15, 9);
  expect(horizonElevationDeg(horizon, 360)).toBeCloseTo(15, 9);
  expect(horizonElevationDeg(horizon, 180)).toBeCloseTo(15, 9);
  expect(horizonElevationDeg([], 123)).toBe(0);
  // An even rim of 30° leaves cos² 30° of an even sky.
  expect(skyViewShare([{ azimuthDeg: 0, elevationDeg: 30 }])).toBeCloseTo(0.75, 6);
});

test("the diffuse share runs from all under cloud to the published least under a clear sky", () => {
  expect(diffuseShare(0)).toBe(1);
  expect(diffuseShare(0.75)).toBe(0.175);
  // Erbs et al. by hand at 0.5: 1 + 0.1416 − 0.638925 + 0.1056.
  expect(diffuseShare(0.5)).toBeCloseTo(0.608275, 6);
  // Days under 10.85 hours: 1 − 0.2727·0.5 + 2.4495·0.25 − 11.9514·0.125 + 9.3879·0.0625, by hand.
  expect(diffuseShare(0.5, 9)).toBeCloseTo(0.568844, 5);
  expect(diffuseShare(0.8, 9)).toBe(0.143);
});

test.each([
  [[{ azimuthDeg: 360, elevationDeg: 3 }], /under 360/],
  [[{ azimuthDeg: 20, elevationDeg: -3 }], /at least level/],
  [[{ azimuthDeg: 20, elevationDeg: 90 }], /at most 89/],
  [
    [
      { azimuthDeg: 200, elevationDeg: 3 },
      { azimuthDeg: 100, elevationDeg: 3 },
    ],
    /turns back on itself from 200° to 100°/,
  ],
  [
    [
      { azimuthDeg: 200, elevationDeg: 3 },
      { azimuthDeg: 200, elevationDeg: 9 },
    ],
    /twice at 200°/,
  ],
])("a skyline that cannot be is refused in a sentence (%#)", (points, words) => {
  expect(englishMessage(HorizonSchema.safeParse(points).error?.issues[0]?.message)).toMatch(words);
});
