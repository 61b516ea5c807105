import fc from "fast-check";
import { dayNumber, seasonOf } from "../calendar";
import type { DailyRecord } from "./dailyRecord";
import { empiricalOdds } from "./empiricalOdds";
import {
  dayAtPlace,
  dayOfSeason,
  frostRecord,
  looksSouthern,
  monthDayOfPlace,
} from "./frostRecord";

const NORTH = 47;

/** A record of mild nights from `from` to `to`, but for the ones given. */
function nights(from: string, to: string, cold: Record<string, number>, mildC = 5): DailyRecord {
  const firstDay = dayNumber(from);
  const days = dayNumber(to) - firstDay + 1;
  const minTempC = new Float32Array(days).fill(mildC);
  for (const [date, lowC] of Object.entries(cold)) minTempC[dayNumber(date) - firstDay] = lowC;
  return {
    firstDay,
    minTempC,
    maxTempC: minTempC.map((low) => low + 8),
    precipitationMm: new Float32Array(days),
  };
}

/** Nineteen seasons whose first frost falls a day later each year, and the last a day earlier. */
const NINETEEN = nights(
  "2000-06-21",
  "2019-06-20",
  Object.fromEntries(
    Array.from({ length: 19 }, (_, index) => [
      [`${2000 + index}-10-${String(index + 1).padStart(2, "0")}`, -1],
      [`${2001 + index}-04-${String(30 - index).padStart(2, "0")}`, -0.1],
    ]).flat(),
  ),
);

test("nineteen seasons give the odds that a hand works out: the i-th of n at i / (n + 1)", () => {
  const frosts = frostRecord(NINETEEN, NORTH);
  expect(frosts.seasons).toHaveLength(19);
  expect(frosts.seasons[0]).toBe("2000–01");
  expect(frosts.dropped).toEqual([]);
  const first = frosts.first(0);
  const date = (place: number | null) => (place === null ? null : monthDayOfPlace(NORTH, place));
  // 10 % of 20 is the 2nd date, 20 % the 4th, 50 % the 10th, 80 % the 16th, 90 % the 18th.
  expect([0.1, 0.2, 0.5, 0.8, 0.9].map((share) => date(first.dayAt(share)))).toEqual([
    "10-02",
    "10-04",
    "10-10",
    "10-16",
    "10-18",
  ]);
  const last = frosts.last(0);
  // The earliest last frost is 12 April, the latest 30 April.
  expect([0.1, 0.5, 0.9].map((share) => date(last.dayAfterWhichNone(share)))).toEqual([
    "04-13",
    "04-21",
    "04-29",
  ]);
  // At −1 °C spring is free of it, and autumn is as before; colder never comes.
  expect(date(frosts.first(-1).dayAt(0.5))).toBe("10-10");
  expect(frosts.first(-1.1).dayAt(0.1)).toBeNull();
});

test("halfway between two dates the odds lie halfway between theirs", () => {
  const odds = empiricalOdds([10, 20, 40], 3);
  expect(odds.dayAt(0.25)).toBe(10);
  expect(odds.dayAt(0.375)).toBe(15);
  expect(odds.dayAt(0.5)).toBe(20);
  expect(odds.chanceBy(30)).toBeCloseTo(0.625, 12);
});

test("seasons without frost stay in the denominator, and what is never so likely has no date", () => {
  const odds = empiricalOdds([100, 110], 9);
  expect(odds.dayAt(0.1)).toBe(100);
  expect(odds.dayAt(0.2)).toBe(110);
  expect(odds.dayAt(0.3)).toBeNull();
  expect(odds.chanceBy(300)).toBeCloseTo(0.2, 12);
  const none = empiricalOdds([], 12);
  expect(none.dayAt(0.05)).toBeNull();
  expect(none.chanceBy(364)).toBe(0);
});

test("few seasons widen the odds instead of ending them", () => {
  const odds = empiricalOdds([100, 110, 120], 3);
  const earliest = odds.dayAt(0.1) ?? Infinity;
  const latest = odds.dayAt(0.9) ?? -Infinity;
  expect(earliest).toBeLessThan(100);
  expect(latest).toBeGreaterThan(120);
  expect(odds.chanceBy(earliest)).toBeCloseTo(0.1, 4);
});

