import fc from "fast-check";
import { readNumber } from "./readNumber";

test.each([
  ["7,5", 7.5],
  ["7.5", 7.5],
  [" 12 ", 12],
  [".5", 0.5],
  ["3.", 3],
  ["−3,5", -3.5],
  ["-0.125", -0.125],
  ["0,125", 0.125],
  ["1,250", 1250],
  ["1,250.5", 1250.5],
  ["1.250,5", 1250.5],
  ["1 250", 1250],
  ["1\u202f250,75", 1250.75],
  ["12'500", 12500],
  ["1,234,567", 1234567],
  ["12.3456", 12.3456],
])("%j is %d", (typed, value) => {
  expect(readNumber(typed)).toBe(value);
});

test("a mark before three digits goes by the reader's own decimal mark", () => {
  expect(readNumber("1,250", ",")).toBe(1.25);
  expect(readNumber("1.250", ",")).toBe(1250);
  expect(readNumber("1.250", ".")).toBe(1.25);
});

test.each(["", " ", "-", ",", "12a", "1,2,3", "1.25,0.5", "1,25,000", "12 5", "NaN", "1e3", "--2"])(
  "%j is no number",
  (typed) => {
    expect(readNumber(typed)).toBeNaN();
  },
);

test("whatever a browser shows in English or German is read back", () => {
  const value = fc.integer({ min: -99_999_999, max: 99_999_999 }).map((cents) => cents / 100);
  fc.assert(
    fc.property(value, (number) => {
      const shown = (locale: string) =>
        new Intl.NumberFormat(locale, { maximumFractionDigits: 2 }).format(number);
      expect(readNumber(shown("en-GB"), ".")).toBeCloseTo(number, 6);
      expect(readNumber(shown("de-DE"), ",")).toBeCloseTo(number, 6);
    }),
  );
});
