import fc from "fast-check";
import { dayNumber, isoDate } from "../calendar";
import { cropLibrary, varietyOf, cautionWords } from "../crops";
import { daysLeftFor, sowableToday } from "./sowToday";
import { latestSowingFor } from "./readiness";
import { timelineFrom } from "./timeline";
import { ruleFromDays, ruleFromStanding, successionPreview, successionSowDays } from "./succession";
import { sowingAdvice } from "./sowingAdvice";
import { spotsOf } from "../plantings";
import { USUAL_PLAN_SETTINGS } from "../growth";
import { day, growing, inlandSite as site, tarnholt } from "../plantings/tarnholt.testdata";
import { english, inEnglish } from "@/words/told.testdata";

const settings = USUAL_PLAN_SETTINGS;
const gaps = (days: number[]) => days.slice(1).map((one, index) => one - (days[index] ?? 0));

describe("a succession", () => {
  const salad = growing("lettuce-cutting", [], { stage: "baby" });

  test("by growth the intervals never shrink while days shorten and cool", () => {
    fc.assert(
      fc.property(
        fc.constantFrom("lettuce-cutting", "spinach", "arugula", "mizuna", "radish", "kale"),
        fc.integer({ min: 0, max: 40 }),
        fc.integer({ min: 4, max: 14 }),
        fc.constantFrom([] as string[], ["greenhouse-single"]),
        (cropId, offset, interval, covers) => {
          const crop = cropLibrary.get(cropId);
          const way = growing(cropId, covers, {
            method: crop?.transplanting.tolerance === "usual" ? "transplant" : "direct",
          });
          // In a house August is too hot for them: there growth quickens at first as it cools.
          const first = day(covers.length > 0 ? "2026-08-20" : "2026-08-01") + offset;
          const midwinter = site.season(first).midwinterDay;
          const sowDays = successionSowDays(
            site,
            settings,
            way,
            { rule: "growth", interval },
            6,
            first,
          );
          const { timelines } = successionPreview(site, settings, way, sowDays);
          const beds = timelines
            .map((one) => one.plantOutDay ?? one.emergeDay ?? Infinity)
            .filter((one) => one < midwinter);
          gaps(beds).forEach((gap, index, all) => {
            // A day of slack: days are whole.
            expect(gap).toBeGreaterThanOrEqual((all[index - 1] ?? 0) - 1);
          });
        },
      ),
      { numRuns: 60 },
    );
  });

  test("as days shorten the intervals stretch from one to several weeks", () => {
    const rule = ruleFromDays(site, salad, day("2026-08-01"), 7);
    const sowDays = successionSowDays(site, settings, salad, rule, 12, day("2026-08-01"));
    const between = gaps(sowDays);
    expect(Math.abs((between[0] ?? 0) - 7)).toBeLessThanOrEqual(1);
    expect(between.at(-1)).toBeGreaterThan(14);
  });

  test("each is ready as the one before is used up", () => {
    const rule = ruleFromStanding(salad);
    const sowDays = successionSowDays(site, settings, salad, rule, 4, day("2026-07-25"));
    const { timelines } = successionPreview(site, settings, salad, sowDays);
    timelines.slice(1).forEach((one, index) => {
      const before = timelines[index];
      if (!before || one.readyDay === null || before.holdsUntilDay === null)
        throw new Error("ready");
      // Cold may end standing sooner than growth uses it up.
      if (before.coldLossDay === null) {
        expect(Math.abs(one.readyDay - before.holdsUntilDay)).toBeLessThanOrEqual(2);
      }
    });
  });

  test("by the calendar the harvests are even, and the sowings crowd toward winter", () => {
    const rule = { rule: "calendar" as const, interval: 10 };
    const sowDays = successionSowDays(
      site,
      settings,
      growing("spinach"),
      rule,
      6,
      day("2026-07-20"),
    );
    const preview = successionPreview(site, settings, growing("spinach"), sowDays);
    for (const gap of preview.readyGaps) expect(Math.abs(gap - 10)).toBeLessThanOrEqual(2);
    expect(preview.sowGaps.at(-1)).toBeLessThan(preview.sowGaps[0] ?? 0);
    // The latest sowing that is ready in time, each of them.
    const third = preview.timelines[2]?.readyDay ?? 0;
    const latest = latestSowingFor(site, settings, growing("spinach"), third);
    expect(latest).toBe(sowDays[2]);
  });

  test("moves as a whole: from any of its sowings the same ones come out", () => {
    const rule = { rule: "growth" as const, interval: 8 };
    const forward = successionSowDays(site, settings, salad, rule, 5, day("2026-08-05"));
    for (const at of [1, 2, 4]) {
      const again = successionSowDays(site, settings, salad, rule, 5, forward[at] ?? 0, at);
      expect(again).toHaveLength(5);
      again.forEach((one, index) =>
        expect(Math.abs(one - (forward[index] ?? 0))).toBeLessThanOrEqual(2),
      );
    }
  });

  test("says which sowing would wait for the light", () => {
    const sowDays = ["2026-08-20", "2026-09-20"].map(dayNumber);
    expect(successionPreview(site, settings, growing("spinach"), sowDays).firstAfterDark).toBe(1);
  });
});

