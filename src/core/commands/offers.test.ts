import fc from "fast-check";
import { timesMore } from "../timesMore.testdata";
import { dayNumber, isoDate } from "../calendar";
import { writeGeoJson, readGeoJson } from "../formats";
import type { Bed, Garden } from "../garden";
import {
  clashesIn,
  freeStretches,
  gapsIn,
  occupantsOf,
  openingsIn,
  placesOf,
  plantingInto,
  stillGives,
  turnOverPlantings,
  turnOvers,
  whatFits,
  type Occupant,
} from "../bedSpace";
import { growingOf, plantsIn, type HowMuch } from "../plantings";
import { tarnholt, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import { commands } from "./registry";
import { english } from "@/words/told.testdata";
const anyBed = fc.constantFrom(...tarnholt.beds.values());
const anyDay = fc.integer({ min: dayNumber("2026-07-01"), max: dayNumber("2027-04-30") });
const anyAmount = fc.oneof(
  fc.constant<HowMuch>({ by: "room" }),
  fc.integer({ min: 1, max: 40 }).map((people): HowMuch => ({ by: "people", people })),
  fc.integer({ min: 1, max: 900 }).map((plants): HowMuch => ({ by: "plants", plants })),
  fc
    .double({ min: 0.01, max: 30, noNaN: true })
    .map((lengthM): HowMuch => ({ by: "length", lengthM })),
  fc
    .double({ min: 0.01, max: 9, noNaN: true })
    .map((kgAWeek): HowMuch => ({ by: "weight", kgAWeek })),
);
const noClash = (garden: Garden) =>
  [...garden.beds.values()].every((bed) => clashesIn(site, garden, bed).length === 0);

test("whatever is offered for an opening can be planted there, and nobody clashes", () => {
  let planted = 0;
  fc.assert(
    fc.property(anyBed, anyDay, fc.nat(), fc.nat(), anyAmount, (bed, day, ...chosen) => {
      const [whichOpening, whichFit, howMuch] = chosen;
      const openings = openingsIn(site, tarnholt, bed, day);
      const opening = openings[whichOpening % Math.max(1, openings.length)];
      if (!opening) return;
      const fits = whatFits(site, tarnholt, bed, opening, day);
      const fit = fits[whichFit % Math.max(1, fits.length)];
      if (!fit) return;
      const planting = plantingInto(bed, opening, fit, "offered", { units: "metric", howMuch });
      if (howMuch.by !== "room") {
        const whole = { units: "metric", howMuch: { by: "room" } } as const;
        const all = plantingInto(bed, opening, fit, "offered", whole);
        expect(planting.lengthM).toBeLessThanOrEqual(all.lengthM);
      }
      const outcome = commands["planting.add"].apply(tarnholt, planting);
      if (!outcome.ok) throw new Error(`${planting.cropId}: ${english(outcome.refusal)}`);
      planted += 1;
      expect(noClash(outcome.garden)).toBe(true);
    }),
    { numRuns: 60 },
  );
  expect(planted).toBeGreaterThan(20);
});

test("whatever turning over is offered can be done, whatever is left standing, and nobody clashes", () => {
  let turned = 0;
  fc.assert(
    fc.property(
      anyBed,
      anyDay,
      fc.nat(4),
      fc.nat(30),
      fc.constantFrom("between" as const, "sides" as const, "nowhere" as const),
      (bed, day, leave, which, beside) => {
        const standing = plantsIn(site, tarnholt, bed, day);
        const gives = standing.flatMap(
          ({ planting }) => stillGives(site, tarnholt, planting, day) ?? [],
        );
        if (gives.length === 0) return;
        for (const one of gives) {
          for (let after = 1; after < one.keptKg.length; after += 1) {
            expect(one.keptKg[after]).toBeGreaterThanOrEqual((one.keptKg[after - 1] ?? 0) - 1e-9);
          }
        }
        const found = turnOvers(site, tarnholt, bed, gives, 2, day, true);
        const chosen = found[which % Math.max(1, found.length)];
        if (!chosen) return;
        let ids = 0;
        const turnedOver = turnOverPlantings({
          bed,
          onDay: chosen.onDay,
          clearings: standing.flatMap(({ planting }) => {
            const growing = growingOf(tarnholt, planting);
            if (!growing) return [];
            const { count } = placesOf(planting, growing, bed);
            // One in the middle and those at the far end: plants that do not stand side by side.
            const keep = Array.from({ length: leave }, (_, at) => count - 1 - at);
            return [
              { planting, growing, keep: leave > 2 ? [Math.floor(count / 2), ...keep] : keep },
            ];
          }),
          next: chosen.growing,
          beside,
          units: "metric",
          bought: false,
          newId: () => `new-${(ids += 1)}`,
        });
        const outcome = commands["bed.turnOver"].apply(tarnholt, { bedId: bed.id, ...turnedOver });
        // Somebody who comes later may want the ground before the next crop is over: then it says so.
        if (!outcome.ok)
          return expect(english(outcome.refusal)).toMatch(
            / is in |left: start nearer|Nothing would change/,
          );
        turned += 1;
        expect(noClash(outcome.garden)).toBe(true);
      },
    ),
    { numRuns: timesMore(60) },
  );
  expect(turned).toBeGreaterThan(20);
});

const TEN_METRES = { lengthM: 10, widthM: 0.8 };
const anyOccupants = fc
  .array(
    fc.record({
      fromM: fc.integer({ min: 0, max: 9 }),
      lengthM: fc.integer({ min: 1, max: 6 }),
      fromDay: fc.integer({ min: 0, max: 300 }),
      days: fc.integer({ min: 10, max: 200 }),
      interplanted: fc.boolean(),
    }),
    { maxLength: 7 },
  )
  .map((list) =>
    list.map(({ fromM, lengthM, fromDay, days, interplanted }, index): Occupant => ({
      kind: "planting",
      id: `o${index}`,
      name: `O ${index}`,
      fromM,
      toM: Math.min(10, fromM + lengthM),
      across: { kind: "whole" },
      patches: [{ fromM, toM: Math.min(10, fromM + lengthM), leftM: 0, rightM: 0.8 }],
      fromDay,
      untilDay: fromDay + days,
      interplanted,
    })),
  );

test("gaps tell all free ground and no other: each moment's free metres are those under its gaps", () => {
  fc.assert(
    fc.property(anyOccupants, fc.integer({ min: 0, max: 364 }), (occupants, day) => {
      const gaps = gapsIn(occupants, TEN_METRES, 0, 365, 0.01, 1);
      const free = freeStretches(occupants, TEN_METRES, day, day + 1);
      const freeM = free.reduce((sum, { fromM, toM }) => sum + toM - fromM, 0);
      // Gaps overlap each other: measure their union on a ruler of whole metres.
      const now = gaps.filter((gap) => gap.fromDay <= day && day < gap.untilDay);
      const metres = Array.from({ length: 10 }, (_, m) =>
        now.some(({ fromM, toM }) => fromM <= m + 0.01 && toM >= m + 0.99) ? 1 : 0,
      );
      expect(metres.reduce<number>((sum, one) => sum + one, 0)).toBeCloseTo(freeM, 6);
    }),
  );
});

test("beds anywhere on the plot, at any turn, come back from a map as they went out", () => {
  const [some] = tarnholt.beds.values();
  if (!some) throw new Error("a bed");
  fc.assert(
    fc.property(
      fc.record({
        xM: fc.double({ min: 4, max: 16, noNaN: true }),
        yM: fc.double({ min: 4, max: 18, noNaN: true }),
        angleDeg: fc.integer({ min: 0, max: 179 }),
        lengthM: fc.integer({ min: 10, max: 60 }).map((tenths) => tenths / 10),
        widthM: fc.integer({ min: 3, max: 8 }).map((tenths) => tenths / 10),
        upBearingDeg: fc.integer({ min: 0, max: 359 }),
      }),
      ({ lengthM, widthM, upBearingDeg, ...position }) => {
        const bed: Bed = {
          ...some,
          id: "b",
          name: "B",
          lengthM,
          widthM,
          position,
          shelterId: null,
        };
        const garden: Garden = {
          ...tarnholt,
          plot: { id: "plot", lengthM: 20, widthM: 22, upBearingDeg },
          plantings: new Map(),
          shelters: new Map(),
          beds: new Map([["b", bed]]),
        };
        const read = readGeoJson(writeGeoJson(garden) ?? "", garden, () => "new");
        if (!read.ok) throw new Error(read.problem.code);
        const [back] = read.beds;
        expect(back).toMatchObject({ id: "b", lengthM, widthM });
        expect(Math.abs((back?.position?.xM ?? 99) - position.xM)).toBeLessThan(0.05);
        expect(Math.abs((back?.position?.yM ?? 99) - position.yM)).toBeLessThan(0.05);
        const turned = Math.abs((back?.position?.angleDeg ?? 999) - position.angleDeg);
        expect(Math.min(turned, 180 - turned)).toBeLessThan(2.5);
      },
    ),
  );
});

test("a day's occupants are those whose days it is, for every bed", () => {
  for (const bed of tarnholt.beds.values()) {
    for (const one of occupantsOf(site, tarnholt, bed)) {
      expect(one.toM).toBeLessThanOrEqual(bed.lengthM + 1e-6);
      expect(one.untilDay).toBeGreaterThan(one.fromDay);
      const planting = tarnholt.plantings.get(one.id);
      expect(planting && one.fromDay >= dayNumber(planting.sowOn)).toBe(true);
      expect(isoDate(one.fromDay) > "2026-03-01").toBe(true);
    }
  }
});
