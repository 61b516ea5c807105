import { broughtIn, columnsByName, kindByName, readTable, type Brought } from "../bringIn";
import { dayNumber } from "../calendar";
import type { Garden } from "../garden";
import type { LogEntry, Logged } from "../log";
import { tarnholt, tarnholtSite } from "../plantings/tarnholt.testdata";
import type { Units } from "../units";
import { fileWords } from "@/words/fileWords";
import { plainWording } from "@/words/plain";
import { writeLogCsv, writePlantingsCsv, writeSeedBoxCsv } from "./index";

const today = dayNumber("2027-06-01");
const inUnits = (units: Units): Garden => ({
  ...tarnholt,
  settings: { ...tarnholt.settings, units },
});

function back(csv: string, garden: Garden): { kind: string | null; found: Brought } {
  const table = readTable(csv);
  if ("problem" in table) throw new Error(table.problem.code);
  const kind = kindByName(table.headings);
  if (!kind) throw new Error("a kind");
  const columns = columnsByName(kind, table.headings);
  const found = broughtIn(kind, { site: tarnholtSite, garden, table, columns, today });
  if ("problem" in found) throw new Error(found.problem.code);
  return { kind, found };
}

const codes = ({ left }: Brought) => left.map(({ reason }) => reason.code);

describe.each(["metric", "imperial"] as const)("what is saved in a %s garden", (units) => {
  const garden = inUnits(units);
  const words = fileWords(plainWording(units));

  test("plantings come back where they were, into an empty plan", () => {
    const csv = writePlantingsCsv(tarnholtSite, garden);
    const { kind, found } = back(csv, { ...garden, plantings: new Map() });
    expect(kind).toBe("plantings");
    const told = ({
      cropId,
      varietyId,
      bedId,
      sowOn,
      method,
      stage,
    }: (typeof found.plantings)[0]) =>
      JSON.stringify({ cropId, varietyId, bedId, sowOn, method, stage });
    const were = [...garden.plantings.values()];
    // What shares its ground with another kind in a mix is one line of the table.
    const came = new Set(found.plantings.map(told));
    const missing = were.filter((planting) => !came.has(told(planting)));
    expect(missing.map(({ id }) => id)).toEqual([]);
    expect(found.left).toEqual([]);
    for (const planting of found.plantings) {
      const was = were.find(
        (one) => told(one) === told(planting) && Math.abs(one.fromM - planting.fromM) < 0.01,
      );
      expect(was?.lengthM).toBeCloseTo(planting.lengthM, 2);
      expect(was?.rowCm).toBeCloseTo(planting.rowCm, 1);
      expect(was?.inRowCm).toBeCloseTo(planting.inRowCm, 1);
    }
  });

  test("into the garden that it came from nothing comes twice", () => {
    for (const csv of [
      writePlantingsCsv(tarnholtSite, garden),
      writeLogCsv(garden, words),
      writeSeedBoxCsv(garden),
    ]) {
      const { found } = back(csv, garden);
      expect([...found.plantings, ...found.entries, ...found.seedLots]).toEqual([]);
      expect(found.left.length).toBeGreaterThan(2);
    }
  });

  test("the seed box comes back with its tests, and treated seed stays treated", () => {
    const lots = [...garden.seedLots.values()];
    const { kind, found } = back(writeSeedBoxCsv(garden), { ...garden, seedLots: new Map() });
    expect([kind, codes(found)]).toEqual(["seeds", []]);
    found.seedLots.forEach((lot, at) => {
      const was = lots[at];
      const digits = units === "metric" ? 6 : 1;
      expect(lot.amount.value).toBeCloseTo(was?.amount.value ?? NaN, digits);
      expect({ ...lot, id: "", amount: lot.amount.unit }).toEqual({
        ...was,
        id: "",
        amount: was?.amount.unit,
      });
    });
    const treated = new Map(lots.map((lot) => [lot.id, { ...lot, treated: true }]));
    const again = back(writeSeedBoxCsv({ ...garden, seedLots: treated }), {
      ...garden,
      seedLots: new Map(),
    });
    expect(again.found.seedLots.every((lot) => lot.treated)).toBe(true);
  });

  test("the log comes back: what was picked, sown, lost, cleared and read, by its words", () => {
    const kale = garden.plantings.get("planting-03");
    if (!kale) throw new Error("kale");
    const plantingId = kale.id;
    const whats: Logged[] = [
      { kind: "harvested", plantingId, grams: 500, count: 3, isLast: false },
      { kind: "lost", plantingId, cause: "slugs", share: 0.25 },
      { kind: "emerged", plantingId, up: 18, outOf: 20 },
      { kind: "plantedOut", plantingId, plants: 12 },
      { kind: "temperature", under: null, tempC: -5 },
      { kind: "temperature", under: { kind: "bed", id: kale.bedId }, tempC: 1.5 },
    ];
    const entries = whats.map((what, at): [string, LogEntry] => [
      `entry-${at}`,
      { id: `entry-${at}`, on: `2026-09-${10 + at}`, taskId: null, what, note: "- at the door" },
    ]);
    const none = { ...garden, logEntries: new Map(), thermometerDays: new Map() };
    const csv = writeLogCsv({ ...none, logEntries: new Map(entries) }, words);
    const { kind, found } = back(csv, none);
    expect([kind, codes(found)]).toEqual(["log", []]);
    expect(found.entries.every(({ note }) => note === "- at the door")).toBe(true);
    const rounded = found.entries.map(({ what }) =>
      what.kind === "harvested" ? { ...what, grams: Math.round(what.grams ?? 0) } : what,
    );
    expect(rounded).toEqual(whats);
  });
});

test("a table begins with a byte order mark, and only what a spreadsheet would reckon is kept from it", () => {
  const entry = (note: string, at: number): [string, LogEntry] => [
    `entry-${at}`,
    {
      ...{ id: `entry-${at}`, on: "2026-09-10", taskId: null, note },
      what: { kind: "temperature", under: null, tempC: -5 },
    },
  ];
  const notes = [
    "- slugs again",
    "-3 at the door",
    "+ two heads",
    "=1+1",
    "@SUM(1)",
    "-2+3|cmd!A0",
  ];
  const csv = writeLogCsv(
    { ...tarnholt, thermometerDays: new Map(), logEntries: new Map(notes.map(entry)) },
    fileWords(plainWording()),
  );
  expect(csv.startsWith("\uFEFFon,")).toBe(true);
  expect(csv.match(/'[-+=@]/g)).toEqual(["'=", "'@", "'-"]);
  // The apostrophe is no part of the note: it is gone when the table comes back.
  const table = readTable(csv);
  if ("problem" in table) throw new Error("a table");
  const at = table.headings.indexOf("note");
  expect(table.rows.map(({ cells }) => cells[at])).toEqual(notes);
});
