import fc from "fast-check";
import { dayNumber, isoDate, seasonOf } from "../calendar";
import {
  ClimateSketchSchema,
  climateFromSketch,
  firstFrostDay,
  frostChances,
  lastFrostDay,
} from "./index";
import { climateFromFit, climateFromRecord, fitClimate } from "./climate";
import { generateTemperatures } from "./generator";
import { normalQuantile, normalShareBelow } from "./normal";
import type { ClimateSketch } from "./sketch";
import { english, inEnglish, englishMessage } from "@/words/told.testdata";

const INLAND: ClimateSketch = {
  coldestMonth: { lowC: -6.5, highC: 2 },
  warmestMonth: { lowC: 13, highC: 26 },
  frost: { kind: "dates", medianFirst: "10-08", medianLast: "05-06" },
  wetDaysPerYear: null,
};
const season = seasonOf(47.1, dayNumber("2026-09-24"));

test("the normal distribution agrees with published quantiles", () => {
  expect(normalShareBelow(0)).toBeCloseTo(0.5, 6);
  expect(normalShareBelow(1.959964)).toBeCloseTo(0.975, 6);
  expect(normalShareBelow(-1.281552)).toBeCloseTo(0.1, 6);
  expect(normalQuantile(0.1)).toBeCloseTo(-1.281552, 4);
  expect(normalQuantile(0.975)).toBeCloseTo(1.959964, 4);
  fc.assert(
    fc.property(fc.double({ min: 0.0005, max: 0.9995, noNaN: true }), (share) => {
      expect(normalShareBelow(normalQuantile(share))).toBeCloseTo(share, 5);
    }),
  );
});

test("a sketch gives back the numbers that were typed", () => {
  const climate = climateFromSketch(47.1, INLAND);
  const monthsMean = (of: (day: number) => number) => {
    const means = Array.from({ length: 330 }, (_, start) => {
      const days = Array.from({ length: 30 }, (_, index) => of(season.startDay + start + index));
      return days.reduce((sum, value) => sum + value, 0) / days.length;
    });
    return { coldest: Math.min(...means), warmest: Math.max(...means) };
  };
  expect(monthsMean(climate.minTempC).coldest).toBeCloseTo(-6.5, 1);
  expect(monthsMean(climate.maxTempC).warmest).toBeCloseTo(26, 1);
  expect(inEnglish(climate.notes)).toEqual([expect.stringMatching(/Wet days are not given/)]);
  const first = firstFrostDay(climate, season, 0, 0.5) ?? 0;
  const last = lastFrostDay(climate, season, 0, 0.5) ?? 0;
  expect(Math.abs(first - dayNumber("2026-10-08"))).toBeLessThanOrEqual(1);
  expect(Math.abs(last - dayNumber("2027-05-06"))).toBeLessThanOrEqual(2);
});

test("the same climate south of the equator has its seasons half a year apart", () => {
  const south = climateFromSketch(-47.1, {
    ...INLAND,
    frost: { kind: "dates", medianFirst: "04-08", medianLast: "11-05" },
    wetDaysPerYear: null,
  });
  const winter = seasonOf(-47.1, dayNumber("2026-07-01"));
  expect(south.minTempC(dayNumber("2026-07-24"))).toBeLessThan(-6);
  expect(south.maxTempC(dayNumber("2026-01-22"))).toBeGreaterThan(25.5);
  const first = firstFrostDay(south, winter, 0, 0.5) ?? 0;
  expect(Math.abs(first - dayNumber("2026-04-08"))).toBeLessThanOrEqual(1);
  expect(south.dliMol(dayNumber("2026-01-01"))).toBeGreaterThan(
    south.dliMol(dayNumber("2026-07-01")),
  );
});

test("odds only grow with the date, and colder frost comes later", () => {
  const climate = climateFromSketch(47.1, INLAND);
  fc.assert(
    fc.property(
      fc.double({ min: 0.02, max: 0.98, noNaN: true }),
      fc.double({ min: 0.02, max: 0.98, noNaN: true }),
      fc.double({ min: -12, max: 3, noNaN: true }),
      (a, b, thresholdC) => {
        const [less, more] = a < b ? [a, b] : [b, a];
        const early = firstFrostDay(climate, season, thresholdC, less) ?? Infinity;
        expect(early).toBeLessThanOrEqual(
          firstFrostDay(climate, season, thresholdC, more) ?? Infinity,
        );
        expect(early).toBeLessThanOrEqual(
          firstFrostDay(climate, season, thresholdC - 1, less) ?? Infinity,
        );
      },
    ),
  );
  const chances = frostChances(climate, season, -2.2);
  expect(
    chances.comeBy.every(
      (chance, index) => index === 0 || chance >= (chances.comeBy[index - 1] ?? 0),
    ),
  ).toBe(true);
  expect(chances.stillToCome.at(-1)).toBe(0);
});

