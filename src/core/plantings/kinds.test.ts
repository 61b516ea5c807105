import fc from "fast-check";
import { dayNumber } from "../calendar";
import { cropLibrary } from "../crops";
import type { Garden, Planting } from "../garden";
import { BY_THE_BOOK } from "../gardenFile";
import { seedNeeds } from "../propagation";
import { relativeEmergence } from "../schedule";
import { kindTimelines } from "./kindTimelines";
import { kindAmounts, seedShareOf } from "./kinds";
import { plantingName } from "./growing";
import { plantingState } from "./plantingState";
import { growing, tarnholt, tarnholtSite as site } from "./tarnholt.testdata";

const salad: Planting = {
  ...BY_THE_BOOK,
  id: "salad",
  cropId: "lettuce-cutting",
  varietyId: "green",
  bedId: "bed-1",
  sowOn: "2026-08-20",
  method: "direct",
  stage: "full",
  fromM: 0,
  lengthM: 8,
  rowCm: 20,
  inRowCm: 10,
  mix: {
    as: "mixed",
    parts: [
      { cropId: "mizuna", varietyId: "green", share: 0.3 },
      { cropId: "arugula", varietyId: "salad", share: 0.25 },
    ],
  },
};

function inGarden(planting: Planting): Garden {
  const crops = [...cropLibrary.values()];
  const varietyOfCrop = (cropId: string) =>
    crops.find(({ id }) => id === cropId)?.varieties[0]?.id ?? "";
  const own = {
    ...planting,
    varietyId: varietyOfCrop(planting.cropId),
    mix: planting.mix && {
      ...planting.mix,
      parts: planting.mix.parts.map((part) => ({ ...part, varietyId: varietyOfCrop(part.cropId) })),
    },
  };
  return { ...tarnholt, plantings: new Map([[own.id, own]]), seedLots: new Map() };
}

const salads = inGarden(salad);
const planted = salads.plantings.get("salad") as Planting;

test("a salad of three by hand: 320 plants at 45, 30 and 25 per cent", () => {
  // 4 rows × 80 stations.
  const kinds = kindAmounts(salads, planted);
  expect(kinds.map(({ growing: { crop }, plants }) => [crop.id, plants])).toEqual([
    ["lettuce-cutting", 144],
    ["mizuna", 96],
    ["arugula", 80],
  ]);
  for (const kind of kinds) {
    const { crop } = kind.growing;
    const standing = kind.seedShare * crop.sowing.fieldShare;
    const exact = (kind.plants / standing) * crop.sowing.seedsPerStation;
    expect(Math.abs(kind.seeds - exact)).toBeLessThanOrEqual(2);
    expect(kind.seedGrams).toBeCloseTo(kind.seeds / crop.sowing.seedsPerGram, 9);
  }
});

test("what a mix yields is what its kinds do, and each is ready on its own day", () => {
  const state = plantingState(salads, site, planted);
  if (!state) throw new Error("the bed is there");
  const kinds = kindAmounts(salads, planted);
  expect(state.usualYieldKg).toBeCloseTo(
    kinds.reduce((sum, { yieldKg }) => sum + yieldKg, 0),
    6,
  );
  const ready = kindTimelines(salads, site, state).map(({ timeline }) => timeline.readyDay);
  expect(ready[0]).toBe(state.timeline.readyDay);
  expect(new Set(ready).size).toBeGreaterThan(1);
  expect(plantingName(salads, planted)).toMatch(/^Cutting lettuce, .* \+ Mizuna \+ Arugula$/);
});

test("the seed of each kind is asked of the seed box", () => {
  const needs = seedNeeds(salads, dayNumber("2026-08-01"), dayNumber("2026-09-01"));
  expect(needs.map(({ crop }) => crop.id).sort()).toEqual(["arugula", "lettuce-cutting", "mizuna"]);
});

test("no plant is lost or made in sharing out, whatever the shares", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.3, max: 40, noNaN: true }),
      fc.array(fc.double({ min: 0.01, max: 0.19, noNaN: true }), { minLength: 1, maxLength: 5 }),
      (lengthM, shares) => {
        const parts = shares.map((share) => ({ cropId: "mizuna", varietyId: "", share }));
        const garden = inGarden({ ...salad, lengthM, mix: { as: "alternating", parts } });
        const alone = inGarden({ ...salad, lengthM, mix: null });
        const total = (some: Garden) =>
          kindAmounts(some, some.plantings.get("salad") as Planting).reduce(
            (sum, { plants }) => sum + plants,
            0,
          );
        expect(total(garden)).toBe(total(alone));
      },
    ),
  );
});

describe("how much of the seed comes up", () => {
  const spinach = growing("spinach");
  const carrot = growing("carrot");

  test("on the bench by the table of Harrington and Minges, against the best of it", () => {
    // Spinach: 96 % at 5 °C is the best; 82 % at 15 °C, 52 % at 20 °C.
    expect(relativeEmergence(site, spinach, 0, 15)).toBeCloseTo(0.82 / 0.96, 6);
    expect(relativeEmergence(site, spinach, 0, 20)).toBeCloseTo(0.52 / 0.96, 6);
  });

  test("fewer spinach in August's warm soil than in October's, and never so few that seed runs out", () => {
    const on = (date: string) => relativeEmergence(site, spinach, dayNumber(date));
    expect(on("2026-08-01")).toBeLessThan(on("2026-10-10"));
    for (const date of ["2026-01-10", "2026-07-10"]) {
      expect(on(date)).toBeGreaterThanOrEqual(0.2);
      expect(relativeEmergence(site, carrot, dayNumber(date))).toBeLessThanOrEqual(1);
    }
  });

  test("cloves come up as they do; seed without a place as its packet says", () => {
    const garlic = growing("garlic");
    expect(seedShareOf(site, garlic, dayNumber("2026-10-10"))).toBe(garlic.crop.sowing.sproutShare);
    expect(seedShareOf(null, spinach, 0)).toBe(spinach.crop.sowing.sproutShare);
  });
});
