import { dayNumber, isoDate } from "../calendar";
import type { OutlookDay } from "../climate";
import { setupOperations, usualSetup } from "./setup";
import { timelineIfSown } from "../plantings";
import { growing, tarnholt, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import { english } from "@/words/told.testdata";
const kale = growing("kale", [], { method: "transplant" });
/** Kale sown so that it is planted out on a day. */
const plantedOn = (date: string) =>
  timelineIfSown(
    site,
    tarnholt.settings,
    kale,
    dayNumber(date) - kale.crop.transplanting.seedlingWeeks * 7,
  );
const outlook = (date: string, cloudShare: number, maxTempC: number): OutlookDay[] =>
  Array.from({ length: 7 }, (_, index) => ({
    date: isoDate(dayNumber(date) + index),
    minTempC: 8,
    maxTempC,
    spreadC: 2,
    precipitationMm: 0,
    cloudShare,
    windMps: 2,
  }));
const operations = (
  date: string,
  days: OutlookDay[] = [],
  setup: ReturnType<typeof usualSetup> | null = null,
) => setupOperations(site, kale, plantedOn(date), setup, days);
const kinds = (list: ReturnType<typeof operations>) =>
  list.filter(({ fromDay, untilDay }) => untilDay !== fromDay).map(({ kind }) => kind);

test("in July kale is shaded, netted and watered in; in late October there is no shade", () => {
  expect(kinds(operations("2026-07-10"))).toEqual(["shade", "net", "water"]);
  const late = operations("2026-10-25");
  expect(kinds(late)).not.toContain("shade");
  expect(english(late[0]?.words)).toMatch(/No shade: it is cool or cloudy and light is scarce/);
});

test("the outlook decides on shade where it reaches: only on its bright and warm days", () => {
  const cloudy = outlook("2026-07-10", 0.9, 24);
  expect(kinds(operations("2026-07-10", cloudy))).not.toContain("shade");
  const clearing = cloudy.map((day, index) => (index >= 4 ? { ...day, cloudShare: 0.2 } : day));
  const shade = operations("2026-07-10", clearing).find(({ kind }) => kind === "shade");
  expect([shade?.fromDay, shade?.untilDay]).toEqual([
    dayNumber("2026-07-14"),
    dayNumber("2026-07-17"),
  ]);
  expect(english(shade?.words)).toMatch(/Shade on 14 July, off 17 July: 3 bright and warm days/);
  const cool = outlook("2026-07-10", 0.1, 15);
  expect(kinds(operations("2026-07-10", cool))).not.toContain("shade");
});

test("watering goes back to deep and seldom, netting ends when pests rest", () => {
  const [water] = operations("2026-07-10").filter(({ kind }) => kind === "water");
  expect(water).toMatchObject({
    fromDay: dayNumber("2026-07-10"),
    untilDay: dayNumber("2026-07-20"),
  });
  const [net] = operations("2026-07-10").filter(({ kind }) => kind === "net");
  const ends = isoDate(net?.untilDay ?? 0);
  expect(ends > "2026-09-25" && ends < "2026-11-10").toBe(true);
});

test("the grower's word counts before what is usual, and lettuce is not netted", () => {
  const own = { shade: "none", netting: false, waterDays: 3 } as const;
  expect(operations("2026-07-10", [], own).map(({ kind }) => kind)).toEqual(["water"]);
  const lettuce = growing("lettuce", [], { method: "transplant" });
  const timeline = timelineIfSown(site, tarnholt.settings, lettuce, dayNumber("2026-07-06"));
  expect(usualSetup(lettuce, timeline).netting).toBe(false);
  // Sown direct: watered until it is up, and a week more.
  const carrot = growing("carrot");
  const sown = timelineIfSown(site, tarnholt.settings, carrot, dayNumber("2026-07-18"));
  const days = (sown.emergeDay ?? 0) - dayNumber("2026-07-18");
  expect(usualSetup(carrot, sown).waterDays).toBe(days + 7);
});

test("garlic in October is neither shaded nor netted nor watered daily; leeks are netted while their moth flies", () => {
  for (const id of ["garlic", "potato"]) {
    const asleep = growing(id);
    const timeline = timelineIfSown(site, tarnholt.settings, asleep, dayNumber("2026-10-05"));
    expect(usualSetup(asleep, timeline)).toEqual({ shade: "none", netting: false, waterDays: 0 });
    expect(setupOperations(site, asleep, timeline, null, [])).toEqual([]);
  }
  const leek = growing("leek", [], { method: "transplant" });
  const net = (date: string) => {
    const sowDay = dayNumber(date) - leek.crop.transplanting.seedlingWeeks * 7;
    const timeline = timelineIfSown(site, tarnholt.settings, leek, sowDay);
    return setupOperations(site, leek, timeline, null, []).some(({ kind }) => kind === "net");
  };
  expect(net("2026-07-01")).toBe(true);
  expect(net("2026-12-01")).toBe(false);
});
