import fc from "fast-check";
import { dayNumber } from "../calendar";
import { germinationInterval, isSpent, lotSprouting, seedsIn, withoutSeeds } from "./seedLot";
import { crop, lot } from "../trays/trays.testdata";

const today = dayNumber("2026-09-24");

describe("the germination test", () => {
  // Wilson's score interval at 90 %, worked by hand with z = 1.645.
  test.each([
    [8, 10, 0.541, 0.931],
    [16, 20, 0.622, 0.907],
    [80, 100, 0.727, 0.858],
    [0, 10, 0, 0.213],
    [10, 10, 0.787, 1],
  ])("%i of %i sprouted: from %d to %d", (sprouted, seeds, low, high) => {
    const interval = germinationInterval(sprouted, seeds);
    expect(interval.low).toBeCloseTo(low, 2);
    expect(interval.high).toBeCloseTo(high, 2);
  });

  test("more seeds narrow the interval, and it always holds the share", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 100 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (seeds, at) => {
          const sprouted = Math.round(seeds * at);
          const [few, many] = [
            germinationInterval(sprouted, seeds),
            germinationInterval(sprouted * 10, seeds * 10),
          ];
          expect(few.low).toBeLessThanOrEqual(sprouted / seeds + 1e-9);
          expect(few.high).toBeGreaterThanOrEqual(sprouted / seeds - 1e-9);
          expect(many.high - many.low).toBeLessThan(few.high - few.low);
        },
      ),
    );
  });
});

describe("a seed lot", () => {
  test("ages by its crop's half-life, is sown thicker for it, and is spent in the end", () => {
    const onion = crop("onion");
    const halfLife = onion.sowing.halfLifeYears;
    const fresh = lotSprouting(onion, lot({ packedYear: 2026 }), dayNumber("2026-01-15"));
    const old = lotSprouting(onion, lot({ packedYear: 2021 }), dayNumber("2026-01-15"));
    expect(fresh.share).toBeCloseTo(onion.sowing.sproutShare, 6);
    expect(old.share).toBeCloseTo(onion.sowing.sproutShare * 0.5 ** (5 / halfLife), 6);
    expect(old.sowThicker).toBeCloseTo(2 ** (5 / halfLife), 6);
    expect(isSpent(onion, lot({ packedYear: 2026 }), today)).toBe(false);
    expect(isSpent(onion, lot({ packedYear: 2016 }), today)).toBe(true);
  });

  test("a large test is believed, a small one drawn toward what is usual", () => {
    const lettuce = crop("lettuce");
    const tested = (seeds: number, sprouted: number) =>
      lotSprouting(
        lettuce,
        lot({ germinationTest: { seeds, sprouted, testedOn: "2026-09-24" } }),
        today,
      );
    expect(tested(100, 40).share).toBeLessThan(0.46);
    expect(tested(10, 4).share).toBeGreaterThan(tested(100, 40).share);
    expect(tested(10, 4).interval?.low).toBeCloseTo(germinationInterval(4, 10).low, 9);
  });

  test("what is sown is taken out, by count or by weight, and never more than there is", () => {
    const onion = crop("onion"); // 260 seeds a gram
    expect(seedsIn(onion, lot())).toBe(2600);
    expect(withoutSeeds(onion, lot(), 260).amount.value).toBeCloseTo(9, 3);
    fc.assert(
      fc.property(
        fc.constantFrom("seeds" as const, "grams" as const),
        fc.integer({ min: 0, max: 5000 }),
        fc.integer({ min: 0, max: 9000 }),
        (unit, value, seeds) => {
          const before = lot({ amount: { unit, value } });
          const after = withoutSeeds(onion, before, seeds);
          expect(after.amount.value).toBeGreaterThanOrEqual(0);
          expect(seedsIn(onion, after)).toBeLessThanOrEqual(seedsIn(onion, before));
        },
      ),
    );
  });
});
