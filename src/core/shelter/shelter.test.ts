import fc from "fast-check";
import { dayNumber } from "../calendar";
import { climateFromSketch } from "../climate";
import { directSun, lightShareOf } from "../sky";
import { growingSpace, materials } from "./index";
import { coverWords, whereWords } from "@/words/covers";
import { cropDay, nightGainC } from "./ruleOfThumb";

const climate = climateFromSketch(47.1, {
  coldestMonth: { lowC: -6.5, highC: 2 },
  warmestMonth: { lowC: 13, highC: 26 },
  frost: { kind: "dates", medianFirst: "10-08", medianLast: "05-06" },
  wetDaysPerYear: null,
});
const stacks = fc.uniqueArray(fc.constantFrom(...materials.keys()), { maxLength: 3 });
const anyDay = fc.integer({ min: dayNumber("2026-06-21"), max: dayNumber("2027-06-20") });

test("covers never make a day colder or brighter, and nights stay below days", () => {
  fc.assert(
    fc.property(stacks, anyDay, (covers, day) => {
      const open = cropDay(climate, [], day);
      const under = cropDay(climate, covers, day);
      expect(under.minTempC).toBeGreaterThanOrEqual(open.minTempC - 1e-9);
      expect(under.maxTempC).toBeGreaterThanOrEqual(open.maxTempC - 1e-9);
      expect(under.dliMol).toBeLessThanOrEqual(open.dliMol);
      expect(under.minTempC).toBeLessThanOrEqual(under.maxTempC);
    }),
  );
});

test("on a cold night layers add up, and each takes its share of the light", () => {
  const night = dayNumber("2027-01-20");
  const open = cropDay(climate, [], night);
  const covers = ["greenhouse-single", "row-cover-light"];
  const under = cropDay(climate, covers, night);
  expect(under.minTempC - open.minTempC).toBeCloseTo(5.5, 6); // 3.0 + 2.5 °C
  expect(under.dliMol / open.dliMol).toBeCloseTo(0.85 * 0.83 * 0.85, 6);
  expect(nightGainC(covers)).toBeCloseTo(5.5, 6);
});

test("row covers are off in summer; a house stays on and is vented", () => {
  const summer = dayNumber("2026-07-20");
  expect(cropDay(climate, ["row-cover-heavy"], summer)).toEqual(cropDay(climate, [], summer));
  const house = cropDay(climate, ["greenhouse-single"], summer);
  expect(house.maxTempC).toBeCloseTo(climate.maxTempC(summer), 6);
  expect(house.dliMol).toBeLessThan(climate.dliMol(summer));
});

test("a stack is named from the outside in", () => {
  expect(coverWords([])).toBe("uncovered");
  expect(coverWords(["greenhouse-single", "row-cover-light"])).toBe("greenhouse + light cover");
  expect(whereWords(["greenhouse-single", "row-cover-light"])).toBe(
    "in the greenhouse under light row cover",
  );
});

test("a skyline takes light under covers as in the open, and never adds any", () => {
  const anySkyline = fc
    .uniqueArray(
      fc.record({
        azimuthDeg: fc.integer({ min: 0, max: 359 }),
        elevationDeg: fc.integer({ min: 0, max: 60 }),
      }),
      { maxLength: 8, selector: ({ azimuthDeg }) => azimuthDeg },
    )
    .map((points) => [...points].sort((a, b) => a.azimuthDeg - b.azimuthDeg));
  fc.assert(
    fc.property(stacks, anySkyline, anyDay, (covers, horizon, day) => {
      const open = growingSpace(climate, covers, [], day, 40);
      const under = growingSpace(climate, covers, horizon, day, 40);
      expect(under.minTempC).toEqual(open.minTempC);
      under.dliMol.forEach((dliMol, index) => {
        expect(dliMol).toBeGreaterThanOrEqual(0);
        expect(dliMol).toBeLessThanOrEqual((open.dliMol[index] ?? 0) + 1e-9);
      });
    }),
    { numRuns: 40 },
  );
});

test("a skyline's share of light agrees with the sun followed day by day", () => {
  const horizon = [
    { azimuthDeg: 100, elevationDeg: 5 },
    { azimuthDeg: 180, elevationDeg: 30 },
    { azimuthDeg: 260, elevationDeg: 5 },
  ];
  const first = dayNumber("2026-09-01");
  const space = growingSpace(climate, [], horizon, first, 120);
  for (const offset of [0, 13, 47, 101, 119]) {
    const day = first + offset;
    const { beamShare } = directSun(climate.latitudeDeg, day, horizon);
    const share = lightShareOf(horizon, climate.clearness(day), beamShare);
    expect(Math.abs((space.dliMol[offset] ?? NaN) / climate.dliMol(day) - share)).toBeLessThan(
      0.03,
    );
  }
});
