import { dayNumber } from "../calendar";
import { cliffOf, seasonAimedAt } from "./cliff";
import { lastSafeSowing } from "./lastSafe";
import { sowingAdvice } from "./sowingAdvice";
import { timelineFrom } from "./timeline";
import { growing, tarnholt, tarnholtSite as site } from "../plantings/tarnholt.testdata";

const { settings } = tarnholt;
const safe = (id: string, sowOn: string, method: "direct" | "transplant" = "direct") => {
  const way = growing(id, [], { method });
  return lastSafeSowing(site, settings, way, timelineFrom(site, settings, way, dayNumber(sowOn)));
};

test("in August the last safe day is ahead; after it a sowing is too late", () => {
  const spinach = safe("spinach", "2026-08-10");
  if (spinach.kind !== "by") throw new Error(spinach.kind);
  const { lastSafeDay } = cliffOf(site, settings, growing("spinach"), dayNumber("2026-08-10"));
  expect(spinach.day).toBe(lastSafeDay);
  expect(safe("spinach", "2026-10-10")).toEqual({ kind: "tooLate" });
});

test("in spring last autumn's cliff is past: a quick crop is sown any time, a slow one by a day ahead", () => {
  for (const id of ["radish", "spinach", "pea-shelling"]) {
    expect([id, safe(id, "2027-04-05").kind]).toEqual([id, "anyTime"]);
  }
  const leek = safe("leek", "2027-04-01", "transplant");
  if (leek.kind === "by") expect(leek.day).toBeGreaterThanOrEqual(dayNumber("2027-04-01"));
  // The cliff that is drawn beside a spring sowing is the one ahead of it.
  const around = seasonAimedAt(site, { sowDay: dayNumber("2027-04-05") });
  const { lastSafeDay } = cliffOf(site, settings, growing("spinach"), around);
  expect(lastSafeDay).toBeGreaterThan(dayNumber("2027-07-01"));
});

test("where there is no cliff, nobody is told that a second sowing comes too late", () => {
  const radish = growing("radish");
  const timeline = timelineFrom(site, settings, radish, dayNumber("2027-04-05"));
  expect(sowingAdvice(site, settings, radish, timeline).resow).toEqual({
    kind: "anyTime",
  });
});
