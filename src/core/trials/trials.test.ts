import fc from "fast-check";
import { randomStream } from "../climate";
import { commands } from "../commands";
import { bedOf, smallGarden } from "../gardenFile/small.testdata";
import type { Trial } from "../garden";
import { plantingState, siteFor } from "../plantings";
import { blocksIn, layOut, trialFound, trialPlantings, verdictsOf } from "./index";
import { pairedPermutation } from "./permutation";

const treatments = ["none", "compost", "straw", "lime"].map((id) => ({
  id,
  name: id,
  varietyId: null,
  sowOn: null,
  spacingFactor: null,
}));
const rows = ["kale", "spinach", "carrot", "lettuce", "turnip", "beet"].map((cropId) => ({
  id: `row-${cropId}`,
  cropId,
  name: cropId,
}));
const bed = bedOf("bed-1");

function trialOf(some: Partial<Trial> = {}): Trial {
  return {
    id: "trial",
    name: "Four amendments",
    kind: "amendment",
    measure: "grams",
    treatments,
    rows,
    plots: layOut([bed], treatments, 2, 7) ?? [],
    laidOn: "2026-06-01",
    seed: 7,
    results: [],
    verdict: null,
    ...some,
  };
}

/** Weights where compost gives so many times as much as the rest, strayed by chance. */
function measured(trial: Trial, times: number, sd: number, seed: number): Trial {
  const random = randomStream(seed);
  return {
    ...trial,
    results: trial.plots.flatMap(({ id, treatmentId }) =>
      trial.rows.map((row, at) => ({
        plotId: id,
        rowId: row.id,
        value:
          500 * (1 + at) * (treatmentId === "compost" ? times : 1) * Math.exp(sd * random.normal()),
      })),
    ),
  };
}

describe("the permutation test", () => {
  // Darwin's crossed and self-fertilised plants, differences in eighths of an inch.
  const darwin = [49, -67, 8, 16, 6, 23, 28, 41, 14, 29, 56, 24, 75, 60, -48];

  it("counts as Fisher did: 1,726 of 32,768 sums are as far from nothing", () => {
    const { p, mean, interval } = pairedPermutation(darwin);
    expect(p * 32_768).toBeCloseTo(1726, 6);
    expect(mean).toBeCloseTo(314 / 15, 9);
    // Not ruled out at one in twenty: the interval holds nothing at all.
    expect(interval?.low).toBeLessThan(0);
    expect(interval?.high).toBeGreaterThan(mean);
  });

  it("counts the boys' shoes of Box, Hunter and Hunter: 7 of 1,024 to one side", () => {
    const shoes = [0.8, 0.6, 0.3, -0.1, 1.1, -0.2, 0.3, 0.5, 0.5, 0.3];
    const { p, interval } = pairedPermutation(shoes);
    expect(p * 1024).toBeCloseTo(14, 6);
    expect(interval?.low).toBeGreaterThan(0);
  });

  it("rules out nothing with fewer than six pairs, however far apart", () => {
    expect(pairedPermutation([5, 5, 5, 5, 5])).toMatchObject({ p: 2 / 32, interval: null });
    expect(pairedPermutation([5, 5, 5, 5, 5, 5]).interval).not.toBeNull();
  });

  it("has an interval that moves with what is measured, and holds its mean", () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -50, max: 50 }), { minLength: 6, maxLength: 9 }),
        fc.integer({ min: -100, max: 100 }),
        (differences, by) => {
          const { interval, mean } = pairedPermutation(differences);
          const moved = pairedPermutation(differences.map((one) => one + by));
          expect(interval?.low).toBeLessThanOrEqual(mean + 1e-6);
          expect(interval?.high).toBeGreaterThanOrEqual(mean - 1e-6);
          expect((moved.interval?.low ?? 0) - by).toBeCloseTo(interval?.low ?? 0, 4);
        },
      ),
      { numRuns: 25 },
    );
  });

  it("finds a difference that is none one time in twenty at most", () => {
    const random = randomStream(3);
    let found = 0;
    const trials = 400;
    for (let trial = 0; trial < trials; trial += 1) {
      const { p } = pairedPermutation(Array.from({ length: 8 }, () => random.normal()));
      if (p <= 0.05) found += 1;
    }
    expect(found / trials).toBeLessThan(0.05 + 3 * Math.sqrt((0.05 * 0.95) / trials));
  });
});

