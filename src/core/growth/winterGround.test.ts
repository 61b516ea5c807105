import { climateFromSketch } from "../climate";
import { dayNumber } from "../calendar";
import { cropLibrary, varietyOf, type Crop } from "../crops";
import { coldRiskOf, type Growing } from "../schedule";
import { timelineIfSown } from "../plantings";
import { commands } from "../commands";
import { smallGarden } from "../gardenFile/small.testdata";
import { exposureOver } from "../plantings";
import type { Bed } from "../garden";
import { decidingParts } from "./decidingPart";
import { Site, USUAL_PLAN_SETTINGS, type Exposure } from "./site";

/** Far north, where snow lies. */
const north = new Site(
  63,
  climateFromSketch(63, {
    coldestMonth: { lowC: -16, highC: -7 },
    warmestMonth: { lowC: 9.5, highC: 19.5 },
    frost: { kind: "dates", medianFirst: "09-12", medianLast: "05-30" },
    wetDaysPerYear: 110,
  }),
);

function winterLoss(cropId: string, ground: Pick<Exposure, "mulchCm" | "snowStays">): number {
  const crop = cropLibrary.get(cropId) as Crop;
  const variety = varietyOf(crop);
  if (!variety) throw new Error(cropId);
  const way: Growing = {
    crop,
    variety,
    method: "direct",
    stage: "full",
    covers: [],
    horizon: [],
    ...ground,
  };
  const sowDay = dayNumber("2026-06-01");
  const life = timelineIfSown(north, USUAL_PLAN_SETTINGS, way, sowDay);
  return 1 - Math.exp(-coldRiskOf(north, way, life).between(sowDay, dayNumber("2027-05-01")));
}

test("snow and mulch keep what is in the soil, and do nothing for the leaves above", () => {
  const bare = winterLoss("carrot", { snowStays: false });
  const snowed = winterLoss("carrot", {});
  const mulched = winterLoss("carrot", { mulchCm: 25 });
  expect(bare).toBeGreaterThan(snowed + 0.05);
  expect(snowed).toBeGreaterThanOrEqual(mulched);
  expect(mulched).toBeLessThan(0.02);
  expect(winterLoss("kale", { mulchCm: 25 })).toBe(winterLoss("kale", {}));
});

test("a crop is decided by the part on which its harvest hangs, each in its own medium", () => {
  const parts = (cropId: string, stage: "full" | "baby" = "full") => {
    const crop = cropLibrary.get(cropId) as Crop;
    return decidingParts(crop, {}, stage).map(({ organ, medium }) => `${organ} in ${medium}`);
  };
  expect(parts("garlic")).toEqual(["root in soil"]);
  expect(parts("parsnip")).toEqual(["seedling in air", "plant in air", "root in soil"]);
  expect(parts("pea-shelling")).toEqual(["seedling in air", "plant in air", "pod in air"]);
  expect(parts("broccoli").at(-1)).toBe("head in air");
  expect(parts("spinach", "baby").at(-1)).toBe("plant in air");
});

test("a bed's winter ground is set, goes into what its plants feel, and is undone with one step", () => {
  const garden = smallGarden();
  const [bed] = [...garden.beds.values()] as [Bed];
  const set = (winter: { mulchCm: number; snowStays: boolean }, from = garden) => {
    const outcome = commands["bed.winter"].apply(from, { bedId: bed.id, winter });
    if (!outcome.ok) throw new Error(outcome.refusal.code);
    return outcome.garden;
  };
  const mulched = set({ mulchCm: 15, snowStays: false });
  const exposure = exposureOver(mulched, mulched.beds.get(bed.id) as Bed);
  expect(exposure).toMatchObject({ mulchCm: 15, snowStays: false });
  // As usual again: nothing of it is kept.
  expect(set({ mulchCm: 0, snowStays: true }, mulched).beds.get(bed.id)).toEqual(bed);
  const refused = commands["bed.winter"].apply(garden, {
    bedId: bed.id,
    winter: { mulchCm: 200, snowStays: true },
  });
  expect(refused.ok).toBe(false);
});
