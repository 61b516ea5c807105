import { exactM, fitsInto } from "@/core/layout";
import { readLength } from "@/core/typed";
import { localWording } from "./localWording";
import fc from "fast-check";
import { celsius, centimetres, fahrenheit, feet, inches, metres } from "@/core/units";
import { temperatureWords } from "./amounts";
import { chanceWords } from "./odds";

test("temperatures are told in the chosen unit with a true minus", () => {
  expect(temperatureWords(-2.2, "metric")).toBe("−2 °C");
  expect(temperatureWords(-2.2, "metric", 1)).toBe("−2.2 °C");
  expect(temperatureWords(-2.2, "imperial")).toBe("28 °F");
  expect(temperatureWords(-0.4, "metric")).toBe("0 °C");
});

test.each([
  [0.001, "almost never"],
  [0.1, "1 year in 10"],
  [0.2, "1 year in 5"],
  [0.5, "1 year in 2"],
  [0.25, "1 year in 4"],
  [0.33, "1 year in 3"],
  [0.4, "4 years in 10"],
  [0.8, "8 years in 10"],
  [0.96, "almost every year"],
  [0.999, "almost every year"],
])("a chance of %d is %s", (chance, words) => {
  expect(chanceWords(chance)).toBe(words);
});

test("units turn into each other and back; known points are met", () => {
  expect(fahrenheit(100)).toBe(212);
  expect(metres(10)).toBeCloseTo(3.048, 10);
  expect(centimetres(10)).toBeCloseTo(25.4, 10);
  fc.assert(
    fc.property(fc.double({ min: -1000, max: 1000, noNaN: true }), (value) => {
      expect(celsius(fahrenheit(value))).toBeCloseTo(value, 8);
      expect(metres(feet(value))).toBeCloseTo(value, 8);
      expect(centimetres(inches(value))).toBeCloseTo(value, 8);
    }),
  );
});

describe("lengths as they were typed", () => {
  const say = {
    imperial: localWording("imperial", "en-US"),
    metric: localWording("metric", "en-GB"),
  };

  test("feet and half inches are shown as a grower says them", () => {
    const feet = (typed: string) =>
      say.imperial.lengthM(exactM(metres(readLength(typed, "ft"))), 2);
    expect(feet("8")).toBe("8 ft");
    expect(feet("30 in")).toBe("2 ft 6 in");
    expect(feet("7.5 in")).toBe("7.5 in");
    expect(feet("100")).toBe("100 ft");
    expect(say.imperial.lengthM(4)).toBe("13.1 ft");
    expect(say.metric.lengthM(2.45)).toBe("2.45 m");
    expect(say.metric.lengthM(8)).toBe("8 m");
  });

  test("what is shown reads back as what was typed: beds of 1 to 100 ft in half inches, and in centimetres", () => {
    fc.assert(
      fc.property(fc.integer({ min: 24, max: 2400 }), (halfInches) => {
        const kept = exactM(metres(halfInches / 24));
        const shown = say.imperial.lengthM(kept, 2);
        expect(exactM(metres(readLength(shown, "ft")))).toBe(kept);
        // Two halves of a bed are as long as the bed.
        expect(fitsInto(2 * exactM(kept / 2), kept)).toBe(true);
      }),
    );
    fc.assert(
      fc.property(fc.integer({ min: 30, max: 3000 }), (centimetres) => {
        const kept = exactM(centimetres / 100);
        expect(exactM(readLength(say.metric.lengthM(kept, 2), "m"))).toBe(kept);
      }),
    );
  });
});

describe("American amounts", () => {
  const say = localWording("imperial", "en-US");

  test("a little is never nothing, and a lot has no needless digits", () => {
    expect(say.weightG(0.42)).toBe("0.015 oz");
    expect(say.weightG(28.35)).toBe("1 oz");
    expect(say.weightG(10_000)).toBe("22 lb");
    fc.assert(
      fc.property(fc.double({ min: 0.02, max: 1e6, noNaN: true }), (grams) => {
        expect(say.weightG(grams)).not.toMatch(/^0 /);
        expect(localWording("metric").weightG(grams)).not.toMatch(/^0 /);
      }),
    );
  });

  test("rain in inches, water in gallons, soil in cubic feet and yards, rates for square feet", () => {
    expect(say.rainMm(25.4)).toBe("1 in");
    expect(say.waterL(37.85)).toBe("10 gal");
    expect(say.soilL(56.6)).toBe("2 cu ft");
    expect(say.soilL(764.555)).toBe("1 cu yd");
    expect(say.areaM2(9.290304)).toBe("100 sq ft");
    // 1 lb for 100 square feet is 453.59 g for 9.29 m².
    expect(say.ratePerM2(48.8243)).toBe("1 lb per 100 sq ft");
    expect(say.ratePerM2(4.88243)).toBe("1 lb per 1,000 sq ft");
    expect(say.clothWeight([17, 19])).toBe("0.5–0.56 oz/yd²");
    expect(say.perWeight(300)).toBe("8,505 per oz");
  });
});
