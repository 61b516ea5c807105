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
