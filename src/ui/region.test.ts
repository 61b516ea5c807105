import { regionOf } from "./region";

test.each([
  ["en-US", { units: "imperial", paper: "letter", dayFirst: false, decimalMark: "." }],
  ["en-GB", { units: "metric", paper: "A4", dayFirst: true, decimalMark: "." }],
  ["en-CA", { units: "metric", paper: "letter" }],
  ["de-AT", { units: "metric", paper: "A4", dayFirst: true, decimalMark: "," }],
  ["es-US", { units: "imperial", paper: "letter" }],
] as const)("the habits of %s", (locale, habits) => {
  expect(regionOf(locale)).toMatchObject(habits);
});