test("odds rise with the date, colder frost comes later, and date and chance undo each other", () => {
  const anyDays = fc.array(fc.integer({ min: 60, max: 300 }), { minLength: 1, maxLength: 40 });
  const share = fc.double({ min: 0.01, max: 0.99, noNaN: true });
  fc.assert(
    fc.property(anyDays, fc.nat(10), share, share, (days, without, a, b) => {
      const odds = empiricalOdds(days, days.length + without);
      const [less, more] = a < b ? [a, b] : [b, a];
      const [early, late] = [odds.dayAt(less) ?? Infinity, odds.dayAt(more) ?? Infinity];
      expect(early).toBeLessThanOrEqual(late + 1e-9);
      if (early < Infinity) expect(odds.chanceBy(early)).toBeGreaterThanOrEqual(less - 1e-4);
    }),
  );
  fc.assert(
    fc.property(
      fc.array(fc.float({ min: -15, max: 8, noNaN: true }), { minLength: 800, maxLength: 1500 }),
      fc.double({ min: -8, max: 2, noNaN: true }),
      fc.constantFrom(0.1, 0.2, 0.5, 0.8, 0.9),
      (lows, thresholdC, chance) => {
        const minTempC = Float32Array.from(lows);
        const firstDay = dayNumber("2001-06-21");
        const record = { firstDay, minTempC, maxTempC: minTempC, precipitationMm: minTempC };
        const frosts = frostRecord(record, NORTH);
        const at = (colderC: number) =>
          frosts.first(thresholdC - colderC).dayAt(chance) ?? Infinity;
        expect(at(0)).toBeLessThanOrEqual(at(1));
      },
    ),
    { numRuns: 40 },
  );
});

test("incomplete seasons are dropped and named; a lone gap is not held against a season", () => {
  const record = nights("2000-01-01", "2004-12-31", { "2001-10-05": -3, "2002-09-30": -3 });
  const gap = (from: string, days: number) => {
    for (let day = dayNumber(from); day < dayNumber(from) + days; day += 1) {
      record.minTempC[day - record.firstDay] = NaN;
    }
  };
  gap("2001-12-01", 20);
  gap("2003-01-01", 60);
  const frosts = frostRecord(record, NORTH);
  expect(frosts.seasons).toEqual(["2000–01", "2001–02", "2003–04"]);
  expect(frosts.dropped).toEqual(["1999–00", "2002–03", "2004–05"]);
  expect(frosts.first(0).seasons).toBe(3);
});

test("one calendar year holds no whole season; a record that only freezes starts with frost", () => {
  expect(frostRecord(nights("2005-01-01", "2005-12-31", {}), NORTH).seasons).toEqual([]);
  const frozen = frostRecord(nights("2000-06-21", "2012-06-20", {}, -9), NORTH);
  expect(frozen.first(0).dayAt(0.5)).toBe(0);
  expect(monthDayOfPlace(NORTH, frozen.last(0).dayAfterWhichNone(0.5) ?? 0)).toBe("06-20");
});

test("29 February shifts nothing: a date has its place in every season", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: dayNumber("1990-01-01"), max: dayNumber("2060-12-31") }),
      fc.constantFrom(47, -35),
      (day, latitudeDeg) => {
        const season = seasonOf(latitudeDeg, day);
        const place = dayOfSeason(season, day);
        const back = dayAtPlace(season, place);
        // 29 February shares its place with the 28th.
        expect(day - back === 0 || day - back === 1).toBe(true);
      },
    ),
  );
  const leap = seasonOf(47, dayNumber("2024-01-01"));
  const common = seasonOf(47, dayNumber("2023-01-01"));
  expect(dayOfSeason(leap, dayNumber("2024-05-05"))).toBe(
    dayOfSeason(common, dayNumber("2023-05-05")),
  );
});

test("a southern record is told by its warm January", () => {
  const byMonth = (warmMonths: string[]) => {
    const record = nights("2001-01-01", "2003-12-31", {});
    for (let index = 0; index < record.minTempC.length; index += 1) {
      const month = new Date((record.firstDay + index) * 86_400_000).toISOString().slice(5, 7);
      record.minTempC[index] = warmMonths.includes(month) ? 15 : 2;
    }
    return record;
  };
  expect(looksSouthern(byMonth(["12", "01", "02"]))).toBe(true);
  expect(looksSouthern(byMonth(["06", "07", "08"]))).toBe(false);
});
