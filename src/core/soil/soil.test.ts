import fc from "fast-check";
import soilJson from "@data/soil.json";
import sources from "@data/sources.json";
import {
  barrowLoads,
  depthLitres,
  nitrogenBoundG,
  productProblem,
  usualNitrogenGPerM2,
  weighedOut,
} from "./index";
import { english } from "@/words/told.testdata";

test("compost by depth and barrow, by hand", () => {
  expect(depthLitres(6.4, 3)).toBeCloseTo(192, 9); // 6.4 m² × 0.03 m
  expect(barrowLoads(192)).toBe(3);
  expect(barrowLoads(160)).toBe(2);
  expect(barrowLoads(0)).toBe(0);
  expect(nitrogenBoundG(5)).toBe(40);
  expect(usualNitrogenGPerM2("heavy")).toBeGreaterThan(usualNitrogenGPerM2("light"));
  for (const source of Object.values(soilJson.sources))
    expect(Object.keys(sources)).toContain(source);
});

test("a bag is weighed out for its nitrogen, and tells what else it brings", () => {
  const bag = { nitrogen: 0.05, phosphate: 0.03, potash: 0.02 };
  // 6.4 m² × 8 g = 51.2 g of nitrogen; ÷ 5 % = 1,024 g.
  expect(weighedOut(bag, 6.4, 8)).toEqual({
    grams: expect.closeTo(1024, 6),
    phosphateGrams: expect.closeTo(30.72, 6),
    potashGrams: expect.closeTo(20.48, 6),
  });
  expect(() => weighedOut({ ...bag, nitrogen: 0 }, 6.4, 8)).toThrow(RangeError);
  expect(() => weighedOut(bag, 6.4, -1)).toThrow(RangeError);
});

test("bags that cannot be are told; whatever can be brings the nitrogen that was wanted", () => {
  expect(english(productProblem({ nitrogen: 0.6, phosphate: 0.3, potash: 0.3 }))).toMatch(
    /pass 100 %/,
  );
  expect(english(productProblem({ nitrogen: -0.1, phosphate: 0, potash: 0 }))).toMatch(/0 or more/);
  expect(english(productProblem({ nitrogen: 0, phosphate: 0.2, potash: 0 }))).toMatch(
    /no nitrogen/,
  );
  const share = fc.double({ min: 0.001, max: 0.33, noNaN: true });
  fc.assert(
    fc.property(
      share,
      share,
      share,
      fc.double({ min: 0.1, max: 500, noNaN: true }),
      fc.double({ min: 0, max: 40, noNaN: true }),
      (nitrogen, phosphate, potash, areaM2, rate) => {
        const bag = { nitrogen, phosphate, potash };
        expect(productProblem(bag)).toBeNull();
        expect(weighedOut(bag, areaM2, rate).grams * nitrogen).toBeCloseTo(areaM2 * rate, 6);
      },
    ),
  );
});
