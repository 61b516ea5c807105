import commons from "@/core/gardenFile/commons.testdata.json";
import { dayNumber } from "@/core/calendar";
import { fromGardenFile, type GardenFile } from "@/core/gardenFile";
import { todayOf } from "./today";

const garden = fromGardenFile(commons as GardenFile);

test("today is the garden's own, or the grower's calendar day", () => {
  expect(todayOf(garden)).toBe(dayNumber("2026-09-24"));
  const live = { ...garden, head: { ...garden.head, today: null } };
  const lateEvening = new Date(2026, 10, 24, 23, 50);
  expect(todayOf(live, lateEvening)).toBe(dayNumber("2026-11-24"));
});
