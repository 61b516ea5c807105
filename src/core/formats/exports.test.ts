import commons from "../gardenFile/commons.testdata.json";
import Papa from "papaparse";
import { dayNumber, isIsoDate } from "../calendar";
import { fromGardenFile, type GardenFile } from "../gardenFile";
import { siteFor } from "../plantings";
import { tasksAhead } from "../tasks";
import { writeLogCsv, writePlantingsCsv, writeTasksCsv } from "./index";
import { inEnglish } from "@/words/told.testdata";
import { fileWords } from "@/words/fileWords";
import { plainWording } from "@/words/plain";

const WORDS = fileWords(plainWording());
const garden = fromGardenFile(commons as GardenFile);
const found = siteFor(garden);
if (!found) throw new Error("a place");
const site = found;

test("tables are RFC 4180, dated, and harmless in a spreadsheet", () => {
  const risky = {
    ...garden,
    beds: new Map(garden.beds).set("bed-7", {
      ...(garden.beds.get("bed-7") as NonNullable<ReturnType<typeof garden.beds.get>>),
      name: '=HYPERLINK("x")',
    }),
  };
  const csv = writePlantingsCsv(site, risky);
  expect(csv).toContain("\r\n");
  const rows = Papa.parse<Record<string, string>>(csv, { header: true }).data;
  expect(rows).toHaveLength(garden.plantings.size);
  const spinach = rows.find((row) => row.id === "planting-07");
  expect(spinach?.bed?.startsWith("=")).toBe(false);
  expect(spinach).toMatchObject({ crop: "Spinach", sow_on: "2026-08-20", plants: "456" });
  const tasks = Papa.parse<Record<string, string>>(writeTasksCsv(site, garden, WORDS), {
    header: true,
  }).data;
  expect(tasks.every((task) => isIsoDate(task.date ?? ""))).toBe(true);
  expect(tasks.map((task) => task.date)).toEqual(tasks.map((task) => task.date).sort());
});

test("the table of tasks has the plan and what the days ahead ask for, each once", () => {
  const ahead = tasksAhead(site, garden, dayNumber("2026-09-24"), 14);
  const rows = Papa.parse<Record<string, string>>(writeTasksCsv(site, garden, WORDS, ahead), {
    header: true,
  }).data;
  const uids = rows.map(({ uid }) => uid);
  expect(new Set(uids).size).toBe(uids.length);
  // Sowings stand there once, from the plan.
  expect(uids.filter((uid) => uid?.startsWith("planting-30-sow"))).toEqual([
    "planting-30-sow@late-ember",
  ]);
  const kale = rows.find(({ uid }) => uid === "planting-03-harvest-2026-09-17@late-ember");
  expect(kale).toMatchObject({ date: "2026-09-24", bed: "Bed 3", task: "Pick: Kale, curly" });
});

test("the log is a table of everything that was written down", () => {
  const rows = Papa.parse<Record<string, string>>(writeLogCsv(garden, WORDS), {
    header: true,
  }).data;
  expect(rows).toHaveLength(garden.logEntries.size);
  expect(rows.map(({ on }) => on)).toEqual([...rows.map(({ on }) => on)].sort());
  expect(
    rows.filter(({ what, crop }) => what === "Picked" && crop?.startsWith("Kale")),
  ).toMatchObject([{ weight_g: "1400" }, { weight_g: "1250" }, { weight_g: "1600" }]);
  expect(inEnglish(rows.find(({ what }) => what === "Lost"))).toMatchObject({
    lost_share: "0.05",
    cause: "slugs",
    where: "House 1",
    note: "Four heads at the door end.",
  });
});
