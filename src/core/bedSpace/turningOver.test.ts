import { dayNumber, isoDate } from "../calendar";
import { commands } from "../commands";
import { varietyOf, cropLibrary } from "../crops";
import type { Bed, Planting } from "../garden";
import { amountsFor, plantsIn, standOf } from "../plantings";
import { clashesIn } from "./occupancy";
import { stillGives, turnOvers } from "./turningOver";
import { turnOverPlantings } from "./turningOverPlantings";
import { growing, tarnholt as garden, tarnholtSite as site } from "../plantings/tarnholt.testdata";

const day = dayNumber;
const bed = garden.beds.get("bed-4") as Bed;
const tomato = garden.plantings.get("planting-38") as Planting;
const gives = (date: string, some: Partial<Planting> = {}) => {
  const found = stillGives(site, garden, { ...tomato, ...some }, day(date));
  if (!found) throw new Error("tomatoes");
  return found;
};
const overTo = (date: string, pulled: ReturnType<typeof gives>[], atHand: boolean) =>
  turnOvers(site, garden, bed, pulled, 3, day(date), atHand);
const broccoli = (list: ReturnType<typeof overTo>) => {
  const found = list.find((one) => one.growing.crop.id === "broccoli");
  if (!found) throw new Error("broccoli is among them");
  return found;
};

describe("what a standing crop still gives", () => {
  test("grows with each day it is left, by less as light and frost end it, and by nothing before it is ready", () => {
    const { keptKg, totalKg, life } = gives("2026-07-20");
    const readyAfter = (life.timeline.readyDay ?? 0) - day("2026-07-20");
    expect(readyAfter).toBeGreaterThan(20); // late August
    for (let after = 1; after < keptKg.length; after += 1) {
      const gained = (keptKg[after] ?? 0) - (keptKg[after - 1] ?? 0);
      if (after <= readyAfter) expect(gained).toBe(0);
      else expect(gained).toBeGreaterThanOrEqual(0);
    }
    // 4 × 0.8 m at 6 kg/m² would be 19 kg in a long warm fall; this valley lets less than half ripen.
    expect(totalKg).toBeGreaterThan(2);
    expect(totalKg).toBeLessThan(9.6);
  });

  test("is little once frost is due: in late September a fifth of August's", () => {
    expect(gives("2026-09-25").totalKg).toBeLessThan(0.35 * gives("2026-08-25").totalKg);
  });

  test("a crop that is taken once loses nothing by being taken when it is ready", () => {
    const carrots = stillGives(
      site,
      garden,
      garden.plantings.get("planting-14") as Planting, // sown 18 July, ready in fall
      day("2026-10-15"),
    );
    expect(carrots?.keptKg[0]).toBeCloseTo(carrots?.totalKg ?? NaN, 1);
  });
});

describe("turning over", () => {
  test("waits for seedlings that must be raised, not for those at hand", () => {
    const raised = broccoli(overTo("2026-07-05", [gives("2026-07-05")], false));
    expect(raised.onDay).toBeGreaterThanOrEqual(day("2026-07-05") + 35); // five weeks on the bench
    expect(raised.timeline.sowDay).toBe(raised.onDay - 35);
    expect(raised.gainKg[34]).toBeNaN();
    const atHand = broccoli(overTo("2026-07-05", [gives("2026-07-05")], true));
    expect(atHand.gainKg[0]).toBeGreaterThan(0);
    expect(atHand.onDay).toBeLessThanOrEqual(raised.onDay);
  });

  test("at the cliff a week costs the harvest of the fall, and it says by how many days", () => {
    const found = broccoli(overTo("2026-07-05", [gives("2026-07-05")], false));
    expect(isoDate(found.timeline.readyDay ?? 0) < "2026-11-15").toBe(true);
    expect(found.weekDelaysDays).toBeGreaterThan(100);
    expect(found.weekCostsKg).toBeGreaterThan(1);
  });

  test("what nobody eats is not waited for; what is wanted is, as long as the next crop allows", () => {
    const wanted = overTo("2026-08-20", [gives("2026-08-20")], true);
    const unwanted = overTo("2026-08-20", [gives("2026-08-20", { worth: "none" })], true);
    for (const { growing: next, onDay } of unwanted) {
      const same = wanted.find((one) => one.growing.crop.id === next.crop.id);
      // Among days that give as good as the same the earliest is taken, so a few days are play.
      expect(onDay).toBeLessThanOrEqual((same?.onDay ?? Infinity) + 5);
    }
    const lettuce = (list: typeof wanted) =>
      list.find((one) => one.growing.crop.id === "lettuce")?.onDay ?? NaN;
    expect(lettuce(unwanted)).toBe(day("2026-08-20"));
    expect(lettuce(wanted)).toBeGreaterThan(day("2026-08-27"));
  });

  test("the recommended day is no worse than any other, and kept and lost add up", () => {
    const pulled = [gives("2026-08-20")];
    for (const one of overTo("2026-08-20", pulled, true)) {
      const sum = (after: number) => (one.gainKg[after] ?? 0) + (pulled[0]?.keptKg[after] ?? 0);
      const best = sum(one.onDay - day("2026-08-20"));
      for (let after = 0; after <= 70; after += 1) {
        if (Number.isNaN(one.gainKg[after] ?? NaN) || (one.gainKg[after] ?? 0) < 0.1) continue;
        expect(sum(after)).toBeLessThanOrEqual(best * 1.0011 + 1e-9);
      }
      expect(one.keptKg + one.lostKg).toBeCloseTo(pulled[0]?.totalKg ?? NaN, 9);
    }
  });
});

