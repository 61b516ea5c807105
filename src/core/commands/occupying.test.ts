import fc from "fast-check";
import { dayNumber, isoDate } from "../calendar";
import { BY_THE_BOOK } from "../gardenFile";
import { withChanges, type Garden, type Planting } from "../garden";
import { clashesIn, freeStretches, gapsIn, occupantsOf } from "../bedSpace";
import type { Across, Patch } from "../layout";
import { siteFor } from "../plantings";
import type { Site } from "../growth";
import { tarnholt, tarnholtSite } from "../plantings/tarnholt.testdata";
import { commands, type CommandName } from "./registry";
import { english, inEnglish } from "@/words/told.testdata";

const bed = (garden: Garden, id: string) => {
  const found = garden.beds.get(id);
  if (!found) throw new Error(id);
  return found;
};
const spinach = (some: Partial<Planting> = {}): Planting => ({
  id: "new",
  cropId: "spinach",
  varietyId: "winter",
  bedId: "bed-1",
  sowOn: "2026-08-20",
  method: "direct",
  stage: "full",
  fromM: 0,
  lengthM: 4,
  rowCm: 20,
  inRowCm: 7,
  ...BY_THE_BOOK,
  ...some,
});
/** Bare beds of 4, 6 and 8 m in Tarnholt's place. */
const bare: Garden = {
  ...tarnholt,
  plantings: new Map(),
  successions: new Map(),
  trays: new Map(),
  shelters: new Map(),
  beds: new Map(
    [4, 6, 8].map((lengthM, index) => [
      `b${index}`,
      { ...bed(tarnholt, "bed-1"), id: `b${index}`, name: `B ${index}`, lengthM, position: null },
    ]),
  ),
};

describe("two on the same ground", () => {
  test("are refused with the two ways out, and either way is taken", () => {
    // Bed 7 holds spinach, all 8 m of it, from 20 August until spring.
    const input = spinach({
      bedId: "bed-7",
      cropId: "kale",
      varietyId: "curly",
      sowOn: "2026-11-02",
    });
    const refused = commands["planting.add"].apply(tarnholt, input);
    if (refused.ok) throw new Error("it was not refused");
    expect(english(refused.refusal)).toMatch(
      /^Spinach, winter type is in Bed 7 from 20 August until \d+ April, in the same space \(0 m to 4 m\)/,
    );
    const words = (refused.ways ?? []).map((way) => way.words);
    expect(inEnglish(words)).toEqual([
      expect.stringMatching(/^Put it in Bed \d+$/),
      expect.stringMatching(/^Pull spinach on 2 November$/),
    ]);
    for (const { command } of refused.ways ?? []) {
      const taken = commands[command.name].apply(tarnholt, command.input);
      if (!taken.ok) throw new Error(taken.refusal.code);
      for (const one of taken.garden.beds.values()) {
        expect(clashesIn(tarnholtSite, taken.garden, one)).toEqual([]);
      }
    }
  });

  test("in a bed with a free part, the way out is that part", () => {
    const half = commands["planting.edit"].apply(tarnholt, { id: "planting-07", lengthM: 4 });
    if (!half.ok) throw new Error(half.refusal.code);
    const refused = commands["planting.add"].apply(
      half.garden,
      spinach({ bedId: "bed-7", sowOn: "2026-09-20" }),
    );
    expect(english(refused.ok ? "" : refused.ways?.[0]?.words)).toBe("Put it at 4 m");
  });

  test("may stand together where one is planted between the other's plants, and no third", () => {
    const between = spinach({ bedId: "bed-3", sowOn: "2026-09-01", interplanted: true }); // under kale
    const first = commands["planting.add"].apply(tarnholt, between);
    if (!first.ok) throw new Error(first.refusal.code);
    const second = commands["planting.add"].apply(first.garden, { ...between, id: "newer" });
    expect(second.ok).toBe(false);
  });

  test("that clashed already, since the climate changed, do not keep the rest from being worked on", () => {
    const both = new Map([
      ["a", spinach({ id: "a", bedId: "b2" })],
      ["b", spinach({ id: "b", bedId: "b2", fromM: 2 })],
    ]);
    const clashing = { ...bare, plantings: both };
    const edit = (input: object) => commands["planting.edit"].apply(clashing, input);
    expect(edit({ id: "a", plantsPerStation: 2 }).ok).toBe(true);
    expect(edit({ id: "b", fromM: 4 }).ok).toBe(true);
  });
});

