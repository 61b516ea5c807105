import fc from "fast-check";
import { readLength, type LengthUnit } from "./readLength";

test.each<[string, LengthUnit, number]>([
  ["7.5", "m", 7.5],
  ["7,5", "ft", 7.5],
  ["30 in", "ft", 2.5],
  ["30in", "ft", 2.5],
  ['30"', "ft", 2.5],
  ["2' 6\"", "ft", 2.5],
  ["2′6″", "ft", 2.5],
  ["2'6", "ft", 2.5],
  ["2 ft 6", "ft", 2.5],
  ["2 ft. 6 in.", "in", 30],
  ["2 feet and 6 inches", "m", 0.762],
  ["8'", "ft", 8],
  ["8 ft", "m", 2.4384],
  ["80 cm", "m", 0.8],
  ["80 cm", "in", 31.496063],
  ["0,8 m", "cm", 80],
  ["1 m 20", "cm", 120],
  ["3 yd", "ft", 9],
  ["25 mm", "cm", 2.5],
  ["1/2 in", "in", 0.5],
  ["1/2", "in", 0.5],
  ["½ in", "in", 0.5],
  ["7 1/2", "in", 7.5],
  ["7-1/2 in", "cm", 19.05],
  ["7½", "in", 7.5],
  ["-2 ft", "ft", -2],
])("%j in a field for %s is %d", (typed, unit, value) => {
  expect(readLength(typed, unit)).toBeCloseTo(value, 7);
});

test.each([
  "",
  " ",
  "ft",
  "6 in 2 ft",
  "2 ft 3 ft",
  "1/0 in",
  "5 stone",
  "2 ft 6 in 3",
  "1,2,3",
  "12a",
  "'",
])("%j is no length", (typed) => {
  expect(readLength(typed, "ft")).toBeNaN();
});

test("feet and half inches, however they are written, are the same length, also in metric fields", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 100 }),
      fc.integer({ min: 0, max: 23 }),
      fc.constantFrom<LengthUnit>("m", "cm", "ft", "in"),
      (feet, halves, unit) => {
        const inches = halves / 2;
        const per = { m: 0.0254, cm: 2.54, ft: 1 / 12, in: 1 }[unit];
        const expected = (feet * 12 + inches) * per;
        const half = halves % 2 === 1 ? " 1/2" : "";
        const whole = Math.floor(inches);
        for (const typed of [
          `${feet} ft ${inches} in`,
          `${feet}' ${inches}"`,
          `${feet} feet ${whole}${half} inches`,
          `${feet * 12 + inches} in`,
        ]) {
          expect(readLength(typed, unit)).toBeCloseTo(expected, 6);
        }
      },
    ),
  );
});
