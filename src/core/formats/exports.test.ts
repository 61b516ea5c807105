import commons from "../gardenFile/commons.testdata.json";
import ICAL from "ical.js";
import Papa from "papaparse";
import { dayNumber, isIsoDate } from "../calendar";
import { fromGardenFile, type GardenFile } from "../gardenFile";
import { siteFor } from "../plantings";
import { tasksAhead } from "../tasks";
import { writeCalendarFile, writeLogCsv, writePlantingsCsv, writeTasksCsv } from "./index";
import { inEnglish } from "@/words/told.testdata";
import { fileWords } from "@/words/fileWords";
import { plainWording } from "@/words/plain";

const WORDS = fileWords(plainWording());
const garden = fromGardenFile(commons as GardenFile);
const found = siteFor(garden);
if (!found) throw new Error("a place");
const site = found;

test("the calendar reads back with another parser: all-day events with stable UIDs", async () => {
  const events = (ics: string) =>
    new ICAL.Component(ICAL.parse(ics))
      .getAllSubcomponents("vevent")
      .map((one) => new ICAL.Event(one));
  const first = events(await writeCalendarFile(site, garden, dayNumber("2026-09-24"), WORDS));
  const again = events(await writeCalendarFile(site, garden, dayNumber("2026-10-01"), WORDS));
  expect(first.map((event) => event.uid)).toEqual(again.map((event) => event.uid));
  expect(new Set(first.map((event) => event.uid)).size).toBe(first.length);
  const sowing = first.find((event) => event.uid === "planting-07-sow@late-ember");
  expect(sowing?.summary).toBe("Sow Spinach, winter type");
  expect(sowing?.location).toBe("Bed 7");
  expect(sowing?.startDate.toString()).toBe("2026-08-20");
  expect(sowing?.startDate.isDate).toBe(true);
  expect(first.some((event) => event.uid === "planting-06-plantout@late-ember")).toBe(true);
  expect(first.some((event) => event.uid === "planting-07-ready@late-ember")).toBe(true);
});

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

test("tasks go into calendar and table once each; a later file raises SEQUENCE on the same UIDs", async () => {
  const today = dayNumber("2026-09-24");
  const ahead = tasksAhead(site, garden, today, 14);
  const read = async (stampDay: number) =>
    new ICAL.Component(
      ICAL.parse(await writeCalendarFile(site, garden, stampDay, WORDS, ahead)) as unknown as [],
    )
      .getAllSubcomponents("vevent")
      .map((component) => new ICAL.Event(component));
  const [first, second] = [await read(today), await read(today + 3)];
  const uids = first.map(({ uid }) => uid);
  expect(new Set(uids).size).toBe(uids.length);
  expect(second.map(({ uid }) => uid)).toEqual(uids);
  expect((second[0]?.sequence ?? 0) - (first[0]?.sequence ?? 0)).toBe(3);
  const kale = first.find(({ uid }) => uid === "planting-03-harvest-2026-09-17@late-ember");
  expect(kale).toMatchObject({ summary: "Pick: Kale, curly", location: "Bed 3" });
  expect(kale?.description).toMatch(/Last harvested 17 September/);
  // Sowings stand there once, from the plan.
  expect(uids.filter((uid) => uid.startsWith("planting-30-sow"))).toEqual([
    "planting-30-sow@late-ember",
  ]);
  const rows = Papa.parse<Record<string, string>>(writeTasksCsv(site, garden, WORDS, ahead), {
    header: true,
  }).data;
  expect(rows.map(({ uid }) => uid).sort()).toEqual([...uids].sort());
  const asked = rows.find(({ uid }) => uid === kale?.uid);
  expect(asked).toMatchObject({ date: "2026-09-24", bed: "Bed 3" });
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
