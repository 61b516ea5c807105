import commons from "@/core/gardenFile/commons.testdata.json";
import fc from "fast-check";
import { dayNumber } from "@/core/calendar";
import { commands } from "@/core/commands";
import { fromGardenFile, type GardenFile } from "@/core/gardenFile";
import { LogEntrySchema, type LogEntry } from "@/core/log";
import { localWording } from "@/words";
import { entryFrom, fieldsOf } from "./entryFields";
import { filtered, logRows, pickedIn } from "./rows";
import { told } from "@/ui/wording";
import { inEnglish, english } from "@/words/told.testdata";

const garden = fromGardenFile(commons as GardenFile);
const wording = localWording("metric", "en-GB");
const ALL = { text: "", kind: "", fromDay: null, untilDay: null };
const entry = (id: string): LogEntry => {
  const found = garden.logEntries.get(id);
  if (!found) throw new Error(id);
  return found;
};
const ofKind = (kind: string) =>
  [...garden.logEntries.values()].find(({ what }) => what.kind === kind)?.id ?? "";

test("the table has every entry, the latest first, and a filter leaves those that have all of it", () => {
  const rows = logRows(garden, wording);
  expect(rows).toHaveLength(garden.logEntries.size);
  const days = rows.map(({ day }) => day);
  expect(days).toEqual([...days].sort((a, b) => b - a));
  const kale = filtered(rows, { ...ALL, text: "kale bed 3", kind: "Picked" });
  expect(kale.map(({ amount }) => amount)).toEqual(["1.6 kg", "1.25 kg", "1.4 kg"]);
  expect(pickedIn(kale)).toEqual({ grams: 4250, count: 0 });
  const september = { ...ALL, fromDay: dayNumber("2026-09-01"), untilDay: dayNumber("2026-09-05") };
  for (const { day } of filtered(rows, september)) {
    expect(day).toBeGreaterThanOrEqual(september.fromDay);
    expect(day).toBeLessThanOrEqual(september.untilDay);
  }
  expect(filtered(rows, { ...ALL, text: "kale moonlight" })).toEqual([]);
});

test("a night of a thermometer stands in the table as its shelter's", () => {
  const kept = commands["log.keep"].apply(garden, {
    entries: [],
    thermometerDays: [
      {
        id: "night-1",
        under: { kind: "shelter", id: "greenhouse" },
        on: "2026-09-23",
        insideMinC: 3.5,
        outsideMinC: -1,
        insideMaxC: null,
        outsideMaxC: null,
        source: "typed",
      },
    ],
    today: "2026-09-24",
  });
  if (!kept.ok) throw new Error(told(kept.refusal));
  const [row] = logRows(kept.garden, wording);
  expect(inEnglish(row)).toMatchObject({
    kind: "Temperature",
    place: "Greenhouse",
    amount: "lowest 3.5 °C, −1 °C outside",
    thermometerDayId: "night-1",
    entry: null,
  });
});

test.each(["metric", "imperial"] as const)(
  "an entry's form, in %s, gives back what it was given",
  (units) => {
    fc.assert(
      fc.property(fc.constantFrom(...garden.logEntries.keys()), (id) => {
        const read = entryFrom(entry(id), fieldsOf(entry(id), units), units);
        if (!read.ok) throw new Error(read.problem);
        expect(read.entry.on).toBe(entry(id).on);
        const [was, is] = [entry(id).what, read.entry.what];
        if (was.kind === "harvested" && is.kind === "harvested") {
          // Three decimals of a pound are half a gram.
          expect(Math.abs((is.grams ?? 0) - (was.grams ?? 0))).toBeLessThan(0.5);
        } else if (was.kind === "temperature" && is.kind === "temperature") {
          expect(Math.abs(is.tempC - was.tempC)).toBeLessThan(0.06);
        } else expect(is).toEqual(was);
        expect(LogEntrySchema.safeParse(read.entry).success).toBe(true);
      }),
    );
  },
);

test.each([
  ["harvested", { weight: 0 }, /weighs more than nothing/],
  ["harvested", { weight: 900 }, /More than 500 kg/],
  ["harvested", { count: 2.5 }, /Whole numbers only/],
  ["lost", { percent: 0 }, /More than 0 %/],
  ["lost", { percent: 140 }, /At most 100 %/],
  ["temperature", { temperature: -70 }, /Colder than −60/],
  ["temperature", { temperature: NaN }, /Give a temperature/],
  ["emerged", { note: "<b>" }, /cannot hold </],
  ["sown", { on: "2026-02-30" }, /./],
])("in the form of what was %s, %j is refused in words", (kind, some, words) => {
  const emerged: LogEntry = {
    ...entry(ofKind("sown")),
    what: { kind: "emerged", plantingId: "planting-07", up: 3, outOf: 9 },
  };
  const before = kind === "emerged" ? emerged : entry(ofKind(kind));
  const read = entryFrom(before, { ...fieldsOf(before, "metric"), ...some }, "metric");
  if (read.ok) throw new Error("it was taken");
  expect(english(read.problem)).toMatch(words);
});
