import { plainWording } from "@/words/plain";
import { dayNumber } from "@/core/calendar";
import type { OutlookDay } from "@/core/climate";
import { frostOddsWords, freshnessWords, skyWords } from "./outlookWords";
import { emptyTypedDays, outlookFromTyped } from "./typedOutlook";

const TODAY = dayNumber("2026-09-24");
const nameOf = (day: number) => `day ${day - TODAY + 1}`;
const day = (some: Partial<OutlookDay>): OutlookDay => ({
  date: "2026-09-24",
  minTempC: 5,
  maxTempC: 12,
  spreadC: 1,
  precipitationMm: 0,
  cloudShare: 0.1,
  windMps: 1,
  ...some,
});

test("typed days become an outlook in metric units, the later ones less sure", () => {
  const typed = emptyTypedDays();
  typed[0] = { low: 32, high: 50 };
  typed[1] = { low: -4, high: 41.9 };
  const read = outlookFromTyped(typed, TODAY, "imperial", nameOf);
  if (!read.ok) throw new Error(read.problem);
  expect(read.outlook.days.map(({ date, minTempC }) => [date, minTempC])).toEqual([
    ["2026-09-24", 0],
    ["2026-09-25", -20],
  ]);
  expect(read.outlook.days[1]?.maxTempC).toBeCloseTo(5.5, 6);
  expect(read.outlook.days[1]?.spreadC).toBeGreaterThan(read.outlook.days[0]?.spreadC ?? 9);
});

test.each([
  [[], /at least/],
  [[{ low: 3, high: NaN }], /^day 1: enter a low and a high/],
  [
    [
      { low: NaN, high: NaN },
      { low: 3, high: 9 },
    ],
    /^day 1: enter a low and a high/,
  ],
  [
    [
      { low: 3, high: 9 },
      { low: 12, high: 9 },
    ],
    /^day 2: The low is above the high/,
  ],
  [[{ low: NaN, high: 9 }], /^day 1/],
])("what cannot be an outlook is refused with its day (%#)", (typed, words) => {
  const read = outlookFromTyped(typed, TODAY, "metric", nameOf);
  expect(read.ok ? "" : read.problem).toMatch(words);
});

test("odds, sky and age are told as growers say them", () => {
  expect(frostOddsWords(day({ minTempC: 6 }))).toBe("frost unlikely");
  expect(frostOddsWords(day({ minTempC: -0.5 }))).toBe("frost 7 in 10");
  expect(frostOddsWords(day({ minTempC: -9 }))).toBe("frost");
  expect(skyWords(day({}), plainWording("metric"))).toBe("clear");
  expect(skyWords(day({ precipitationMm: 12.4, windMps: 8 }), plainWording("metric"))).toBe(
    "rain 12 mm, windy",
  );
  expect(skyWords(day({ precipitationMm: 3, maxTempC: 0 }), plainWording("metric"))).toBe(
    "snow 3 mm",
  );
  expect(
    skyWords(
      day({ precipitationMm: null, cloudShare: null, windMps: null }),
      plainWording("metric"),
    ),
  ).toBe("");
  const kept = {
    id: "outlook" as const,
    receivedAt: "2026-09-24T10:00:00Z",
    outlook: {
      format: "late-ember-outlook" as const,
      version: 1 as const,
      source: "x",
      simulated: true,
      issuedOn: "2026-09-23",
      days: [day({})],
    },
  };
  const at = (time: string) => freshnessWords(kept, TODAY, Date.parse(time));
  expect(at("2026-09-24T10:00:10Z")).toBe("issued yesterday, received just now");
  expect(at("2026-09-24T10:01:00Z")).toBe("issued yesterday, received 1 minute ago");
  expect(at("2026-09-24T15:00:00Z")).toBe("issued yesterday, received 5 hours ago");
  expect(at("2026-09-28T10:00:00Z")).toBe("issued yesterday, received 4 days ago");
});
