import { dayNumber as day, isoDate } from "../calendar";
import { usualNeed, needInWeek, yearSeasonOf } from "../food";
import type { Garden } from "../garden";
import { toGardenFile } from "../gardenFile";
import { referenceProblems } from "../gardenFile/references";
import { bedOf, CLOTH_IN_SHED, potsAtWindow } from "../gardenFile/small.testdata";
import { plantingState } from "../plantings";
import { tarnholt, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import { commands, type CommandName } from "../commands";
import {
  eatingOrder,
  eatInOrder,
  needByWeek,
  plantingSources,
  sourcesIn,
  supplyOver,
  USUAL_YEAR,
  takenWay,
  waysToClose,
  type Weeks,
} from ".";

const TODAY = day("2026-09-24");
const weeks: Weeks = { firstDay: TODAY, count: 40, today: TODAY };
const done = (garden: Garden, name: CommandName, input: unknown): Garden => {
  const outcome = commands[name].apply(garden, input);
  if (!outcome.ok) throw new Error(outcome.refusal.code);
  return outcome.garden;
};
const stateOf = (garden: Garden, id: string) => {
  const planting = garden.plantings.get(id);
  const state = planting && plantingState(garden, site, planting);
  if (!state) throw new Error(id);
  return state;
};
const sourcesFor = (garden: Garden, id: string, quantile = 0.5) =>
  plantingSources(site, garden, stateOf(garden, id), weeks, { quantile });
const totalKg = (garden: Garden, id: string) =>
  sourcesFor(garden, id).reduce((sum, { units }) => sum + units, 0);
const by = (cropId: string) => {
  const found = [...tarnholt.plantings.values()].find((one) => one.cropId === cropId);
  if (!found) throw new Error(cropId);
  return found;
};

test("carrots stand whole until cold or the end takes them, and are eaten from the store after", () => {
  const carrots = by("carrot");
  const [source, ...none] = sourcesFor(tarnholt, carrots.id);
  if (!source) throw new Error("carrots are eaten");
  expect(none).toEqual([]);
  // 8 m by 0.8 m at 4 kg a square metre.
  expect(source.units).toBeCloseTo(stateOf(tarnholt, carrots.id).usualYieldKg, 6);
  const stored = source.storedFromWeek;
  expect(stored).toBeGreaterThan(5);
  expect(stored).toBeLessThan(35);
  // In store they dwindle by a hundredth a week.
  const [a = 0, b = 0] = [source.worth[stored], source.worth[stored + 1]];
  expect(b / a).toBeCloseTo(0.99, 6);
});

test("a picking that is weighed is gone from what is left, and corrects what grows on", () => {
  const carrots = by("carrot");
  const logged = (id: string, grams: number, on: string) => ({
    today: "2026-09-24",
    entries: [
      {
        id: `log-${id}-${on}`,
        on,
        taskId: null,
        note: "",
        what: { kind: "harvested", plantingId: id, grams, count: null, isLast: false },
      },
    ],
  });
  const pulled = done(tarnholt, "log.keep", logged(carrots.id, 5000, "2026-09-23"));
  expect(totalKg(tarnholt, carrots.id) - totalKg(pulled, carrots.id)).toBeCloseTo(5, 6);

  const kale = by("kale");
  const before = sourcesFor(tarnholt, kale.id);
  const poor = done(tarnholt, "log.keep", logged(kale.id, 100, "2026-09-23"));
  const after = sourcesFor(poor, kale.id);
  const later = (sources: typeof before) =>
    sources.filter(({ id }) => id !== kale.id).reduce((sum, { units }) => sum + units, 0);
  // A hundred grams where kilos were due: what is still to come is less.
  expect(later(after)).toBeLessThan(later(before));
  expect(later(after)).toBeGreaterThan(0);
});

test("in a worse year there is no more than in a better one, week by week in all", () => {
  const edible = (quantile: number) =>
    sourcesIn(site, tarnholt, weeks, { quantile }).reduce(
      (sum, { units, worth }) => sum + units * worth.reduce((a, b) => a + b, 0),
      0,
    );
  const all = [0.1, 0.3, 0.5, 0.7, 0.9].map(edible);
  for (const [index, kg] of all.entries()) {
    if (index > 0) expect(kg).toBeGreaterThanOrEqual((all[index - 1] ?? 0) * 0.999);
  }
  expect(all[4] ?? 0).toBeGreaterThan((all[0] ?? 0) * 1.05);
});

test("what people count is counted: heads of lettuce by its plants, radishes by the bunch, carrots not at all", () => {
  const sources = sourcesIn(site, tarnholt, weeks, USUAL_YEAR);
  const order = eatingOrder(site, tarnholt, sources, weeks);
  const of = (name: string) => order.find((one) => one.name === name);
  const [lettuce, radish, carrot] = [of("Lettuce"), of("Radish"), of("Carrot")];
  expect(lettuce?.heads).toBeGreaterThan(5);
  expect(lettuce?.bunches).toBeNull();
  // 200 g a bunch.
  expect(radish?.bunches).toBe(Math.round((radish?.kg ?? 0) / 0.2));
  expect([carrot?.heads, carrot?.bunches]).toEqual([null, null]);
});

test("need goes by the season of the year, in the south by the other", () => {
  expect(yearSeasonOf(day("2027-01-15"), 47)).toBe("winter");
  expect(yearSeasonOf(day("2027-01-15"), -38)).toBe("summer");
  const need = usualNeed(4, "much");
  const january = needInWeek(need, day("2027-01-12"), 47);
  // 0.25 kg × 1.6 × 0.8 × 4.
  expect(january.salad).toBeCloseTo(1.28, 6);
  expect(january.roots).toBeCloseTo(0.7 * 1.2 * 4, 6);
});

test("four eaters at the commons: need, harvest, store and gap add up in every week", () => {
  const need = usualNeed(4, "usual");
  const { weeks: told, gaps } = supplyOver(site, tarnholt, need, weeks);
  expect(told).toHaveLength(40);
  for (const week of told) {
    for (const { needKg, harvestKg, storeKg, gapKg } of Object.values(week.byGroup)) {
      expect(harvestKg + storeKg + gapKg).toBeCloseTo(needKg, 6);
    }
    const { p10, p50, p90 } = week.harvestKg;
    expect(p10).toBeLessThanOrEqual(p90);
    expect(p50).toBeGreaterThanOrEqual(0);
  }
  for (const { fromDay, untilDay, yearsIn10, shortKg } of gaps) {
    expect(untilDay - fromDay).toBeGreaterThanOrEqual(6);
    expect(yearsIn10).toBeGreaterThan(0);
    expect(shortKg).toBeGreaterThan(0);
  }
  // Nothing was grown for fruit in winter: it is short from autumn on in all years.
  expect(gaps.some(({ group, yearsIn10 }) => group === "fruit" && yearsIn10 === 10)).toBe(true);
});

test("ways that are taken close as much of a gap as they said: sown, bought, covered, put by, as shoots", () => {
  // An empty bed more, boxes at a window, and fleece in the shed.
  const free = bedOf("bed-free");
  const boxes = potsAtWindow("boxes", 8);
  const garden: Garden = {
    ...tarnholt,
    beds: new Map([...tarnholt.beds, [free.id, free], [boxes.id, boxes]]),
    pieces: new Map([[CLOTH_IN_SHED.id, CLOTH_IN_SHED]]),
  };
  const weekOf = (of: number) => Math.floor((of - weeks.firstDay) / 7);
  const seen = new Set<string>();
  let made = 0;
  for (const eaters of [1, 6]) {
    const need = usualNeed(eaters, "much");
    for (const group of ["salad", "cookedGreens", "heads"] as const) {
      const [from, until] = ["2026-11-15", "2027-03-20"];
      const gap = { group, fromDay: day(from), untilDay: day(until), shortKgAWeek: 2 };
      const shortKg = (of: Garden) => {
        const wanted = needByWeek(need, site.latitudeDeg, weeks);
        const { gapKg } = eatInOrder(sourcesIn(site, of, weeks, USUAL_YEAR), wanted);
        return gapKg[group]
          .subarray(weekOf(gap.fromDay), weekOf(gap.untilDay) + 1)
          .reduce((sum, kg) => sum + kg, 0);
      };
      const before = shortKg(garden);
      for (const { doing, addsKg, yearsIn10, hours } of waysToClose(
        site,
        garden,
        need,
        weeks,
        gap,
      )) {
        const { name, input } = takenWay(doing, (kind) => `taken-${kind}-${(made += 1)}`);
        const taken = done(garden, name, input);
        seen.add(doing.kind);
        // Bought plants stand until they are over; the ground is theirs for a year.
        if (doing.kind === "buy") expect(doing.planting.clearOn).toBeNull();
        expect([doing.kind, before - shortKg(taken)]).toEqual([
          doing.kind,
          expect.closeTo(addsKg, addsKg > 5 ? 1 : 2),
        ]);
        expect(hours).toBeGreaterThan(0);
        expect(yearsIn10).toBeGreaterThanOrEqual(0);
      }
    }
  }
  expect([...seen].sort()).toEqual(["buy", "cover", "shoots", "sow", "store"]);
  // Nothing of a season to come can be put by today.
  const later = { ...weeks, firstDay: TODAY + 280 };
  const gap = {
    group: "heads",
    fromDay: TODAY + 340,
    untilDay: TODAY + 460,
    shortKgAWeek: 2,
  } as const;
  const ways = waysToClose(site, garden, usualNeed(1, "much"), later, gap);
  expect(ways.map(({ doing }) => doing.kind)).not.toContain("store");
});

test("a cellar of carrots from October to the last in March: what is taken is gone, what stays dwindles", () => {
  const empty = { ...tarnholt, plantings: new Map(), trays: new Map(), logEntries: new Map() };
  const lot = {
    id: "store-1",
    cropId: "carrot",
    varietyId: null,
    place: "cellar",
    since: "2026-10-20",
    grams: 20_000,
    plantingId: null,
    note: "",
  };
  const stored = done(empty, "store.set", lot);
  const leftIn = (garden: Garden, on: string) => {
    const from = { firstDay: day(on), count: 30, today: day(on) };
    const [source] = sourcesIn(site, garden, from, USUAL_YEAR);
    return source ? source.units * (source.worth[0] ?? 0) : 0;
  };
  expect(leftIn(stored, "2026-10-20")).toBeCloseTo(20, 6);
  // 24 weeks by the handbook: the last of them are good until the beginning of April.
  expect(leftIn(stored, "2027-03-30")).toBeGreaterThan(0);
  expect(leftIn(stored, "2027-04-10")).toBe(0);
  const eaten = done(stored, "store.take", {
    id: "log-take-1",
    on: "2026-12-01",
    storeLotId: "store-1",
    grams: 6000,
    why: "eaten",
  });
  expect(leftIn(eaten, "2026-12-01")).toBeCloseTo(14 * 0.99 ** 6, 1);
  const refused = (name: CommandName, input: unknown, garden = eaten) => {
    const outcome = commands[name].apply(garden, input);
    return outcome.ok ? "" : outcome.refusal.code;
  };
  const take = { id: "log-take-2", on: "2026-12-02", storeLotId: "store-1", why: "rotted" };
  expect(refused("store.take", { ...take, grams: 15_000 })).toBe("commands.soMuchIsNotLeft");
  expect(refused("store.take", { ...take, grams: 0 })).toBe("food.moreThanNothing");
  expect(refused("store.take", { ...take, grams: 100, on: "2026-10-01" })).toBe(
    "commands.itWasNotInStoreYet",
  );
  expect(refused("store.set", { ...lot, grams: 5000 })).toBe("commands.moreWasTakenThanThat");
  expect(refused("store.set", { ...lot, id: "l", cropId: "arugula" })).toBe(
    "commands.itWouldRotThere",
  );
  expect(refused("need.set", { ...usualNeed(2, "usual"), eaters: 0 })).toBe("food.atLeastOneEater");
  // It outlasts the planting that it was lifted from, and the file still reads.
  const [carrots] = [...tarnholt.plantings.values()].filter(({ cropId }) => cropId === "carrot");
  const lifted = done(tarnholt, "store.set", { ...lot, plantingId: carrots?.id });
  for (const outlasting of [
    done(lifted, "planting.remove", { id: carrots?.id }),
    done(lifted, "bed.remove", { id: carrots?.bedId, withPlantings: true }),
  ]) {
    expect(outlasting.storeLots.get("store-1")?.plantingId).toBeNull();
    expect(referenceProblems(toGardenFile(outlasting))).toEqual([]);
  }
  // Taken out whole, with what the log told of it; and back.
  const gone = done(eaten, "store.remove", { id: "store-1" });
  expect([gone.storeLots.size, gone.logEntries.size]).toEqual([0, 0]);
  expect(isoDate(TODAY)).toBe("2026-09-24");
});