describe("a lay-out", () => {
  it("gives every block each treatment once, side by side, in an order drawn by lot", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 5 }),
        fc.integer({ min: 0, max: 1e6 }),
        (blocks, seed) => {
          const plots = layOut([bed, bedOf("bed-2")], treatments, blocks, seed) ?? [];
          expect(plots).toHaveLength(4 * blocks);
          for (let block = 1; block <= blocks; block += 1) {
            const of = plots.filter((plot) => plot.block === block);
            expect(of.map(({ treatmentId }) => treatmentId).sort()).toEqual(
              treatments.map(({ id }) => id).sort(),
            );
            expect(new Set(of.map(({ bedId }) => bedId)).size).toBe(1);
          }
          expect(
            commands["trial.set"].apply(smallGarden(), { trial: trialOf({ plots }), plantings: [] })
              .ok,
          ).toBe(true);
        },
      ),
      { numRuns: 30 },
    );
    const orders = new Set(
      Array.from({ length: 60 }, (_, seed) =>
        (layOut([bed], treatments, 1, seed) ?? []).map(({ treatmentId }) => treatmentId).join(),
      ),
    );
    expect(orders.size).toBeGreaterThan(15);
  });

  it("says where a bed has no room, and how many blocks it has room for", () => {
    expect(blocksIn(bed, 4)).toBe(5);
    expect(layOut([bed], treatments, 6, 1)).toBeNull();
  });

  it("plants rows through all strips, or each plot for itself where varieties are compared", () => {
    const garden = smallGarden({ plantings: new Map() });
    const site = siteFor(garden);
    if (!site) throw new Error("the garden has a place");
    let next = 0;
    const ids = () => `t-${(next += 1)}`;
    const crossing = trialPlantings(garden, trialOf(), "2026-07-01", ids);
    expect(crossing).toHaveLength(6);
    expect(crossing.every(({ lengthM }) => Math.abs(lengthM - 8) < 1e-6)).toBe(true);
    const kinds = treatments
      .slice(0, 2)
      .map((one, at) => ({ ...one, varietyId: ["curly", "red-russian"][at] ?? "" }));
    const apart = trialOf({
      kind: "variety",
      treatments: kinds,
      rows: rows.slice(0, 1),
      plots: layOut([bed], kinds, 4, 1) ?? [],
    });
    const planted = trialPlantings(garden, apart, "2026-07-01", ids);
    expect(planted).toHaveLength(8);
    expect(new Set(planted.map(({ varietyId }) => varietyId))).toEqual(
      new Set(["curly", "red-russian"]),
    );
    expect(planted.every((planting) => plantingState(garden, site, planting) !== null)).toBe(true);
    const both = commands["trial.set"].apply(garden, { trial: apart, plantings: planted });
    expect(both.ok).toBe(true);
  });

  it("is refused with one plot, a treatment without a plot, or strips that overlap", () => {
    const refusal = (trial: Trial) => {
      const outcome = commands["trial.set"].apply(smallGarden(), { trial, plantings: [] });
      return outcome.ok ? null : outcome.refusal.code;
    };
    const { plots } = trialOf();
    expect(refusal(trialOf({ plots: plots.slice(0, 1) }))).toBe(
      "garden.aTrialWithOnePlotComparesNothing",
    );
    expect(
      refusal(trialOf({ plots: plots.filter(({ treatmentId }) => treatmentId !== "lime") })),
    ).toBe("commands.everyTreatmentNeedsAPlot");
    expect(refusal(trialOf({ plots: plots.map((plot) => ({ ...plot, lengthM: 2 })) }))).toBe(
      "commands.plotsOverlapOrLieOutside",
    );
    expect(refusal(trialOf({ plots: plots.map((plot) => ({ ...plot, bedId: "bed-9" })) }))).toBe(
      "commands.noBedForThePlot",
    );
  });
});

describe("what a trial says", () => {
  it("finds what is there: a third more by compost, in two blocks of six rows", () => {
    const found = trialFound(measured(trialOf(), 1.35, 0.12, 5));
    const compost = found.comparisons.find(({ treatmentId }) => treatmentId === "compost");
    expect(compost).toMatchObject({ pairs: 12, enough: true, plotsNeeded: 0 });
    expect(compost?.effect).toBeGreaterThan(1.2);
    expect(compost?.interval?.low).toBeLessThan(1.35);
    expect(compost?.interval?.high).toBeGreaterThan(1.35);
    expect(found.comparisons.filter(({ enough }) => enough)).toHaveLength(1);
    expect(found.isSingleBlock).toBe(false);
  });

  it("says that it is too few to tell, and how many plots more would", () => {
    const few = trialOf({ rows: rows.slice(0, 1) });
    const found = trialFound(measured(few, 1.35, 0.12, 5));
    const compost = found.comparisons.find(({ treatmentId }) => treatmentId === "compost");
    expect(compost).toMatchObject({ pairs: 2, enough: false, interval: null, plotsNeeded: 8 });
    expect(trialFound(trialOf()).comparisons[0]).toMatchObject({ pairs: 0, p: 1, enough: false });
  });

  it("holds what is true as often as it says", () => {
    let [inside, all] = [0, 0];
    for (let seed = 1; seed <= 120; seed += 1) {
      const { comparisons } = trialFound(measured(trialOf(), 1.2, 0.25, seed));
      const compost = comparisons.find(({ treatmentId }) => treatmentId === "compost");
      if (!compost?.interval) continue;
      all += 1;
      if (compost.interval.low <= 1.2 && compost.interval.high >= 1.2) inside += 1;
    }
    expect(all).toBe(120);
    expect(inside / all).toBeGreaterThan(0.95 - 3 * Math.sqrt((0.95 * 0.05) / all));
  });

  it("is kept with its crop and its bed, once there is a verdict", () => {
    const open = trialOf();
    const told = trialOf({
      id: "told",
      verdict: { on: "2026-11-01", treatmentId: "compost", note: "Worth it." },
    });
    const garden = { trials: new Map([open, told].map((one) => [one.id, one])) };
    expect(verdictsOf(garden, { cropId: "kale" })).toEqual([told]);
    expect(verdictsOf(garden, { bedId: "bed-1" })).toEqual([told]);
    expect(verdictsOf(garden, { bedId: "bed-2" })).toEqual([]);
  });
});
