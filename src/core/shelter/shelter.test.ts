import fc from "fast-check";
import { dayNumber } from "../calendar";
import { climateFromSketch } from "../climate";
import { coverWords, materials, whereWords } from "./index";
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
  expect(under.dliMol / open.dliMol).toBeCloseTo(0.85 * 0.85, 6);
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
  expect(coverWords([])).toBe("in the open");
  expect(coverWords(["greenhouse-single", "row-cover-light"])).toBe("greenhouse + light cover");
  expect(whereWords(["greenhouse-single", "row-cover-light"])).toBe(
    "in the greenhouse under light row cover",
  );
});