describe("what to know before sowing", () => {
  const advise = (
    cropId: string,
    sowOn: string,
    covers: string[] = [],
    method: "direct" | "transplant" = "direct",
  ) => {
    const way = growing(cropId, covers, { method });
    return sowingAdvice(site, settings, way, timelineFrom(site, settings, way, day(sowOn)));
  };

  test("summer heat brings tricks for lettuce and spinach, and none for them in September", () => {
    const hot = advise("spinach", "2026-07-15");
    expect(hot.soil?.warmestC).toBeGreaterThan(26);
    expect(hot.hints.map(english).join(" ")).toMatch(/Sow in the evening.*shade until it is up/);
    expect(hot.hints.map(english).join(" ")).toMatch(/soak the seed overnight/);
    expect(advise("lettuce", "2026-07-15").hints.map(english).join(" ")).toMatch(
      /chill the damp seed/,
    );
    expect(inEnglish(advise("spinach", "2026-09-20").hints)).toEqual([]);
  });

  test("cold soil is told, with what to do instead", () => {
    const cold = advise("cucumber", "2026-04-10");
    expect(cold.hints.map(english).join(" ")).toMatch(/below .* none germinate.*Sow under a cover/);
    expect(advise("carrot", "2026-11-20").soil?.meanC).toBeLessThan(8);
  });

  test("a heat mat is hinted where it pays, with its caution", () => {
    const raised = advise("sweet-corn", "2026-05-01", [], "transplant");
    expect(raised.hints.map(english).join(" ")).toMatch(
      /heat mat set to 24 °C it comes up in 4 days/,
    );
    expect(raised.cautions.map(cautionWords).join(" ")).toMatch(/GFCI/);
  });

  test("emergence follows the soil: quick in August, slow in November, and resowing ends at the cliff", () => {
    const days = (sowOn: string) => (advise("carrot", sowOn).emergeDay ?? Infinity) - day(sowOn);
    expect(days("2026-08-01")).toBeLessThan(9);
    expect(days("2026-10-20")).toBeGreaterThan(14);
    const spinach = advise("spinach", "2026-08-15");
    const { resow } = spinach;
    if (resow.kind !== "by") throw new Error(resow.kind);
    expect(resow.day).toBeGreaterThan(day("2026-08-15"));
    expect(isoDate(resow.day) < "2026-09-15").toBe(true);
    expect(advise("spinach", "2026-10-15").resow).toEqual({ kind: "tooLate" });
  });
});

describe("what can still be sown today", () => {
  const spots = spotsOf(tarnholt);
  const on = (date: string) => sowableToday(site, settings, day(date), spots, cropLibrary.values());

  test("everything listed works where it is listed, each crop once as a plant and once as leaves", () => {
    for (const date of ["2026-07-20", "2026-09-24", "2026-11-15"]) {
      const { now, not } = on(date);
      const listed = now.map(({ growing: way }) => `${way.crop.id} ${way.stage}`);
      expect(new Set(listed).size).toBe(now.length);
      const crops = new Set(now.map(({ growing: way }) => way.crop.id));
      // Roots out of the store are no sowing.
      const sown = [...cropLibrary.values()].filter(({ forcedFrom }) => forcedFrom === undefined);
      expect(crops.size + not.length).toBe(sown.length);
      for (const { timeline, verdict, growing: way } of now) {
        // Ready before the dark, or a crop that stands the winter and waits for the light.
        if (verdict.kind !== "meets") {
          expect(verdict.kind).toBe("spring");
          expect(["overwinters", "either"]).toContain(way.crop.season);
        }
        expect(timeline.sowDay).toBe(day(date));
        expect(timeline.lossBeforeReady ?? 1).toBeLessThanOrEqual(settings.frostRisk);
        expect(varietyOf(way.crop)).toBe(way.variety);
      }
    }
  });

  test("fewer crops as the season goes, and the hardy ones last", () => {
    const ids = (date: string) => on(date).now.map(({ growing: way }) => way.crop.id);
    const [july, november] = [ids("2026-07-10"), ids("2026-11-01")];
    expect(july.length).toBeGreaterThan(november.length);
    expect(july).toContain("carrot");
    expect(november).not.toContain("carrot");
    expect(november).not.toContain("bush-bean");
    expect(ids("2026-10-10")).toContain("garlic");
    expect(ids("2026-09-24")).toContain("mache");
  });

  test("the open air is preferred where it does, and days are left until the cliff", () => {
    const spinach = on("2026-08-10").now.find(
      ({ growing: way }) => way.crop.id === "spinach" && way.stage === "full",
    );
    if (!spinach) throw new Error("spinach in August");
    expect(spinach.spot.covers).toEqual([]);
    const left = daysLeftFor(site, settings, spinach);
    expect(left).toBeGreaterThan(5);
    expect(left).toBeLessThan(40);
  });
});
