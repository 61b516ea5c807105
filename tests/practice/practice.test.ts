import fc from "fast-check";
import sources from "@data/practice/sources.json";
import { dayNumber } from "@/core/calendar";
import { climateFromSketch } from "@/core/climate";
import { cropLibrary, varietyOf } from "@/core/crops";
import { Site, USUAL_PLAN_SETTINGS } from "@/core/growth";
import { timelineIfSown } from "@/core/plantings";
import { coldRiskOf, type Growing } from "@/core/schedule";
import { answersIn, practiceClimates } from "./answers";

const climates = practiceClimates();
const answers = climates.flatMap(answersIn);

test("what is computed agrees with what growers publish: nine rows in ten, and none absurdly", () => {
  expect(climates.length).toBeGreaterThanOrEqual(10);
  expect(answers.length).toBeGreaterThanOrEqual(150);
  const told = ({ climate, row }: (typeof answers)[number]) =>
    `${climate.id}: ${row.crop} sown ${row.sow}, ${row.kind}`;
  expect(answers.filter(({ isAbsurd }) => isAbsurd).map(told)).toEqual([]);
  const agreeing = answers.filter(({ agrees }) => agrees);
  expect(agreeing.length / answers.length).toBeGreaterThanOrEqual(0.9);
});

test("each row names its source", () => {
  for (const { row } of answers) expect(Object.keys(sources)).toContain(row.source);
});

const sites = climates.map(
  ({ latitudeDeg, climate }) =>
    new Site(latitudeDeg, climateFromSketch(latitudeDeg, climate), "balance"),
);
/** What is harvested from the plant itself: a head that comes sooner under cover meets other nights. */
const crops = [...cropLibrary.values()].filter(({ harvestedPart }) =>
  ["leaf", "root", "bulb"].includes(harvestedPart),
);
const STACKS: [string[], string[]][] = [
  [[], ["row-cover-light"]],
  [[], ["cold-frame-glass"]],
  [[], ["greenhouse-single"]],
  [["greenhouse-single"], ["greenhouse-single", "row-cover-light"]],
];

test("more cover never raises the winter's loss, in any climate, of any leaf, root or bulb", () => {
  for (const site of sites) {
    const sowDay = dayNumber(site.latitudeDeg < 0 ? "2026-01-01" : "2026-07-03");
    for (const crop of crops) {
      const variety = varietyOf(crop);
      if (!variety) continue;
      for (const [less, more] of STACKS) {
        const [lossLess, lossMore] = [less, more].map((covers) => {
          const way: Growing = {
            crop,
            variety,
            covers,
            method: "transplant",
            stage: "full",
            horizon: [],
          };
          const life = timelineIfSown(site, USUAL_PLAN_SETTINGS, way, sowDay);
          // From the beginning of winter to the end of spring.
          return 1 - Math.exp(-coldRiskOf(site, way, life).between(sowDay + 151, sowDay + 260));
        });
        const what = `${crop.id} at ${site.latitudeDeg}°: ${more.join("+")}`;
        expect([what, (lossMore ?? 1) <= (lossLess ?? 0) + 0.01]).toEqual([what, true]);
      }
    }
  }
});

test("a later sowing is never usable earlier, in any climate", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...sites),
      fc.constantFrom(...crops),
      fc.constantFrom(...STACKS.flat()),
      fc.integer({ min: 0, max: 360 }),
      fc.integer({ min: 1, max: 30 }),
      (site, crop, covers, offset, later) => {
        const variety = varietyOf(crop);
        if (!variety) return;
        const way: Growing = {
          crop,
          variety,
          covers,
          method: "direct",
          stage: "full",
          horizon: [],
        };
        const sowDay = dayNumber("2026-01-01") + offset;
        const ready = (day: number) =>
          timelineIfSown(site, USUAL_PLAN_SETTINGS, way, day).readyDay ?? Infinity;
        // What heat or bolting ends before it is ready says nothing of a sowing in a better season.
        const first = ready(sowDay);
        if (first < Infinity) expect(ready(sowDay + later)).toBeGreaterThanOrEqual(first);
      },
    ),
    { numRuns: 150 },
  );
});