test("where frost seldom comes, its odds say so instead of a date", () => {
  const climate = climateFromSketch(28, {
    coldestMonth: { lowC: 11, highC: 20 },
    warmestMonth: { lowC: 22, highC: 32 },
    frost: { kind: "rare" },
    wetDaysPerYear: null,
  });
  const winter = seasonOf(28, dayNumber("2026-12-01"));
  expect(firstFrostDay(climate, winter, 0, 0.5)).toBeNull();
  // Cold lows are kept to what was said of frost where they can be, and contradicted where not.
  const chilly = (lowC: number) =>
    climateFromSketch(28, {
      coldestMonth: { lowC, highC: 16 },
      warmestMonth: { lowC: 20, highC: 30 },
      frost: { kind: "rare" },
      wetDaysPerYear: null,
    });
  expect(firstFrostDay(chilly(6), winter, 0, 0.5)).toBeNull();
  expect(chilly(-3).notes.map(english).join(" ")).toMatch(/frost comes most winters/);
  expect(lastFrostDay(climate, winter, 0, 0.5)).toBeNull();
  expect(climate.notes.length).toBeGreaterThan(0);
});

test("frost in any month gives odds in July", () => {
  const climate = climateFromSketch(47, {
    coldestMonth: { lowC: -14, highC: -4 },
    warmestMonth: { lowC: 3, highC: 14 },
    frost: { kind: "everyMonth" },
    wetDaysPerYear: null,
  });
  expect(isoDate(firstFrostDay(climate, season, 0, 0.5) ?? 0) < "2026-08-01").toBe(true);
});

test("frost dates that temperatures cannot explain are kept to, and said", () => {
  const warm = climateFromSketch(47, {
    coldestMonth: { lowC: 10, highC: 18 },
    warmestMonth: { lowC: 20, highC: 30 },
    frost: { kind: "dates", medianFirst: "09-01", medianLast: "06-01" },
    wetDaysPerYear: null,
  });
  expect(warm.notes.map(english).join(" ")).toMatch(/earlier than these temperatures/);
});

test.each([
  [{ ...INLAND, coldestMonth: { lowC: 5, highC: 2 } }, "coldestMonth.lowC", /swapped/],
  [{ ...INLAND, warmestMonth: { lowC: -10, highC: 26 } }, "warmestMonth.lowC", /swapped/],
  [{ ...INLAND, warmestMonth: { lowC: 13, highC: 80 } }, "warmestMonth.highC", /50 °C/],
  [
    { ...INLAND, frost: { kind: "dates", medianFirst: "10-40", medianLast: "05-06" } },
    "frost.medianFirst",
    /does not exist/,
  ],
])("a sketch that cannot be is refused at its field (%#)", (sketch, path, message) => {
  const issue = ClimateSketchSchema.safeParse(sketch).error?.issues[0];
  expect(issue?.path.join(".")).toBe(path);
  expect(englishMessage(issue?.message)).toMatch(message);
});

test("a night's chances are chances: none certain, colder ones rarer, and milder nights safer", () => {
  const record = climateFromRecord(
    47.1,
    generateTemperatures(climateFromSketch(47.1, INLAND).model, 0, 20 * 365, 4),
  );
  fc.assert(
    fc.property(
      fc.constantFrom(climateFromSketch(47.1, INLAND), record),
      fc.integer({ min: season.startDay, max: season.endDay }),
      fc.double({ min: -25, max: 10, noNaN: true }),
      fc.double({ min: 0, max: 5, noNaN: true }),
      (climate, day, thresholdC, colder) => {
        const stays = climate.logChanceNightStaysAbove(day, thresholdC);
        expect(stays).toBeLessThanOrEqual(0);
        expect(Number.isFinite(stays)).toBe(true);
        expect(climate.logChanceNightStaysAbove(day, thresholdC - colder)).toBeGreaterThanOrEqual(
          stays - 1e-12,
        );
        expect(climate.minTempC(day)).toBeLessThan(climate.maxTempC(day));
        expect(climate.clearness(day)).toBeGreaterThan(0);
        expect(climate.clearness(day)).toBeLessThanOrEqual(0.75);
      },
    ),
  );
});

test("a record's reckoned cold nights come, at the median, as its frosts came", () => {
  const made = generateTemperatures(climateFromSketch(47.1, INLAND).model, 0, 40 * 365, 9);
  const climate = climateFromRecord(47.1, made);
  const winter = seasonOf(47.1, dayNumber("2026-09-24"));
  for (const thresholdC of [0, -2.2, -4.4]) {
    const recorded = firstFrostDay(climate, winter, thresholdC, 0.5) ?? NaN;
    let logStays = 0;
    let reckoned = winter.startDay;
    while (logStays > Math.log(0.5)) {
      logStays += climate.logChanceNightStaysAbove(reckoned, thresholdC);
      reckoned += 1;
    }
    expect(Math.abs(reckoned - recorded)).toBeLessThanOrEqual(4);
  }
});

test("a record that is fitted is read once, and only when its frosts or notes are asked for", () => {
  const made = generateTemperatures(climateFromSketch(47.1, INLAND).model, 0, 20 * 365, 3);
  let read = 0;
  const climate = climateFromFit(-47.1, () => (read++, made), fitClimate(made, -47.1));
  const whole = climateFromRecord(-47.1, made);
  const day = dayNumber("2026-10-20");
  expect(climate.minTempC(day)).toBe(whole.minTempC(day));
  expect(climate.logChanceNightStaysAbove(day, 0)).toBe(whole.logChanceNightStaysAbove(day, 0));
  expect(read).toBe(0);
  expect(climate.notes).toEqual(whole.notes);
  // Winters of the other half of the year: it says so.
  expect(climate.notes.map(english).join(" ")).toMatch(/equator/);
  expect(climate.frosts?.seasons).toEqual(whole.frosts?.seasons);
  expect(climate.notes).toBe(climate.notes);
  expect(read).toBe(1);
});
