import { Body, Observer, SearchRiseSet } from "astronomy-engine";
import fc from "fast-check";
import { dayNumber, isoDate, seasonOf } from "../calendar";
import {
  dailyLightIntegralMol,
  dayLengthHours,
  dayLengthOnDay,
  extraterrestrialRadiationMJ,
  globalRadiationMJ,
  shortDays,
  sunDay,
} from "./index";

const MS_PER_DAY = 86_400_000;

/** Sunrise and sunset around a date's solar noon from an independent ephemeris, hours from 00 UTC. */
function ephemeris(latitudeDeg: number, longitudeDeg: number, day: number) {
  const observer = new Observer(latitudeDeg, longitudeDeg, 0);
  const noon = new Date((day + 0.5 - longitudeDeg / 360) * MS_PER_DAY);
  const rise = SearchRiseSet(Body.Sun, observer, +1, noon, -1);
  const set = SearchRiseSet(Body.Sun, observer, -1, noon, 1);
  if (!rise || !set) throw new Error("no sunrise in reach");
  const hours = (date: Date) => (date.getTime() / MS_PER_DAY - day) * 24;
  return { sunriseUtcH: hours(rise.date), sunsetUtcH: hours(set.date) };
}

test("sunrise, sunset and day length are within a minute of a full ephemeris to 65°, 1950 to 2100", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: dayNumber("1950-01-01"), max: dayNumber("2100-12-31") }),
      fc.double({ min: -65, max: 65, noNaN: true }),
      fc.double({ min: -180, max: 180, noNaN: true }),
      (day, latitudeDeg, longitudeDeg) => {
        const reference = ephemeris(latitudeDeg, longitudeDeg, day);
        const ours = sunDay(latitudeDeg, longitudeDeg, day);
        const dayLengthH = reference.sunsetUtcH - reference.sunriseUtcH;
        expect(Math.abs(ours.dayLengthH - dayLengthH) * 60).toBeLessThan(1);
        expect(Math.abs((ours.sunriseUtcH ?? NaN) - reference.sunriseUtcH) * 60).toBeLessThan(1);
      },
    ),
    { numRuns: 400 },
  );
});

test("polar day and night are values, not errors", () => {
  expect(sunDay(78, 15, dayNumber("2026-06-21"))).toEqual({
    dayLengthH: 24,
    sunriseUtcH: null,
    sunsetUtcH: null,
  });
  expect(dayLengthHours(78, "2026-12-21")).toBe(0);
  expect(dayLengthHours(-78, "2026-12-21")).toBe(24);
});

test("short days at 47.1° N run from early November to early February, and mirror in the south", () => {
  const day = dayNumber("2026-09-24");
  const north = shortDays(47.1, seasonOf(47.1, day), 10);
  if (!north) throw new Error("expected short days at 47° N");
  expect([isoDate(north.fromDay), isoDate(north.toDay)]).toEqual(["2026-11-02", "2027-02-09"]);
  const lengthH = (reference: ReturnType<typeof ephemeris>) =>
    reference.sunsetUtcH - reference.sunriseUtcH;
  expect(lengthH(ephemeris(47.1, 0, north.fromDay))).toBeLessThan(10);
  expect(lengthH(ephemeris(47.1, 0, north.fromDay - 1))).toBeGreaterThan(10);
  expect(lengthH(ephemeris(47.1, 0, north.toDay))).toBeLessThan(10);
  expect(lengthH(ephemeris(47.1, 0, north.toDay + 1))).toBeGreaterThan(10);
  const south = shortDays(-47.1, seasonOf(-47.1, day), 10);
  const southStarts = isoDate(south?.fromDay ?? 0).slice(5);
  expect(southStarts >= "04-28" && southStarts <= "05-05").toBe(true);
  expect(shortDays(5, seasonOf(5, day), 10)).toBeNull();
});

test("the year's light is shared evenly: opposite latitudes add up to the same day", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 365 }),
      fc.double({ min: 0, max: 60, noNaN: true }),
      (offset, latitudeDeg) => {
        const day = dayNumber("2026-01-01") + offset;
        const both = dayLengthOnDay(latitudeDeg, day) + dayLengthOnDay(-latitudeDeg, day);
        // A little over 24 h: refraction and the sun's disc lengthen both days.
        expect(both).toBeGreaterThan(24);
        expect(both).toBeLessThan(25);
      },
    ),
  );
});

test("radiation agrees with the worked examples of FAO-56", () => {
  // Example 8: 20° S, 3 September: 32.2 MJ/m²/d. Example 15 (Lyon, July) uses Ra 40.55 at 45.72° N.
  expect(extraterrestrialRadiationMJ(-20, dayNumber("2026-09-03"))).toBeCloseTo(32.2, 1);
  expect(extraterrestrialRadiationMJ(45.72, dayNumber("2026-07-15"))).toBeCloseTo(40.55, 0);
  // Example 15: Tmax 26.6, Tmin 14.8, kRs 0.16 gives 22.3.
  expect(globalRadiationMJ(40.6, 14.8, 26.6, 0.16)).toBeCloseTo(22.3, 1);
  expect(dailyLightIntegralMol(10)).toBeCloseTo(20.4, 5);
});

test("Ra is zero in polar night and never negative", () => {
  fc.assert(
    fc.property(
      fc.double({ min: -90, max: 90, noNaN: true }),
      fc.integer({ min: 0, max: 365 }),
      (latitudeDeg, offset) => {
        const ra = extraterrestrialRadiationMJ(latitudeDeg, dayNumber("2026-01-01") + offset);
        expect(ra).toBeGreaterThanOrEqual(-1e-9);
        expect(ra).toBeLessThan(50);
      },
    ),
  );
});
