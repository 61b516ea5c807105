import fc from "fast-check";
import hardeningJson from "@data/hardening.json";
import sources from "@data/sources.json";
import { dayNumber, isoDate } from "../calendar";
import type { OutlookDay } from "../climate";
import { cropLibrary } from "../crops";
import { hardeningPlan } from "./hardeningOff";
import { crop } from "./trays.testdata";
import { english } from "@/words/told.testdata";

test("the hours outdoors name their sources", () => {
  const known = Object.keys(sources);
  for (const source of Object.values(hardeningJson.sources)) expect(known).toContain(source);
});

describe("hardening off", () => {
  const plannedDay = dayNumber("2026-09-30");
  const outlookDay = (offset: number, some: Partial<OutlookDay> = {}): OutlookDay => ({
    date: isoDate(dayNumber("2026-09-24") + offset),
    minTempC: 8,
    maxTempC: 18,
    spreadC: 2,
    precipitationMm: 0,
    cloudShare: 0.4,
    windMps: 2,
    ...some,
  });
  const week = (change: (offset: number) => Partial<OutlookDay>) =>
    Array.from({ length: 7 }, (_, offset) => outlookDay(offset, change(offset)));

  test("without an outlook it ends on the planned day, with growing hours", () => {
    const plan = hardeningPlan(crop("lettuce"), plannedDay, []);
    expect(plan.plantOutDay).toBe(plannedDay);
    const hours = plan.days.map((one) => one.hours);
    expect([...hours].sort((a, b) => a - b)).toEqual(hours);
    expect(hours.at(-1)).toBe(24);
  });

  test("seedlings that are late are planted out from today on", () => {
    const late = hardeningPlan(crop("kale"), plannedDay, [], plannedDay + 9);
    expect(late.plantOutDay).toBe(plannedDay + 9);
    expect(late.movedDays).toBe(0);
  });

  test("a cold, windy or hot day is skipped, named, and moves the rest", () => {
    const windy = hardeningPlan(
      crop("lettuce"),
      plannedDay,
      week((at) => (at === 1 ? { windMps: 12 } : {})),
    );
    expect(english(windy.days.find((one) => one.heldUpBy)?.heldUpBy)).toBe("wind");
    expect(windy.movedDays).toBeGreaterThanOrEqual(1);
    const frosty = hardeningPlan(
      crop("lettuce"),
      plannedDay,
      week((at) => (at >= 4 ? { minTempC: -3 } : {})),
    );
    expect(frosty.days.some((one) => one.heldUpBy?.code === "trays.aColdNight")).toBe(true);
    const hot = hardeningPlan(
      crop("lettuce"),
      plannedDay,
      week(() => ({ maxTempC: 33 })),
    );
    expect(hot.days.filter((one) => one.heldUpBy?.code === "trays.heat")).toHaveLength(7);
  });

  test("a cold night holds up a tender crop and not a hardy one", () => {
    const chilly = week(() => ({ minTempC: 2, maxTempC: 12 }));
    expect(hardeningPlan(crop("summer-squash"), plannedDay, chilly).movedDays).toBeGreaterThan(0);
    expect(hardeningPlan(crop("kale"), plannedDay, chilly).movedDays).toBe(0);
  });

  test("of the days within reach the cool and cloudy one is suggested", () => {
    const soon = dayNumber("2026-09-26");
    const plan = hardeningPlan(
      crop("kale"),
      soon,
      week((at) => (at === 4 ? { cloudShare: 0.95, maxTempC: 12 } : { cloudShare: 0.1 })),
    );
    expect(isoDate(plan.plantOutDay)).toBe("2026-09-28");
    expect(english(plan.words)).toMatch(/Clouds are expected/);
    const bright = hardeningPlan(
      crop("kale"),
      soon,
      week(() => ({ cloudShare: 0.1 })),
    );
    expect(english(bright.words)).toMatch(/evening and shade/);
  });

  test("never begins late, never shortens, and puts off by a week at most", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            min: fc.integer({ min: -15, max: 15 }),
            range: fc.integer({ min: 0, max: 25 }),
            wind: fc.integer({ min: 0, max: 20 }),
          }),
          { minLength: 1, maxLength: 14 },
        ),
        fc.constantFrom(...cropLibrary.values()),
        (weather, any) => {
          const outlook = weather.map(({ min, range, wind }, at) =>
            outlookDay(at, { minTempC: min, maxTempC: min + range, windMps: wind }),
          );
          const plan = hardeningPlan(any, plannedDay, outlook);
          expect(plan.days.filter((one) => one.heldUpBy === null)).toHaveLength(7);
          expect(plan.movedDays).toBeGreaterThanOrEqual(0);
          expect(plan.movedDays).toBeLessThanOrEqual(7);
        },
      ),
    );
  });
});
