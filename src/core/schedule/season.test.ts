import { isoDate } from "../calendar";
import { climateFromSketch } from "../climate";
import { cliffOf, seasonAimedAt } from "./cliff";
import { Site, USUAL_PLAN_SETTINGS } from "../growth";
import { timelineFrom } from "./timeline";
import { why } from "./explanation";
import { worthOn } from "./grownShare";
import { day, growing, tarnholt, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import { english } from "@/words/told.testdata";

const settings = USUAL_PLAN_SETTINGS;
const fullOn = (
  cropId: string,
  sowOn: string,
  more: Parameters<typeof growing>[2] = {},
  covers: string[] = [],
) => {
  const life = timelineFrom(site, settings, growing(cropId, covers, more), day(sowOn));
  return isoDate(life.fullSizeDay ?? 0);
};

/** What growers at such a place (47° N, inland) reckon with; wide bounds, since years and varieties differ. */
test.each<[string, string, string, Parameters<typeof growing>[2], string, string]>([
  [
    "quick radish of mid August",
    "radish",
    "2026-08-15",
    { varietyId: "round-red" },
    "2026-09-08",
    "2026-09-25",
  ],
  [
    "turnip of late July",
    "turnip",
    "2026-07-25",
    { varietyId: "purple-top" },
    "2026-09-15",
    "2026-10-10",
  ],
  ["beet of early July", "beet", "2026-07-05", { varietyId: "round" }, "2026-08-22", "2026-09-25"],
  [
    "carrot of early July",
    "carrot",
    "2026-07-05",
    { varietyId: "main" },
    "2026-09-10",
    "2026-10-10",
  ],
  [
    "kale raised in June",
    "kale",
    "2026-06-10",
    { method: "transplant" },
    // Its packet counts from sowing: 55 days.
    "2026-08-01",
    "2026-09-15",
  ],
  [
    "leek raised in April",
    "leek",
    "2026-04-01",
    { method: "transplant", varietyId: "winter" },
    "2026-09-10",
    "2026-11-01",
  ],
  [
    "broccoli raised in June",
    "broccoli",
    "2026-06-10",
    { method: "transplant", varietyId: "main" },
    "2026-09-01",
    "2026-10-10",
  ],
  [
    "lettuce raised in July",
    "lettuce",
    "2026-07-10",
    { method: "transplant", varietyId: "butterhead" },
    "2026-08-25",
    "2026-09-25",
  ],
  ["mâche of mid August", "mache", "2026-08-15", {}, "2026-10-10", "2026-11-10"],
  ["arugula of late August", "arugula", "2026-08-25", {}, "2026-10-01", "2026-10-31"],
  [
    "chard raised in July",
    "chard",
    "2026-07-01",
    { method: "transplant" },
    "2026-08-25",
    "2026-09-25",
  ],
  [
    "young spinach of early September",
    "spinach",
    "2026-09-01",
    { stage: "baby" },
    "2026-09-28",
    "2026-10-12",
  ],
])("%s is full-grown when growers expect it", (_what, cropId, sowOn, more, earliest, latest) => {
  const ready = fullOn(cropId, sowOn, more);
  expect(ready >= earliest && ready <= latest ? "in season" : ready).toBe("in season");
});

test("spring crops grow faster the later they are sown: the cliff's other side", () => {
  const days = ["2027-03-01", "2027-04-01", "2027-05-01"].map((sowOn) => {
    const timeline = timelineFrom(site, settings, growing("spinach"), day(sowOn));
    return (timeline.readyDay ?? Infinity) - timeline.sowDay;
  });
  expect(days[0]).toBeGreaterThan(days[1] ?? 0);
  expect(days[1]).toBeGreaterThan(days[2] ?? 0);
});

test("a crop sown in spring for winter is looked at in the season it is meant for", () => {
  const leek = growing("leek", [], { method: "transplant", varietyId: "winter" });
  const timeline = timelineFrom(site, settings, leek, day("2026-04-02"));
  const aimedAt = seasonAimedAt(site, timeline);
  expect(isoDate(site.season(aimedAt).startDay)).toBe("2026-06-21");
  const cliff = cliffOf(site, settings, leek, aimedAt);
  expect(cliff.sowDays[0]).toBeLessThan(day("2026-04-02"));
  expect(isoDate(cliff.lastSafeDay ?? 0) > "2026-04-02").toBe(true);
});

test("the same garden south of the equator has the same winter half a year later", () => {
  const south = new Site(
    -47.1,
    climateFromSketch(-47.1, {
      coldestMonth: { lowC: -6.5, highC: 2 },
      warmestMonth: { lowC: 13, highC: 26 },
      frost: { kind: "dates", medianFirst: "04-08", medianLast: "11-04" },
      wetDaysPerYear: null,
    }),
  );
  const edge = (place: Site, around: string) =>
    cliffOf(place, settings, growing("spinach"), day(around)).lastSafeDay ?? 0;
  const north = edge(site, "2026-09-24");
  const mirrored = edge(south, "2027-03-24");
  expect(Math.abs(mirrored - north - 182)).toBeLessThanOrEqual(8);
});

test("looking at many stacks of covers gives the same answers as looking at one", () => {
  if (!tarnholt.place) throw new Error("the demo garden has a place");
  const fresh = () => new Site(47.1, site.climate);
  const one = worthOn(
    fresh(),
    growing("kale", ["row-cover-light"]),
    day("2026-09-01"),
    day("2026-10-10"),
  );
  const many = fresh();
  for (let year = 1950; year < 2030; year += 1) {
    worthOn(many, growing("kale", ["row-cover-light"]), day(`${year}-09-01`), day(`${year}-10-10`));
  }
  expect(
    worthOn(many, growing("kale", ["row-cover-light"]), day("2026-09-01"), day("2026-10-10")),
  ).toBe(one);
});

test("what stood through the winter runs to flower in spring, sooner under cover; what is eaten before does not say so", () => {
  const spinachIn = (covers: string[], sowOn: string) =>
    timelineFrom(site, settings, growing("spinach", covers), day(sowOn));
  const open = spinachIn([], "2026-09-05");
  const house = spinachIn(["greenhouse-single"], "2026-09-20");
  // Overwintered spinach in the open bolts in mid-May, in a house about the end of April (usual in cold
  // inland gardens).
  expect(isoDate(open.boltDay ?? 0).slice(5, 7)).toBe("05");
  expect(Math.abs((house.boltDay ?? 0) - day("2027-04-28"))).toBeLessThanOrEqual(5);
  expect((open.boltDay ?? 0) - (house.boltDay ?? 0)).toBeGreaterThanOrEqual(10);
  expect(house.holdsUntilDay).toBeLessThanOrEqual(house.boltDay ?? 0);
  const words = why(site, settings, growing("spinach", ["greenhouse-single"]), house);
  expect(words.map(english).join(" ")).toMatch(
    /bolts about \d+ (April|May) 2027: harvest it by then/,
  );
  // Sown too late to be more than a seedling at midwinter, it runs to flower later, by the long days.
  expect(isoDate(spinachIn([], "2026-10-20").boltDay ?? 0) > isoDate(open.boltDay ?? 0)).toBe(true);
});

test("kale that is ready before the frost is told to wait for it; lettuce is not", () => {
  const words = (cropId: string) => {
    const way = growing(cropId, [], { method: "transplant" });
    const life = timelineFrom(site, settings, way, day("2026-06-10"));
    return why(site, settings, way, life).map(english).join(" ");
  };
  expect(words("kale")).toMatch(
    /Frost makes it sweeter: .* by \d+ (September|October) in half of the years/,
  );
  expect(words("lettuce")).not.toMatch(/sweeter/);
});
