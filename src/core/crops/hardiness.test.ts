import fc from "fast-check";
import hardinessJson from "@data/hardiness.json";
import sources from "@data/sources.json";
import { cropLibrary, varietyOf } from "./library";
import { hardenedAfter, hardeningDay } from "./hardening";
import { hardinessRange, lt50At, nightDamage } from "./hardiness";
import type { Crop } from "./schema";

const crop = (id: string) => cropLibrary.get(id) as Crop;
/** Even days, one temperature each: what they make of plants that begin at a share. */
function hardenedShares(meanTempC: readonly number[], start = 0, springShare = 0): number[] {
  let share = start;
  return meanTempC.map((tempC) => {
    share = hardenedAfter(share, hardeningDay([tempC], 0, 1, springShare));
    return share;
  });
}
const days = (count: number, meanC: number) => new Array<number>(count).fill(meanC);
const lt50After = (id: string, varietyId: string, meanTempC: number[]) =>
  lt50At(
    hardinessRange(crop(id), varietyOf(crop(id), varietyId) ?? null),
    hardenedShares(meanTempC).at(-1) ?? 0,
  );

test("a night that kills October lettuce spares December lettuce", () => {
  const soft = nightDamage(lt50After("lettuce", "winter-butterhead", days(20, 15)), -6);
  const hard = nightDamage(lt50After("lettuce", "winter-butterhead", days(35, 2)), -6);
  expect(soft.pointDeath).toBeGreaterThan(0.5);
  expect(hard.pointDeath).toBeLessThan(0.1);
});

test("a warm week in January undoes what weeks of cold have earned, faster than they earned it", () => {
  const cold = days(35, 2);
  const after = hardenedShares([...cold, ...days(7, 15)]);
  expect(after[34]).toBeGreaterThan(0.9);
  // By hand, Fowler 2014: 0.24 / (1 + e^(4.35 − 0.28 · 15)) = 0.111 a day; a week leaves e^−0.777 of it.
  expect((after.at(-1) ?? 0) / (after[34] ?? 1)).toBeCloseTo(0.46, 2);
  // A day at 5 °C hardens by 0.03 · 5 of what is lacking.
  expect(hardenedShares([5])[0]).toBeCloseTo(1 - Math.exp(-0.15), 6);
  // As spring comes on in them the same cold hardens no more, and the same mild week softens.
  expect(hardenedShares([2], 0, 1)[0]).toBe(0);
  expect(hardenedShares(days(7, 8), 1, 1).at(-1)).toBeLessThan(0.9);
  expect(hardenedShares(days(7, 8), 1, 0).at(-1)).toBe(1);
});

test("LT50 stays between unhardened and hardened, whatever the weather", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...cropLibrary.values()),
      fc.array(fc.double({ min: -30, max: 40, noNaN: true }), { minLength: 1, maxLength: 80 }),
      (one, weather) => {
        const range = hardinessRange(one, varietyOf(one) ?? null);
        for (const share of hardenedShares(weather)) {
          const lt50C = lt50At(range, share);
          expect(lt50C).toBeLessThanOrEqual(range.unhardenedLt50C + 1e-9);
          expect(lt50C).toBeGreaterThanOrEqual(range.hardenedLt50C - 1e-9);
        }
      },
    ),
  );
});

test("damage is half at LT50, grows with cold, takes leaves first, and is spread by an unsure forecast", () => {
  expect(nightDamage(-8, -8).pointDeath).toBeCloseTo(0.5, 9);
  // Logistic with a slope of 1 °C: two degrees colder kills 88 in 100.
  expect(nightDamage(-8, -10).pointDeath).toBeCloseTo(0.8808, 4);
  const temp = fc.double({ min: -25, max: 10, noNaN: true });
  fc.assert(
    fc.property(temp, temp, fc.double({ min: 0, max: 5, noNaN: true }), (a, b, spreadC) => {
      const [cold, mild] = [Math.min(a, b), Math.max(a, b)];
      const colder = nightDamage(-8, cold, spreadC);
      const milder = nightDamage(-8, mild, spreadC);
      expect(colder.pointDeath).toBeGreaterThanOrEqual(milder.pointDeath - 1e-9);
      expect(colder.leafLoss).toBeGreaterThanOrEqual(colder.pointDeath - 1e-9);
      expect(colder.leafLoss).toBeLessThanOrEqual(1 + 1e-9);
    }),
  );
  // Six degrees to spare are safe when that is sure, and not when it may be three degrees otherwise.
  expect(nightDamage(-8, -2).pointDeath).toBeLessThan(0.003);
  expect(nightDamage(-8, -2, 3).pointDeath).toBeGreaterThan(0.02);
});

test("a hardy variety is hardier in all its parts, and each value names its source", () => {
  const hardy = hardinessRange(crop("spinach"), { hardenedLt50C: -21 }, "seedling");
  const usual = hardinessRange(crop("spinach"), null, "seedling");
  expect(hardy.hardenedLt50C).toBeCloseTo(usual.hardenedLt50C - 4, 9); // -21 instead of -17
  for (const source of Object.values(hardinessJson.sources)) {
    expect(Object.keys(sources)).toContain(source);
  }
});
