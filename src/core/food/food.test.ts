import fc from "fast-check";
import { dayNumber, isoDate } from "../calendar";
import { cropLibrary } from "../crops";
import {
  FOOD_GROUPS,
  foodGroupOf,
  keepingIn,
  keepsUntilDay,
  needInWeek,
  scaledNeed,
  takenGrams,
  usualNeed,
  YEAR_SEASONS,
  yearSeasonOf,
} from ".";

const crop = (id: string) => {
  const found = cropLibrary.get(id);
  if (!found) throw new Error(`No crop ${id}`);
  return found;
};

test("half a year and half a globe away it is the same season", () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 11 }), fc.integer({ min: 1, max: 28 }), (month, date) => {
      const on = (m: number) =>
        dayNumber(`2027-${String((m % 12) + 1).padStart(2, "0")}-${String(date).padStart(2, "0")}`);
      expect(yearSeasonOf(on(month), 46)).toBe(yearSeasonOf(on(month + 6), -46));
      expect(yearSeasonOf(on(month), 46)).not.toBe(yearSeasonOf(on(month), -46));
    }),
  );
  expect(yearSeasonOf(dayNumber("2026-12-01"), 46)).toBe("winter");
  expect(yearSeasonOf(dayNumber("2026-11-30"), 46)).toBe("autumn");
  expect(yearSeasonOf(dayNumber("2026-07-15"), -42)).toBe("winter");
});

test("a need grows with the eaters, and one season of one group is changed by itself", () => {
  const [two, four] = [usualNeed(2, "usual"), usualNeed(4, "usual")];
  for (const group of FOOD_GROUPS) {
    for (const season of YEAR_SEASONS) {
      expect(four.groups[group][season]).toBeCloseTo(2 * two.groups[group][season], 1);
    }
  }
  expect(usualNeed(2, "much").groups.salad.winter).toBeGreaterThan(two.groups.salad.winter);
  expect(usualNeed(2, "much").groups.roots).toEqual(two.groups.roots);
  const more = scaledNeed(four, "winter", 1.5, "roots");
  expect(more.groups.roots.winter).toBeCloseTo(1.5 * four.groups.roots.winter, 2);
  expect(more.groups.roots.spring).toBe(four.groups.roots.spring);
  expect(more.groups.salad).toEqual(four.groups.salad);
  // In the week of the turn of the season the middle decides.
  expect(needInWeek(more, dayNumber("2026-11-27"), 46).roots).toBe(four.groups.roots.autumn);
  expect(needInWeek(more, dayNumber("2026-11-28"), 46).roots).toBe(more.groups.roots.winter);
});

// Weeks of usual keeping: USDA Agriculture Handbook 66 (2016).
test.each([
  ["carrot", "cellar", [16, 36]],
  ["onion", "shelf", [12, 36]],
  ["winter-squash", "shelf", [8, 26]],
  ["beet", "cellar", [12, 30]],
  ["cabbage", "cellar", [8, 30]],
] as const)("%s in the %s keeps as growers find it", (id, place, [atLeast, atMost]) => {
  const { weeks, isWrongAir } = keepingIn(crop(id), place);
  expect(isWrongAir).toBe(false);
  expect(weeks).toBeGreaterThanOrEqual(atLeast);
  expect(weeks).toBeLessThanOrEqual(atMost);
});

test("in the wrong air it keeps far shorter: carrots shrivel on a shelf, onions rot in a moist cellar", () => {
  for (const [id, right, wrong] of [
    ["carrot", "cellar", "shelf"],
    ["onion", "shelf", "cellar"],
    ["winter-squash", "shelf", "clamp"],
  ] as const) {
    const there = keepingIn(crop(id), wrong);
    expect(there.isWrongAir).toBe(true);
    expect(there.weeks).toBeLessThan(keepingIn(crop(id), right).weeks / 2);
  }
  // Frozen or in jars the air is no matter.
  expect(keepingIn(crop("carrot"), "freezer").weeks).toBe(
    keepingIn(crop("onion"), "freezer").weeks,
  );
});

test("a lot is good until its weeks are over, and what was taken of it is summed", () => {
  const lot = { cropId: "carrot", place: "cellar" as const, since: "2026-10-20" };
  const until = keepsUntilDay(crop("carrot"), lot as Parameters<typeof keepsUntilDay>[1]);
  expect(isoDate(until) > "2027-02-01").toBe(true);
  const taken = (id: string, storeLotId: string, grams: number) =>
    [id, { what: { kind: "taken", storeLotId, grams } }] as const;
  const log = new Map([
    taken("a", "lot-1", 500),
    taken("b", "lot-2", 900),
    taken("c", "lot-1", 250),
  ]);
  expect(takenGrams(log as unknown as Parameters<typeof takenGrams>[0], "lot-1")).toBe(750);
});

test("every crop that is eaten belongs to one group, flowers to none", () => {
  expect(foodGroupOf(crop("calendula"))).toBeNull();
  for (const one of cropLibrary.values()) {
    const group = foodGroupOf(one);
    if (group !== null) expect(FOOD_GROUPS).toContain(group);
  }
});
