import { dayNumber as day } from "../calendar";
import { commands } from "../commands";
import { tarnholt, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import { tasksOn } from "../tasks";
import { shootRounds, type ShootRotation } from "./shootRounds";
import { english, inEnglish } from "@/words/told.testdata";

const rotation: ShootRotation = {
  cropId: "pea-shoots",
  bedId: "house-3",
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