const covers = ({ fromM, toM, leftM, rightM }: Patch, along: number, across: number) =>
  along > fromM + 0.001 && along < toM - 0.001 && across > leftM + 0.001 && across < rightM - 0.001;

const crops = [
  ["spinach", "winter", "direct"],
  ["lettuce", "butterhead", "transplant"],
  ["radish", "round", "direct"],
  ["kale", "curly", "transplant"],
] as const;
/** From side to side, in strips, on both sides, around the edge, in squares of a grid: some past the side. */
const anAcross: fc.Arbitrary<Across> = fc.oneof(
  fc.constant<Across>({ kind: "whole" }),
  fc
    .tuple(fc.constantFrom(0, 0.1, 0.25, 0.4, 0.5), fc.constantFrom(0.1, 0.25, 0.3, 0.4))
    .map(([fromM, widthM]): Across => ({ kind: "strip", fromM, widthM })),
  fc.constantFrom(0.1, 0.2, 0.3).map((widthM): Across => ({ kind: "sides", widthM })),
  fc.constantFrom(0.05, 0.1).map((insetM): Across => ({ kind: "edge", insetM })),
  fc
    .uniqueArray(fc.tuple(fc.nat(5), fc.nat(3)), {
      minLength: 1,
      maxLength: 6,
      selector: (cell) => cell.join(),
    })
    .map((cells): Across => ({
      kind: "cells",
      cellM: 0.25,
      cells: cells.map(([along, across]) => ({ along, across })),
    })),
);
const aPlanting = fc
  .record({
    id: fc.constantFrom("p0", "p1", "p2", "p3", "p4", "p5"),
    crop: fc.nat(crops.length - 1),
    bed: fc.nat(2),
    day: fc.integer({ min: 0, max: 330 }),
    fromM: fc.integer({ min: 0, max: 7 }),
    lengthM: fc.integer({ min: 1, max: 5 }),
    across: anAcross,
    interplanted: fc.boolean(),
    pulledAfter: fc.option(fc.integer({ min: 1, max: 200 })),
  })
  .map(({ id, crop, bed: number, day, fromM, lengthM, across, interplanted, pulledAfter }) => {
    const [cropId, varietyId, method] = crops[crop] ?? crops[0];
    const sowDay = dayNumber("2026-05-01") + day;
    const clearOn = pulledAfter === null ? null : isoDate(sowDay + pulledAfter);
    const where = { bedId: `b${number}`, sowOn: isoDate(sowDay), fromM, lengthM, across };
    return spinach({ id, cropId, varietyId, method, ...where, interplanted, clearOn });
  });
const aCommand: fc.Arbitrary<[CommandName, unknown]> = fc.oneof(
  aPlanting.map((planting): [CommandName, unknown] => ["planting.add", planting]),
  aPlanting.map(({ id, bedId, fromM, lengthM, across }): [CommandName, unknown] => [
    "planting.edit",
    { id, bedId, fromM, lengthM, across },
  ]),
  aPlanting.map(({ id, sowOn }): [CommandName, unknown] => ["planting.moveSowing", { id, sowOn }]),
  aPlanting.map((one): [CommandName, unknown] => ["planting.setMany", { plantings: [one] }]),
  aPlanting.map(({ id }): [CommandName, unknown] => ["planting.remove", { id }]),
  aPlanting.map(({ id, bedId, fromM, lengthM, sowOn }): [CommandName, unknown] => [
    "rest.set",
    {
      id,
      bedId,
      fromM,
      lengthM,
      fromOn: sowOn,
      untilOn: isoDate(dayNumber(sowOn) + 60),
      under: { kind: "mulch", mulchId: "leaves", depthCm: 10 },
    },
  ]),
  fc
    .tuple(fc.nat(2), fc.integer({ min: 2, max: 9 }), fc.constantFrom([], ["row-cover-30"]))
    .map(([number, lengthM, covers]): [CommandName, unknown] => [
      "bed.edit",
      { id: `b${number}`, lengthM, covers },
    ]),
);

