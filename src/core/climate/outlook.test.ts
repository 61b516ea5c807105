import { chanceAtOrBelow, usualSpreadC } from "./outlook/outlook";
import { OutlookSchema, type Outlook } from "./outlook/outlookSchema";
import { englishMessage } from "@/words/told.testdata";

const DAY = {
  date: "2026-10-01",
  minTempC: 1,
  maxTempC: 9,
  spreadC: 2,
  precipitationMm: null,
  cloudShare: null,
  windMps: null,
};
const OUTLOOK: Outlook = {
  format: "late-ember-outlook",
  version: 1,
  source: "valley office",
  simulated: false,
  issuedOn: "2026-10-01",
  days: [DAY, { ...DAY, date: "2026-10-02" }],
};

test("the chance of frost follows from the low and its spread", () => {
  // Half a spread over freezing: 30.85 % of a normal lies below.
  expect(chanceAtOrBelow(DAY, 0)).toBeCloseTo(0.3085, 3);
  expect(chanceAtOrBelow(DAY, 1)).toBeCloseTo(0.5, 6);
  expect(chanceAtOrBelow({ ...DAY, spreadC: 0 }, 0)).toBe(0);
  expect(chanceAtOrBelow({ ...DAY, spreadC: 0 }, 1)).toBe(1);
  expect([usualSpreadC(1), usualSpreadC(7), usualSpreadC(16)]).toEqual([1, 3.5, 3.5]);
});

test.each<[string, object, string, RegExp]>([
  ["a low above its high", { days: [{ ...DAY, minTempC: 11 }] }, "days.0.minTempC", /swapped/],
  [
    "a day that is missing",
    { days: [DAY, { ...DAY, date: "2026-10-03" }] },
    "days",
    /without gaps/,
  ],
  ["no day", { days: [] }, "days", /at least one day/],
  ["a script for a source", { source: "<b>" }, "source", /cannot hold </],
  ["a temperature of no weather", { days: [{ ...DAY, maxTempC: 90 }] }, "days.0.maxTempC", /60 °C/],
])("an outlook with %s is refused at its field", (_what, some, path, words) => {
  expect(OutlookSchema.safeParse(OUTLOOK).success).toBe(true);
  const issue = OutlookSchema.safeParse({ ...OUTLOOK, ...some }).error?.issues[0];
  expect(issue?.path.join(".")).toBe(path);
  expect(englishMessage(issue?.message)).toMatch(words);
});