test("two tomatoes are left, the rest makes way for broccoli, also between them: nobody clashes", () => {
  const ids = ["left", "next", "between"];
  const clearing = { planting: tomato, growing: growing("tomato", [], { method: "transplant" }) };
  const next = growing("broccoli", [], { method: "transplant" });
  const { plantings, parts } = turnOverPlantings({
    bed,
    onDay: day("2026-08-09"),
    clearings: [{ ...clearing, keep: [6, 7] }],
    next,
    beside: "between",
    units: "metric",
    bought: false,
    newId: () => ids.shift() ?? "more",
  });
  // Tomatoes stand 50 cm apart in one row: two of them take the last metre of their four.
  expect(
    plantings.map(({ id, cropId, fromM, lengthM, clearOn, interplanted }) => [
      id,
      cropId,
      fromM,
      lengthM,
      clearOn,
      interplanted,
    ]),
  ).toEqual([
    ["planting-38", "tomato", 0, 3, "2026-08-09", false],
    ["left", "tomato", 3, 1, null, false],
    ["next", "broccoli", 0, 3, null, false],
    ["between", "broccoli", 3, 1, null, true],
  ]);
  expect(parts).toEqual([{ id: "left", of: "planting-38" }]);
  const outcome = commands["bed.turnOver"].apply(garden, { bedId: "bed-4", plantings, parts });
  if (!outcome.ok) throw new Error(outcome.refusal.code);
  expect(clashesIn(site, outcome.garden, bed)).toEqual([]);
  const standing = plantsIn(site, outcome.garden, bed, day("2026-08-20"));
  const tomatoes = standing.find(({ planting }) => planting.id === "left");
  expect(tomatoes?.points).toHaveLength(2);
  expect(standing.map(({ planting }) => planting.id).sort()).toEqual([
    "between",
    "left",
    "next",
    "planting-04",
  ]);
  // Before the day all eight stand.
  const before = plantsIn(site, outcome.garden, bed, day("2026-08-01"));
  expect(
    before.reduce(
      (sum, one) => sum + (one.growing.crop.id === "tomato" ? one.points.length : 0),
      0,
    ),
  ).toBe(8);
  const crop = cropLibrary.get("tomato");
  if (!crop || !varietyOf(crop)) throw new Error("tomato");
  expect(amountsFor(standOf(tomato, bed), crop, "transplant").stations).toBe(8);
});

test("two tomatoes in the middle are kept, with a strip of broccoli along both sides of them", () => {
  let ids = 0;
  const { plantings, parts } = turnOverPlantings({
    bed,
    onDay: day("2026-08-09"),
    clearings: [
      { planting: tomato, growing: growing("tomato", [], { method: "transplant" }), keep: [3, 4] },
    ],
    next: growing("broccoli", [], { method: "transplant" }),
    beside: "sides",
    units: "metric",
    bought: true,
    newId: () => `new-${(ids += 1)}`,
  });
  const logged = {
    ...garden,
    logEntries: new Map([
      [
        "out",
        {
          id: "out",
          on: "2026-05-20",
          taskId: null,
          note: "",
          what: { kind: "plantedOut", plantingId: tomato.id, plants: 8 } as const,
        },
      ],
    ]),
  };
  const outcome = commands["bed.turnOver"].apply(logged, { bedId: "bed-4", plantings, parts });
  if (!outcome.ok) throw new Error(outcome.refusal.code);
  const after = outcome.garden;
  expect(clashesIn(site, after, bed)).toEqual([]);
  const standing = plantsIn(site, after, bed, day("2026-08-20"));
  const tomatoes = standing.filter(({ growing: { crop } }) => crop.id === "tomato");
  // They stand where they stood: the fourth and fifth of eight, half a metre apart.
  expect(tomatoes.flatMap(({ points }) => points.map(({ alongM }) => alongM))).toEqual([
    expect.closeTo(1.75, 6),
    expect.closeTo(2.25, 6),
  ]);
  const sides = standing.find(({ planting }) => planting.across.kind === "sides");
  expect(sides?.growing.crop.id).toBe("broccoli");
  const across = new Set(sides?.points.map(({ acrossM }) => Math.round(acrossM * 100)));
  expect(across.size).toBe(2);
  expect(Math.max(...across)).toBeGreaterThan(55);
  expect(Math.min(...across)).toBeLessThan(25);
  // They go on with what is known of all eight: planted out on 20 May.
  expect(tomatoes[0]?.timeline.plantOutDay).toBe(day("2026-05-20"));
});
