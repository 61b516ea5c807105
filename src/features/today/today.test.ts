import commons from "@/core/gardenFile/commons.testdata.json";
import fc from "fast-check";
import { dayNumber } from "@/core/calendar";
import { fromGardenFile, type GardenFile } from "@/core/gardenFile";
import { siteFor } from "@/core/plantings";
import { isForTonight, tasksAhead, tasksOn } from "@/core/tasks";
import { localWording } from "@/words";
import { sheetOf } from "./sheet/sheetStops";
import { walkOf } from "./stops";
import { taskTitle } from "./taskWords";
import { inEnglish } from "@/words/told.testdata";

const garden = fromGardenFile(commons as GardenFile);
const wording = localWording("metric", "en-GB");
const site = siteFor(garden);
if (!site) throw new Error("the demo garden has a place");
const DAY = dayNumber("2026-09-24");

test("the walk has every task once: tonight's apart, each bed a stop in the order of walking", () => {
  fc.assert(
    fc.property(fc.integer({ min: DAY - 60, max: DAY + 200 }), (day) => {
      const tasks = tasksOn(site, garden, day);
      const { tonight, first, beds } = walkOf(garden, tasks);
      const all = [
        ...tonight,
        ...first.flatMap((stop) => stop.tasks),
        ...beds.flatMap((stop) => stop.tasks),
      ];
      expect(all.map(({ id }) => id).sort()).toEqual(tasks.map(({ id }) => id).sort());
      expect(tonight.every(isForTonight)).toBe(true);
      for (const { key, tasks: there } of beds) {
        expect(there.every(({ bedId }) => bedId === key)).toBe(true);
      }
    }),
    { numRuns: 8 },
  );
  const { beds } = walkOf(garden, tasksOn(site, garden, DAY));
  const names = beds.map(({ name }) => name);
  expect(names.indexOf("Bed 2")).toBeLessThan(names.indexOf("Bed 10"));
  expect(beds.find(({ name }) => name === "House 1")?.within).toBe("Greenhouse");
});

test("a task's heading reads on into its subject", () => {
  const titles = tasksOn(site, garden, DAY).map(taskTitle);
  for (const title of [
    "Pick kale, curly",
    "Thin winter onion",
    "Check emergence: mustard greens",
    "Caterpillars again",
    "Water 13 beds",
    "Water Bed 9",
    "Fill trays for Claytonia, common",
    "Drain and set for winter: hoses, timers and vents",
  ]) {
    expect(titles).toContain(title);
  }
});

test("the sheet tells on which days of the week, and daily work once", () => {
  const stops = sheetOf(garden, tasksAhead(site, garden, DAY, 7), DAY, wording);
  const lines = stops.flatMap(({ lines: list }) => list);
  expect(new Set(lines.map(({ id }) => id)).size).toBe(lines.length);
  const line = (title: string) => lines.find((one) => one.title === title);
  expect(inEnglish(line("Pick kale, curly"))).toMatchObject({
    days: "",
    howMuch: "about 10.8 kg growing there",
  });
  expect(line("Sow in a tray: claytonia, common")?.days).toBe("Sat");
  expect(line("Water in lettuce, winter butterhead")?.days).toBe("daily to Wed");
});
