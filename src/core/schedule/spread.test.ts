import { isoDate } from "../calendar";
import { MADE_YEARS, USUAL_PLAN_SETTINGS } from "../growth";
import { day, growing, inlandSite as site } from "../plantings/tarnholt.testdata";
import { shareReadyBy, spreadOf } from "./spread";
import { timelineFrom } from "./timeline";

const settings = USUAL_PLAN_SETTINGS;
const lifeOf = (cropId: string, sowOn: string, covers: string[] = []) => {
  const way = growing(cropId, covers);
  const timeline = timelineFrom(site, settings, way, day(sowOn));
  return { way, timeline, spread: spreadOf(site, settings, way, timeline) };
};

test.each([
  ["spinach", "2026-07-20", [], 6],
  ["spinach", "2026-08-20", [], 12],
  ["carrot", "2026-07-05", [], 8],
  ["spinach", "2026-09-05", ["greenhouse-single"], 30],
  ["garlic", "2026-10-12", [], 20],
] as [string, string, string[], number][])(
  "%s sown %s: the usual date lies within its fifths, and in the middle",
  (cropId, sowOn, covers, most) => {
    const { timeline, spread } = lifeOf(cropId, sowOn, covers);
    for (const [usual, dates] of [
      [timeline.readyDay, spread?.usable],
      [timeline.fullSizeDay, spread?.full],
    ] as const) {
      const [p20, p50, p80] = [dates?.p20 ?? NaN, dates?.p50 ?? NaN, dates?.p80 ?? NaN];
      expect(p20).toBeLessThanOrEqual(p50);
      expect(p50).toBeLessThanOrEqual(p80);
      expect(Math.abs(p50 - (usual ?? NaN))).toBeLessThanOrEqual(4);
    }
    const usable = spread?.usable;
    expect((usable?.p80 ?? NaN) - (usable?.p20 ?? NaN)).toBeLessThanOrEqual(most);
  },
);

test("dates stray further the later it is sown before the dark", () => {
  const width = (sowOn: string) => {
    const usable = lifeOf("spinach", sowOn).spread?.usable;
    return (usable?.p80 ?? NaN) - (usable?.p20 ?? NaN);
  };
  expect(width("2026-09-06")).toBeGreaterThan(2 * width("2026-08-01"));
});

test("years in ten that make it: all of them early, few past the cliff, by whole made years", () => {
  const share = (sowOn: string) => {
    const { way, timeline } = lifeOf("spinach", sowOn);
    return shareReadyBy(site, settings, way, timeline, day("2026-12-21")) ?? NaN;
  };
  expect(share("2026-08-10")).toBe(1);
  expect(share("2026-09-25")).toBeLessThan(0.2);
  const atEdge = share("2026-09-08");
  expect(atEdge).toBeGreaterThan(0.2);
  expect(Math.round(atEdge * MADE_YEARS)).toBeCloseTo(atEdge * MADE_YEARS, 9);
});

test("the other schools count days, which do not stray; what is never ready has no spread", () => {
  const way = growing("spinach");
  const by = { ...settings, school: "calendar" as const };
  const timeline = timelineFrom(site, by, way, day("2026-08-20"));
  expect(spreadOf(site, by, way, timeline)).toBeNull();
  expect(shareReadyBy(site, by, way, timeline, day("2026-12-21"))).toBeNull();
  expect(isoDate(timeline.readyDay ?? 0)).toBe("2026-10-21");
});
