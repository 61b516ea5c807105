import fc from "fast-check";
import {
  IsoDateSchema,
  addDays,
  civilDate,
  dayNumber,
  dayNumberOf,
  dayOfWeek,
  dayOfYear,
  isIsoDate,
  isoDate,
  monthDayIn,
  seasonOf,
} from "./index";
import { englishMessage } from "@/words/told.testdata";

const anyDay = fc.integer({ min: dayNumber("1801-01-01"), max: dayNumber("2199-12-31") });

test("day numbers agree with JavaScript's own calendar and turn back into the same date", () => {
  fc.assert(
    fc.property(anyDay, (day) => {
      const reference = new Date(day * 86_400_000);
      expect(isoDate(day)).toBe(reference.toISOString().slice(0, 10));
      expect(dayNumber(isoDate(day))).toBe(day);
      expect(dayOfWeek(day)).toBe((reference.getUTCDay() + 6) % 7);
    }),
  );
});

test("dates that do not exist are refused in plain words", () => {
  expect(isIsoDate("2026-02-29")).toBe(false);
  expect(isIsoDate("2028-02-29")).toBe(true);
  expect(isIsoDate("24.9.2026")).toBe(false);
  const refused = IsoDateSchema.safeParse("2026-02-30");
  expect(englishMessage(refused.error?.issues[0]?.message)).toMatch(/does not exist/);
});

test("leap days are counted and mapped", () => {
  expect(addDays("2028-02-28", 1)).toBe("2028-02-29");
  expect(dayOfYear(dayNumber("2028-12-31"))).toBe(366);
  expect(isoDate(monthDayIn(2027, "02-29"))).toBe("2027-02-28");
});

test("every day lies in exactly one season, and a winter is never cut in two", () => {
  fc.assert(
    fc.property(anyDay, fc.double({ min: -65, max: 65, noNaN: true }), (day, latitudeDeg) => {
      const season = seasonOf(latitudeDeg, day);
      expect(season.startDay).toBeLessThanOrEqual(day);
      expect(season.endDay).toBeGreaterThanOrEqual(day);
      expect(seasonOf(latitudeDeg, season.endDay + 1).startDay).toBe(season.endDay + 1);
      expect(season.midwinterDay - season.startDay).toBeGreaterThan(180);
    }),
  );
  expect(isoDate(seasonOf(-43, dayNumber("2026-09-24")).startDay)).toBe("2025-12-21");
});

test("the day of the year is counted from 1 January, leap years and centuries too", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: dayNumber("1800-01-01"), max: dayNumber("2200-12-31") }),
      (day) => {
        const { year } = civilDate(day);
        expect(dayOfYear(day)).toBe(day - dayNumberOf(year, 1, 1) + 1);
      },
    ),
  );
  const known = ["2000-02-29", "2000-12-31", "1900-12-31", "2024-03-01", "2023-03-01"];
  expect(known.map((date) => dayOfYear(dayNumber(date)))).toEqual([60, 366, 365, 61, 60]);
});
