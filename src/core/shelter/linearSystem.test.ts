import "./balance/assembly/asScript";
import fc from "fast-check";
import { outsideWPerM2K } from "./balance/assembly/balance";
import { LinearSystem } from "./balance/assembly/linearSystem";
import { saturatedPa, transpirationW, wetting } from "./balance/assembly/moisture";
import { skyRadiationWPerM2 } from "./balance/skyRadiation";
import { weatherSteps } from "./weatherSteps";
import { dayNumber } from "../calendar";

const conductance = fc.double({ min: 0.1, max: 50, noNaN: true });
const tempC = fc.double({ min: -30, max: 40, noNaN: true });

test("coupled temperatures come to where every heat flow is in balance", () => {
  fc.assert(
    fc.property(
      fc.array(conductance, { minLength: 5, maxLength: 5 }),
      tempC,
      tempC,
      fc.double({ min: -200, max: 400, noNaN: true }),
      ([a = 1, b = 1, c = 1, d = 1, e = 1], outC, deepC, sunW) => {
        const system = new LinearSystem(3);
        system.anchor(0, outC, a);
        system.couple(0, 1, b);
        system.couple(1, 2, c);
        system.couple(0, 2, d);
        system.anchor(2, deepC, e);
        system.gain(2, sunW);
        system.solve();
        const [x = 0, y = 0, z = 0] = Array.from(system.right as ArrayLike<number>);
        const scale = 1 + Math.abs(sunW) + Math.abs(outC) + Math.abs(deepC);
        expect(Math.abs(a * (outC - x) + b * (y - x) + d * (z - x)) / scale).toBeLessThan(1e-6);
        expect(Math.abs(b * (x - y) + c * (z - y)) / scale).toBeLessThan(1e-6);
        expect(Math.abs(c * (y - z) + d * (x - z) + e * (deepC - z) + sunW) / scale).toBeLessThan(
          1e-6,
        );
      },
    ),
  );
});

test("exchange by the published numbers", () => {
  // Garzoli & Blackwell: 7.2 W/m²K in still air, 3.84 more for each m/s.
  expect(outsideWPerM2K(0)).toBe(7.2);
  expect(outsideWPerM2K(5)).toBeCloseTo(26.4, 9);
  // Slope of saturated vapour pressure at 20 °C: 144.7 Pa/K (FAO-56 table 2.4), over γ = 66 Pa/K.
  expect(wetting(20, 1)).toBeCloseTo(1 + 144.7 / 66, 1);
  expect(wetting(0, 1)).toBeCloseTo(1 + 44.4 / 66, 1);
  // Saturated vapour pressure: FAO-56 table 2.3.
  expect(saturatedPa(20) / 1000).toBeCloseTo(2.338, 2);
  expect(saturatedPa(1) / 1000).toBeCloseTo(0.657, 2);
});

test("leaves spend about half of a bright day's sun on water in warm air, less in the cold, none in the dark", () => {
  // Stanghellini 1987 and others: 0.5 to 0.8 of what leaves in a greenhouse take in.
  const share = (tempC: number) => transpirationW(200, tempC, 2) / 200;
  expect(share(22)).toBeGreaterThan(0.5);
  expect(share(22)).toBeLessThan(0.9);
  expect(share(5)).toBeLessThan(share(15));
  expect(transpirationW(0, 20, 2)).toBe(0);
  expect(transpirationW(200, 20, 0)).toBe(0);
  // By hand from FAO-56 eq. 3 and 5 at 20 °C, leaf area 2: Δ 144.7, 19.2 W/K, stomata 100 s/m, air 62.8 s/m, 468 Pa.
  expect(transpirationW(200, 20, 2)).toBeCloseTo(
    (144.7 * 200 + 19.2 * 467.7) / (144.7 + 66 * (1 + 100 / 62.8)),
    0,
  );
});

test("the sky: a clear one sends much less than the air, cloud nearly as much, never more", () => {
  const black = (c: number) => 5.670374e-8 * (c + 273.15) ** 4;
  fc.assert(
    fc.property(
      fc.double({ min: -25, max: 35, noNaN: true }),
      fc.double({ min: 0, max: 15, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (airC, dry, cloud) => {
        const clear = skyRadiationWPerM2(airC, airC - dry, 0);
        const some = skyRadiationWPerM2(airC, airC - dry, cloud);
        expect(clear).toBeLessThan(0.95 * black(airC));
        expect(clear).toBeGreaterThan(0.6 * black(airC));
        expect(some).toBeGreaterThanOrEqual(clear - 1e-9);
        expect(some).toBeLessThanOrEqual(black(airC) + 1e-9);
      },
    ),
  );
  expect(skyRadiationWPerM2(5, 3, 1)).toBeCloseTo(black(5), 6);
});

test("a day cut into steps keeps its low, its high and its sunshine", () => {
  const day = dayNumber("2026-12-15");
  const one = { minTempC: -6, maxTempC: 3, cloudShare: 0.3, windMps: 2 };
  const weather = weatherSteps(47.1, day, [one, one, one]);
  const of = (values: Float64Array) => values.subarray(96, 192);
  expect(Math.min(...of(weather.airC))).toBeCloseTo(-6, 0);
  expect(Math.max(...of(weather.airC))).toBeCloseTo(3, 0);
  // Ångström: (0.25 + 0.5 × 0.7) of what comes in outside the air, 8.8 MJ/m² on this day.
  const sunMJ = of(weather.sunWPerM2).reduce((sum, w) => sum + w * 900, 0) / 1e6;
  expect(sunMJ).toBeGreaterThan(0.6 * 8.2);
  expect(sunMJ).toBeLessThan(0.6 * 9.4);
  const night = [...of(weather.sunWPerM2)].filter((w) => w === 0).length / 4;
  expect(night).toBeGreaterThan(14.5); // 8 h 33 min of day
  expect(night).toBeLessThan(16.5);
});