test("whatever is commanded, in any mix of strips, squares and stretches, no two ever stand on the same ground", () => {
  let taken = 0;
  fc.assert(
    fc.property(fc.array(aCommand, { minLength: 5, maxLength: 25 }), (list) => {
      let garden = bare;
      for (const [name, input] of list) {
        const outcome = commands[name].apply(garden, input);
        if (!outcome.ok) continue;
        taken += 1;
        expect(withChanges(garden, outcome.changes).plantings).toEqual(outcome.garden.plantings);
        garden = outcome.garden;
        const site = siteFor(garden) as Site;
        for (const one of garden.beds.values()) {
          expect(clashesIn(site, garden, one)).toEqual([]);
          const occupants = occupantsOf(site, garden, one);
          for (const offset of [30, 120, 210]) {
            const day = dayNumber("2026-05-01") + offset;
            const there = occupants.filter(
              (o) => !o.interplanted && o.fromDay <= day && o.untilDay > day,
            );
            const free = gapsIn(occupants, one, day, day + 1, 0.001, 1);
            // On a ruler of 5 cm each square is one's, or nobody's and under a gap.
            for (let along = 0.025; along < one.lengthM; along += 0.05) {
              for (let across = 0.025; across < one.widthM; across += 0.05) {
                const has = (patch: Patch) => covers(patch, along, across);
                const owners = there.filter(({ patches }) => patches.some(has)).length;
                if (owners > 1) throw new Error(`two at ${along}, ${across}`);
                if (owners === 1 && free.some(has)) throw new Error(`taken at ${along}, ${across}`);
              }
            }
          }
        }
      }
    }),
    { numRuns: 40 },
  );
  expect(taken).toBeGreaterThan(50);
});

test("a gap is free through and through, and as long and as wide as it can be", () => {
  const site = tarnholtSite;
  const [from, until] = [dayNumber("2026-07-01"), dayNumber("2027-06-30")];
  for (const one of tarnholt.beds.values()) {
    const occupants = occupantsOf(site, tarnholt, one);
    const gaps = gapsIn(occupants, one, from, until);
    for (const gap of gaps) {
      const free = freeStretches(occupants, one, gap.fromDay, gap.untilDay);
      const around = free.find(
        ({ fromM, toM }) => fromM <= gap.fromM + 1e-6 && toM >= gap.toM - 1e-6,
      );
      expect(around?.fromM).toBeCloseTo(gap.fromM, 6);
      expect(around?.toM).toBeCloseTo(gap.toM, 6);
      for (const [earlier, later] of [
        [1, 0],
        [0, 1],
      ] as const) {
        const wider = { fromDay: gap.fromDay - earlier, untilDay: gap.untilDay + later };
        if (wider.fromDay < from || wider.untilDay > until) continue;
        const stillFree = freeStretches(occupants, one, wider.fromDay, wider.untilDay);
        expect(
          stillFree.some(({ fromM, toM }) => fromM <= gap.fromM + 1e-6 && toM >= gap.toM - 1e-6),
        ).toBe(false);
      }
    }
  }
  // Bed 9: radish on 5 m until mid-October, arugula on 3 m until December.
  const bed9 = bed(tarnholt, "bed-9");
  const gaps = gapsIn(occupantsOf(site, tarnholt, bed9), bed9, from, until);
  expect(gaps).toContainEqual(expect.objectContaining({ fromM: 0, toM: 5, untilDay: until }));
  expect(gaps).toContainEqual(expect.objectContaining({ fromM: 0, toM: 8, untilDay: until }));
});

test("a bed is not made narrower than a strip in it", () => {
  const strip = spinach({
    id: "s",
    bedId: "b0",
    across: { kind: "strip", fromM: 0.5, widthM: 0.3 },
  });
  const garden = { ...bare, plantings: new Map([["s", strip]]) };
  const narrow = commands["bed.edit"].apply(garden, { id: "b0", widthM: 0.6 });
  expect(english(narrow.ok ? "" : narrow.refusal)).toMatch(/the strip goes past its side/);
  expect(commands["bed.edit"].apply(garden, { id: "b0", widthM: 0.9 }).ok).toBe(true);
});
