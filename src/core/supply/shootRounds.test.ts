import { dayNumber as day } from "../calendar";
import { commands } from "../commands";
import { tarnholt, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import { tasksOn } from "../tasks";
import { inCellar, plantingOf, potsAtWindow } from "../gardenFile/small.testdata";
import type { Garden } from "../garden";
import { forcedFromStore, sourcesIn, USUAL_YEAR } from ".";
import { shootRounds, type ShootRotation } from "./shootRounds";
import { english, inEnglish } from "@/words/told.testdata";

const rotation: ShootRotation = {
  cropId: "pea-shoots",
  bedId: "house-3",
  everyDays: 7,
  squares: 7,
  squareM: 0.3,
  batches: 14,
  firstDay: day("2027-03-01"),
};
let made = 0;
const rounds = (some: Partial<ShootRotation> = {}) =>
  shootRounds(site, tarnholt, { ...rotation, ...some }, () => `shoots-${(made += 1)}`);

test("seven squares through two rounds: one a week, each square again seven weeks on, none on another", () => {
  const { batches, problem, seedGrams, yieldKg } = rounds();
  expect(problem).toBeNull();
  expect(batches.map(({ square }) => square)).toEqual([1, 2, 3, 4, 5, 6, 7, 1, 2, 3, 4, 5, 6, 7]);
  expect(batches.map(({ sowDay }) => sowDay - rotation.firstDay)).toEqual(
    Array.from({ length: 14 }, (_, week) => 7 * week),
  );
  for (const { cutDay, sowDay, planting } of batches) {
    expect(cutDay).not.toBeNull();
    expect((cutDay ?? 0) - sowDay).toBeGreaterThan(9);
    expect((cutDay ?? 0) - sowDay).toBeLessThan(48);
    expect(planting.lengthM).toBeCloseTo(0.3, 6);
  }
  // 30 by 30 cm at 4 kg a square metre; about two kilograms of peas a square metre.
  expect(yieldKg / 14).toBeCloseTo(0.36, 2);
  expect(seedGrams / 14).toBeGreaterThan(150);
  expect(seedGrams / 14).toBeLessThan(260);

  const outcome = commands["succession.add"].apply(tarnholt, {
    succession: { id: "shoots", rule: "calendar", interval: 7 },
    plantings: batches.map(({ planting }) => ({ ...planting, successionId: "shoots" })),
  });
  if (!outcome.ok) throw new Error(english(outcome.refusal));
  // Soaked, covered and weighed down, with what can hurt said where the act is.
  const [sowing] = tasksOn(site, outcome.garden, day("2027-03-01")).filter(
    ({ plantingId, kind }) => plantingId === batches[0]?.planting.id && kind === "sow",
  );
  expect(inEnglish(sowing?.more)).toEqual(
    expect.arrayContaining([expect.stringMatching(/^Soak large seed overnight/)]),
  );
  expect(sowing?.cautions).toEqual(expect.arrayContaining(["edible-shoots", "clean-water"]));
});

test("what cannot be is told with a way out: no room, or too cold and dark for a round", () => {
  const wide = rounds({ squareM: 3 });
  expect(wide.batches).toEqual([]);
  expect(english(wide.problem)).toMatch(/^House 3 has no 21 m free for all that time: take fewer/);
  const winter = rounds({ bedId: "bed-14", squares: 2, batches: 4, firstDay: day("2026-12-01") });
  expect(english(winter.problem)).toMatch(/too late for a round of 2 weeks\. Take more squares/);
});

test("shoots go into the strip beside rows that are being dug, as wide as it is, and clash with nothing", () => {
  const [bare] = [...tarnholt.beds.values()].filter(({ id }) => id === "house-3");
  if (!bare) throw new Error("a bed in the house");
  // Carrots along one side of the whole bed until summer: 25 cm beside them lie free.
  const carrots = plantingOf("carrot", "2026-08-01", {
    id: "dug",
    bedId: bare.id,
    lengthM: bare.lengthM,
    across: { kind: "strip", fromM: 0, widthM: bare.widthM - 0.25 },
  });
  const garden = { ...tarnholt, plantings: new Map([[carrots.id, carrots]]) };
  const firstDay = day("2027-02-15");
  const beside = shootRounds(
    site,
    garden,
    { ...rotation, squares: 4, batches: 5, firstDay },
    () => `beside-${(made += 1)}`,
  );
  expect(beside.batches[0]?.planting.across).toEqual({
    kind: "strip",
    fromM: expect.closeTo(bare.widthM - 0.25, 6),
    widthM: expect.closeTo(0.25, 6),
  });
  const outcome = commands["succession.add"].apply(garden, {
    succession: { id: "beside", rule: "calendar", interval: 7 },
    plantings: beside.batches.map(({ planting }) => ({ ...planting, successionId: "beside" })),
  });
  expect(outcome.ok).toBe(true);
});

test("stored beets in six pots at a window, one every other week: roots come out of the store, leaves into the larder", () => {
  const pots = potsAtWindow("pots", 6);
  const lot = inCellar("beet", 20_000, "2026-11-01");
  const garden = {
    ...tarnholt,
    beds: new Map([...tarnholt.beds, [pots.id, pots]]),
    storeLots: new Map([[lot.id, lot]]),
  };
  const forced = shootRounds(
    site,
    garden,
    {
      cropId: "forced-beet",
      bedId: "pots",
      everyDays: 14,
      squares: 6,
      squareM: 0.3,
      batches: 6,
      firstDay: day("2026-12-01"),
    },
    () => `forced-${(made += 1)}`,
  );
  expect(forced.problem).toBeNull();
  const [first] = forced.batches;
  // A pot of 30 cm holds about seven roots 9 cm apart.
  expect(first?.plants).toBeGreaterThanOrEqual(6);
  expect(first?.plants).toBeLessThanOrEqual(12);
  // 20 kg at 150 g.
  expect(forced.roots).toEqual({ wanted: 6 * (first?.plants ?? 0), inStore: 133 });
  for (const { cutDay, sowDay } of forced.batches) {
    expect((cutDay ?? 0) - sowDay).toBeGreaterThan(14);
    expect((cutDay ?? 0) - sowDay).toBeLessThan(50);
  }
  const outcome = commands["succession.add"].apply(garden, {
    succession: { id: "forced", rule: "calendar", interval: 14 },
    plantings: forced.batches.map(({ planting }) => ({ ...planting, successionId: "forced" })),
  });
  if (!outcome.ok) throw new Error(english(outcome.refusal));
  expect(forcedFromStore(outcome.garden).get(lot.id)).toBeCloseTo(
    (forced.roots?.wanted ?? 0) * 150,
    6,
  );
  const weeks = { firstDay: day("2026-12-01"), count: 26, today: day("2026-12-01") };
  const unitsOf = (of: Garden) =>
    sourcesIn(site, of, weeks, USUAL_YEAR).find(({ storeLotId }) => storeLotId === lot.id)?.units;
  expect((unitsOf(garden) ?? 0) - (unitsOf(outcome.garden) ?? 0)).toBeCloseTo(
    ((forced.roots?.wanted ?? 0) * 150) / 1000,
    6,
  );
  const leaves = sourcesIn(site, outcome.garden, weeks, USUAL_YEAR).filter(
    ({ crop }) => crop.id === "forced-beet",
  );
  expect(leaves.length).toBeGreaterThan(6);
  for (const { group } of leaves) expect(group).toBe("cookedGreens");
});
