import bolting from "@data/bolting.json";
import hardiness from "@data/hardiness.json";
import snow from "@data/snow.json";
import sources from "@data/sources.json";
import survival from "@data/survival.json";
import usable from "@data/usable.json";
import { isoDate } from "../calendar";
import { climateFromSketch } from "../climate";
import { Site, USUAL_PLAN_SETTINGS } from "../growth";
import { day, growing, inlandSite } from "../plantings/tarnholt.testdata";
import { english } from "@/words/told.testdata";
import { why } from "./explanation";
import { judge } from "./feasibility";
import { timelineFrom } from "./timeline";

const settings = USUAL_PLAN_SETTINGS;
const warm = new Site(
  39.2,
  climateFromSketch(39.2, {
    coldestMonth: { lowC: -3.5, highC: 5.5 },
    warmestMonth: { lowC: 19, highC: 30.5 },
    frost: { kind: "dates", medianFirst: "10-20", medianLast: "04-18" },
    wetDaysPerYear: 115,
  }),
);
const north = new Site(
  63,
  climateFromSketch(63, {
    coldestMonth: { lowC: -13, highC: -5 },
    warmestMonth: { lowC: 9.5, highC: 19.5 },
    frost: { kind: "dates", medianFirst: "09-12", medianLast: "05-30" },
    wetDaysPerYear: 110,
  }),
);
const life = (site: Site, cropId: string, sowOn: string, more = {}) => {
  const way = growing(cropId, [], more);
  return { way, timeline: timelineFrom(site, settings, way, day(sowOn)) };
};

test("peas of March are picked before the heat, peas of May are not, and it says so", () => {
  const early = life(warm, "pea-shelling", "2026-03-20");
  expect(judge(warm, settings, early.way, early.timeline, null).kind).toBe("meets");
  const late = life(warm, "pea-shelling", "2026-05-20");
  const verdict = judge(warm, settings, late.way, late.timeline, null);
  expect(verdict.kind).toBe("hot");
  expect(english(verdict.words)).toMatch(/days get too warm for it by about \d+ July/);
  // Where summers are cool nothing of it is said.
  expect(life(inlandSite, "pea-shelling", "2026-05-20").timeline.heatDay).toBeNull();
});

test("what heat ends tells until when to harvest it", () => {
  const { way, timeline } = life(warm, "spinach", "2026-06-01");
  expect(timeline.holdsUntilDay).toBeLessThanOrEqual(timeline.heatDay ?? 0);
  const words = why(warm, settings, way, timeline).map(english).join(" ");
  expect(words).toMatch(/Days get too warm for it about \d+ July: harvest it by then/);
});

test("spinach runs to flower in the long days of the north, without a winter", () => {
  const { way, timeline } = life(north, "spinach", "2026-06-05", { varietyId: "smooth" });
  const bolts = isoDate(timeline.boltDay ?? 0);
  expect(bolts > "2026-06-30" && bolts < "2026-08-05").toBe(true);
  const words = why(north, settings, way, timeline).map(english).join(" ");
  expect(words).not.toMatch(/overwinters/);
  // Sown when days shorten it does not before the winter.
  const autumn = life(north, "spinach", "2026-07-28").timeline;
  expect(autumn.boltDay === null || isoDate(autumn.boltDay) > "2027-03-01").toBe(true);
});

test("garlic bulbs in the summer after its cloves were set, set before midwinter or soon after", () => {
  const full = (sowOn: string) =>
    isoDate(life(warm, "garlic", sowOn).timeline.fullSizeDay ?? 0).slice(0, 7);
  expect(["2027-06", "2027-07"]).toContain(full("2026-10-20"));
  expect(["2027-06", "2027-07", "2027-08"]).toContain(full("2027-01-15"));
  // Set in spring it has had no winter.
  expect(full("2027-04-10") >= "2028").toBe(true);
});

test("every number of these names its source", () => {
  for (const data of [bolting, hardiness, snow, survival, usable]) {
    const { sources: named, ...values } = data;
    for (const name of Object.keys(values)) expect(Object.keys(named)).toContain(name);
    for (const source of Object.values(named)) expect(Object.keys(sources)).toContain(source);
  }
});
