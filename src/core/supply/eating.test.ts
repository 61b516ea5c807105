import fc from "fast-check";
import { cropLibrary } from "../crops";
import { byFoodGroup, FOOD_GROUPS } from "../food";
import { eatInOrder } from "./eating";
import type { Source } from "./source";

const carrot = cropLibrary.get("carrot");
if (!carrot) throw new Error("carrots");
const WEEKS = 6;
const salad = (
  id: string,
  units: number,
  from: number,
  to: number,
  some: Partial<Source> = {},
): Source => ({
  id,
  group: "salad",
  crop: carrot,
  plantingId: id,
  storeLotId: null,
  units,
  worth: new Float64Array(WEEKS).fill(1, from, to + 1),
  storedFromWeek: Infinity,
  ...some,
});
const need = (...kg: number[]) =>
  byFoodGroup((group) =>
    Float64Array.from({ length: WEEKS }, (_, week) => (group === "salad" ? (kg[week] ?? 0) : 0)),
  );

test("two plantings and a store by hand: what ends first is eaten first, and the store fills the end", () => {
  // 2 kg a week. Lettuce 3 kg in weeks 0 and 1, mâche 4 kg in weeks 1 to 3, a store of 3 kg that loses a tenth a week.
  const store = salad("store", 3, 0, 5, {
    storedFromWeek: 0,
    worth: Float64Array.from({ length: WEEKS }, (_, week) => 0.9 ** week),
  });
  const meals = eatInOrder(
    [store, salad("mache", 4, 1, 3), salad("lettuce", 3, 0, 1)],
    need(2, 2, 2, 2, 2, 2),
  );
  // Week 0: lettuce 2. Week 1: lettuce 1, mâche 1. Weeks 2 and 3: mâche 2 and 1, then 1 of the store, which is 1 / 0.729 of a unit.
  expect([...meals.harvestKg.salad]).toEqual([2, 2, 2, 1, 0, 0]);
  const left3 = 3 - 1 / 0.9 ** 3;
  const week4 = Math.min(2, left3 * 0.9 ** 4);
  const week5 = (left3 - week4 / 0.9 ** 4) * 0.9 ** 5;
  expect([...meals.storeKg.salad]).toEqual([
    0,
    0,
    0,
    expect.closeTo(1, 9),
    expect.closeTo(week4, 9),
    expect.closeTo(Math.max(0, week5), 9),
  ]);
  expect(meals.gapKg.salad[4]).toBeCloseTo(2 - week4, 9);
  expect([...meals.leftKg.values()].reduce((sum, kg) => sum + kg, 0)).toBeCloseTo(0, 9);
});

test("what nobody can eat in its weeks is told as left", () => {
  const meals = eatInOrder([salad("glut", 5, 1, 1)], need(1, 1, 1));
  expect(meals.leftKg.get("glut")).toBeCloseTo(4, 9);
  expect([...meals.gapKg.salad].slice(0, 3)).toEqual([1, 0, 1]);
});

/** The most that can be eaten in all, whole kilograms, by trying every way. */
function mostEaten(
  sources: readonly { units: number; from: number; to: number }[],
  wanted: number[],
): number {
  const known = new Map<string, number>();
  const go = (week: number, left: number[], toEat: number): number => {
    if (week >= wanted.length) return 0;
    const key = `${week}|${left.join()}|${toEat}`;
    const before = known.get(key);
    if (before !== undefined) return before;
    let best = go(week + 1, left, wanted[week + 1] ?? 0);
    if (toEat > 0) {
      sources.forEach(({ from, to }, index) => {
        if ((left[index] ?? 0) <= 0 || week < from || week > to) return;
        const next = left.map((units, at) => (at === index ? units - 1 : units));
        best = Math.max(best, 1 + go(week, next, toEat - 1));
      });
    }
    known.set(key, best);
    return best;
  };
  return go(
    0,
    sources.map(({ units }) => units),
    wanted[0] ?? 0,
  );
}

test("no order of eating leaves less unmet: as much is eaten as the best of all ways", () => {
  const one = fc.record({
    units: fc.integer({ min: 1, max: 3 }),
    from: fc.integer({ min: 0, max: 5 }),
    span: fc.integer({ min: 0, max: 5 }),
  });
  fc.assert(
    fc.property(
      fc.array(one, { minLength: 1, maxLength: 4 }),
      fc.array(fc.integer({ min: 0, max: 3 }), { minLength: WEEKS, maxLength: WEEKS }),
      (some, wanted) => {
        const spans = some.map(({ units, from, span }) => ({
          units,
          from,
          to: Math.min(WEEKS - 1, from + span),
        }));
        const meals = eatInOrder(
          spans.map(({ units, from, to }, index) => salad(`s${index}`, units, from, to)),
          need(...wanted),
        );
        const eaten = meals.eaten.reduce((sum, { kg }) => sum + kg, 0);
        expect(eaten).toBeCloseTo(mostEaten(spans, wanted), 6);
      },
    ),
    { numRuns: 200 },
  );
});

test("nothing is made or lost: what is eaten and left is what there was, where nothing dwindles", () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          units: fc.double({ min: 0.1, max: 9, noNaN: true }),
          from: fc.integer({ min: 0, max: 5 }),
          span: fc.integer({ min: 0, max: 5 }),
        }),
        { maxLength: 8 },
      ),
      fc.array(fc.double({ min: 0, max: 5, noNaN: true }), { minLength: WEEKS, maxLength: WEEKS }),
      (some, wanted) => {
        const sources = some.map(({ units, from, span }, index) =>
          salad(`s${index}`, units, from, Math.min(WEEKS - 1, from + span)),
        );
        const meals = eatInOrder(sources, need(...wanted));
        const total = sources.reduce((sum, { units }) => sum + units, 0);
        const eaten = meals.eaten.reduce((sum, { kg }) => sum + kg, 0);
        const left = [...meals.leftKg.values()].reduce((sum, kg) => sum + kg, 0);
        expect(eaten + left).toBeCloseTo(total, 6);
        const gap = FOOD_GROUPS.reduce(
          (sum, group) => sum + meals.gapKg[group].reduce((a, b) => a + b, 0),
          0,
        );
        expect(eaten + gap).toBeCloseTo(
          wanted.reduce((a, b) => a + b, 0),
          6,
        );
      },
    ),
  );
});
