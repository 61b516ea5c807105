import { howMuchWrong } from "@/words/en/howMuch";
import { howMuchFrom, startingWith, USUAL_HOW_MUCH_FIELDS } from "./howMuchFields";

test("amounts are read in the grower's own units", () => {
  expect(howMuchFrom(USUAL_HOW_MUCH_FIELDS, "metric")).toEqual({ by: "people", people: 2 });
  expect(howMuchFrom({ amountBy: "length", amount: 4 }, "imperial")).toEqual({
    by: "length",
    lengthM: 1.2192,
  });
  expect(howMuchFrom({ amountBy: "weight", amount: 2 }, "imperial")).toEqual({
    by: "weight",
    kgAWeek: 0.90718474,
  });
  expect(howMuchFrom({ amountBy: "room", amount: NaN }, "metric")).toEqual({ by: "room" });
});

test.each([
  ["people", 0],
  ["people", 501],
  ["plants", 2.5],
  ["plants", -3],
  ["weight", NaN],
  ["length", Infinity],
] as const)("%s: %s is told in a sentence", (amountBy, amount) => {
  expect(howMuchFrom({ amountBy, amount }, "metric")).toBe(howMuchWrong[amountBy]);
});

test("each way of asking begins with something that can be asked", () => {
  for (const by of ["people", "weight", "plants", "length", "room"] as const) {
    for (const units of ["metric", "imperial"] as const) {
      expect(typeof howMuchFrom(startingWith(by, units), units)).toBe("object");
    }
  }
});
