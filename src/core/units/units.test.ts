import fc from "fast-check";
import * as units from ".";

// Exact by definition, from NIST Handbook 44 (2024), appendix C.
test.each([
  ["a foot is 0.3048 m", units.metres(1), 0.3048],
  ["an inch is 2.54 cm", units.centimetres(1), 2.54],
  ["a square foot is 0.09290304 m²", 1 / units.squareFeet(1), 0.09290304],
  ["a pound is 453.59237 g", units.GRAMS_IN.imperial, 453.59237],
  ["16 ounces are a pound", units.ounces(units.GRAMS_IN.imperial), 16],
  ["a gallon is 231 cubic inches", units.cubicInches(units.litresFromGallons(1) * 1000), 231],
  ["a cubic foot is 1,728 cubic inches", units.cubicInches(1000 / units.cubicFeet(1)), 1728],
  ["a cubic foot is 7.48 gallons", units.gallons(1 / units.cubicFeet(1)), 7.480519],
  ["water boils at 212 °F", units.fahrenheit(100), 212],
  ["−40 is the same on both", units.celsius(-40), -40],
  // A usual rate of feather meal: 4 lb for 100 sq ft.
  ["4 lb for 100 sq ft are 195 g/m²", units.gramsPerM2(4, 100), 195.297],
  ["40 lb for 1,000 sq ft are the same rate", units.gramsPerM2(40, 1000), 195.297],
])("%s", (_what, is, shouldBe) => {
  expect(is).toBeCloseTo(shouldBe, 3);
});

test("what is turned over and back is what it was", () => {
  const there: readonly [(value: number) => number, (value: number) => number][] = [
    [units.fahrenheit, units.celsius],
    [units.feet, units.metres],
    [units.inches, units.centimetres],
    [units.gallons, units.litresFromGallons],
    [units.cubicInches, units.millilitres],
    [(grams) => units.pounds(grams * 1000), units.kilograms],
    [(rate) => units.poundsPer(100, rate), (pounds) => units.gramsPerM2(pounds, 100)],
    [(rate) => units.poundsPer(1000, rate), (pounds) => units.gramsPerM2(pounds, 1000)],
  ];
  fc.assert(
    fc.property(fc.double({ min: -1e5, max: 1e5, noNaN: true }), (value) => {
      for (const [to, back] of there) expect(back(to(value))).toBeCloseTo(value, 6);
    }),
  );
});
