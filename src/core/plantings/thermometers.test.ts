import { dayNumber, isoDate } from "../calendar";
import { commands } from "../commands";
import type { Bed, Garden } from "../garden";
import type { ThermometerDay } from "../log";
import { plantingState } from "./plantingState";
import { measuredOver, measuredUnder } from "./thermometers";
import { nightDegrees } from "../frostNight";
import { siteFor } from "./gardenSite";
import type { Site } from "../growth";
import { tarnholt } from "./tarnholt.testdata";

const HOUSE = ["greenhouse-single"];
const house = { kind: "shelter", id: "greenhouse" } as const;

/** Nights whose inside low lies so far off what the balance makes of them. */
function nights(count: number, offC: number): ThermometerDay[] {
  const first = dayNumber("2026-09-10");
  return Array.from({ length: count }, (_, index) => {
    const day: ThermometerDay = {
      id: `night-${index}`,
      under: house,
      on: isoDate(first + index),
      insideMinC: 0,
      outsideMinC: 4 + (index % 5),
      insideMaxC: null,
      outsideMaxC: 15,
      source: "typed",
    };
    const [pair] = measuredUnder(47.1, HOUSE, [day]).pairs;
    return { ...day, id: `read-${index}`, insideMinC: (pair?.reckonedMinC ?? NaN) + offC };
  });
}
const withNights = (days: ThermometerDay[]): Garden => {
  const outcome = commands["thermometer.set"].apply(tarnholt, { days });
  if (!outcome.ok) throw new Error(outcome.refusal.code);
  return outcome.garden;
};
const bed = tarnholt.beds.get("house-1") as Bed;

test("a bias earns weight with nights: a little after one, most after twenty, never more than was read", () => {
  const after = (count: number) => measuredUnder(47.1, HOUSE, nights(count, -2));
  const weights = [1, 3, 7, 20, 60].map((count) => after(count).nightWeight);
  expect([...weights].sort((a, b) => a - b)).toEqual(weights);
  expect(weights[0]).toBeLessThan(0.45);
  expect(weights[3]).toBeGreaterThan(0.9);
  expect(after(7).meanNightC).toBeCloseTo(-2, 6);
  expect(after(7).bias.nightC).toBeCloseTo(-2 * after(7).nightWeight, 6);
  expect(after(7).bias.dayC).toBe(0); // no day was read
});

test("beds in the shelter take its bias; the open takes none; a bed's own thermometer wins", () => {
  const garden = withNights(nights(7, -2));
  expect(measuredOver(garden, bed)?.bias.nightC).toBeLessThan(-1);
  expect(measuredOver(garden, tarnholt.beds.get("bed-1") as Bed)).toBeNull();
  const own = nights(7, 1).map((day, index) => ({
    ...day,
    id: `own-${index}`,
    under: { kind: "bed", id: "house-1" } as const,
  }));
  const both = commands["thermometer.set"].apply(garden, { days: own });
  if (!both.ok) throw new Error(both.refusal.code);
  expect(measuredOver(both.garden, bed)?.bias.nightC).toBeGreaterThan(0.5);
});

test("the school in force decides the night and the plan; without readings the balance stands in", () => {
  const exposure = { covers: HOUSE, horizon: [], own: { nightC: -1.5, dayC: 0 } };
  const night = { outsideMinC: -6, cropMinC: -3, gainC: 3, soilMinC: 2 };
  const by = (degreesSchool: "rule" | "balance" | "measured", own = exposure.own) =>
    nightDegrees({ degreesSchool } as Site, { ...exposure, own }, night);
  expect(by("measured")).toMatchObject({ inForce: "measured", cropMinC: -4.5 });
  expect(by("balance")).toMatchObject({ inForce: "balance", cropMinC: -3, measured: -4.5 });
  expect(by("rule").cropMinC).toBeCloseTo(-3, 6); // the rule's 3 °C for a house, in frost
  expect(
    nightDegrees({ degreesSchool: "measured" } as Site, { ...exposure, own: null }, night),
  ).toMatchObject({ inForce: "balance", measured: null });
});

test("a colder house by one's own thermometer makes its plants later, and only while that school is in force", () => {
  const cold = withNights(
    nights(30, -3).map((day) => ({ ...day, insideMaxC: day.insideMinC + 4, outsideMaxC: 15 })),
  );
  const ready = (garden: Garden) => {
    const planting = garden.plantings.get("planting-19");
    const site = siteFor(garden);
    if (!planting || !site) throw new Error("lettuce in the house");
    return plantingState(garden, site, planting)?.timeline.readyDay ?? Infinity;
  };
  expect(ready(cold)).toBeGreaterThan(ready(tarnholt));
  const byBalance = commands["settings.set"].apply(cold, { degreesSchool: "balance" });
  if (!byBalance.ok) throw new Error(byBalance.refusal.code);
  expect(ready(byBalance.garden)).toBe(ready(tarnholt));
});
