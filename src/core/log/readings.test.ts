import { ReadingsSchema, summariseReadings, type Readings } from "./readings";

const READINGS: Readings = {
  format: "late-ember-readings",
  version: 1,
  source: "shed logger",
  simulated: false,
  readings: [
    { sensor: "outside", at: "2026-09-24T06:00", tempC: -1.5 },
    { sensor: "frame", at: "2026-09-24T06:00", tempC: 2 },
    { sensor: "outside", at: "2026-09-24T14:00", tempC: 12 },
    // A logger may send its memory in any order.
    { sensor: "outside", at: "2026-09-24T02:00", tempC: 0.5 },
    { sensor: "frame", at: "2026-09-24T14:00", tempC: 27.5 },
  ],
};

test("each sensor is told by its lowest, its highest and its latest reading", () => {
  expect(summariseReadings(READINGS)).toEqual([
    {
      sensor: "outside",
      minTempC: -1.5,
      maxTempC: 12,
      lastTempC: 12,
      lastAt: "2026-09-24T14:00",
    },
    {
      sensor: "frame",
      minTempC: 2,
      maxTempC: 27.5,
      lastTempC: 27.5,
      lastAt: "2026-09-24T14:00",
    },
  ]);
  expect(summariseReadings({ ...READINGS, readings: [] })).toEqual([]);
});

test.each<[string, object]>([
  ["a time without its date", { at: "06:00" }],
  ["a fever", { tempC: 120 }],
  ["a script for a sensor", { sensor: "<img>" }],
  ["a field nobody knows", { humidity: 3 }],
])("a reading with %s is refused", (_what, some) => {
  expect(ReadingsSchema.safeParse(READINGS).success).toBe(true);
  const [first] = READINGS.readings;
  const wrong = { ...READINGS, readings: [{ ...first, ...some }] };
  expect(ReadingsSchema.safeParse(wrong).success).toBe(false);
});
