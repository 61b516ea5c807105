import fc from "fast-check";
import { dayNumber, dayOfYear } from "../calendar";
import { climateFromSketch } from "./climate";
import { generateTemperatures } from "./generator";
import { curveOf, daysOfYear, harmonicFit, onDay } from "./seasonalCurve";
import {
  fitWeatherModel,
  nightCourse,
  residualsFrom,
  USUAL_RESIDUALS,
  wetShareOn,
  type WeatherModel,
} from "./weatherModel";

const YEAR = 365.25;

test("a wave that is there is found again, from few days as from many", () => {
  const wave = (day: number) =>
    4 + 9 * Math.cos((2 * Math.PI * (day - 200)) / YEAR) + Math.sin((4 * Math.PI * day) / YEAR);
  for (const every of [1, 20]) {
    const fit = harmonicFit(2);
    for (let day = 1; day <= 365; day += every) fit.add(day, wave(day));
    const curve = fit.curve(0);
    for (const day of [1, 100, 200, 300, 366]) {
      expect(curve[day - 1]).toBeCloseTo(wave(day), 3);
    }
  }
  expect(harmonicFit(3).curve(7)[100]).toBe(7);
});

test("the mean of a fitted course is the mean of its days, whatever they are", () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: -30, max: 30, noNaN: true }), { minLength: 366, maxLength: 366 }),
      fc.integer({ min: 1, max: 3 }),
      (values, harmonics) => {
        const fit = harmonicFit(harmonics);
        values.forEach((value, index) => fit.add(index + 1, value));
        const mean = (of: ArrayLike<number>) =>
          Array.from(of).reduce((sum, value) => sum + value, 0) / of.length;
        expect(mean(fit.curve(0))).toBeCloseTo(mean(values), 3);
      },
    ),
    { numRuns: 50 },
  );
});

test("days of the year run on through leap years as the calendar has them", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: dayNumber("1899-01-01"), max: dayNumber("2101-01-01") }),
      fc.integer({ min: 1, max: 1500 }),
      (firstDay, days) => {
        const numbers = daysOfYear(firstDay, days);
        for (const index of [0, days >> 1, days - 1]) {
          expect(numbers[index]).toBe(dayOfYear(firstDay + index));
        }
      },
    ),
  );
});

test("generated departures are correlated as the process was asked to be", () => {
  // Flat weather of mean 0 and spread 1: what is generated is the departures themselves.
  const flat = (value: number) => curveOf(() => value);
  const kind = { maxMeanC: flat(50), maxSdC: flat(1), minMeanC: flat(0), minSdC: flat(1) };
  const model: WeatherModel = {
    wetAfterDry: flat(0),
    wetAfterWet: flat(0),
    dry: kind,
    wet: kind,
    residuals: residualsFrom(0.4, [0.6, 0.2, 0.3, 0.7]),
    seasonShare: 0,
    wetDayMm: flat(5),
    windMps: 2,
  };
  const days = 60_000;
  const { minTempC, maxTempC } = generateTemperatures(model, 0, days, 3);
  const high = maxTempC.map((value) => value - 50);
  const correlation = (a: Float32Array, b: Float32Array, lag: number) => {
    let sum = 0;
    for (let index = lag; index < days; index += 1) sum += (a[index] ?? 0) * (b[index - lag] ?? 0);
    return sum / (days - lag);
  };
  expect(correlation(high, high, 0)).toBeCloseTo(1, 1);
  expect(correlation(minTempC, minTempC, 0)).toBeCloseTo(1, 1);
  expect(Math.abs(correlation(high, minTempC, 0) - 0.4)).toBeLessThan(0.04);
  expect(Math.abs(correlation(high, high, 1) - 0.6)).toBeLessThan(0.04);
  expect(Math.abs(correlation(minTempC, minTempC, 1) - 0.7)).toBeLessThan(0.04);
  expect(Math.abs(correlation(minTempC, high, 1) - 0.3)).toBeLessThan(0.04);
});

test("some seasons differ beyond what day-to-day weather adds up to, and a record tells by how much", () => {
  const { model } = climateFromSketch(47.1, {
    coldestMonth: { lowC: -7, highC: 1.5 },
    warmestMonth: { lowC: 13, highC: 26 },
    frost: { kind: "dates", medianFirst: "10-08", medianLast: "05-06" },
    wetDaysPerYear: 150,
  });
  const years = 60;
  const made = (seasonShare: number, seed = 21) =>
    generateTemperatures({ ...model, seasonShare }, 0, years * 365, seed);
  /** How far the means of January's lows stray from year to year, °C. */
  const januarySdC = (record: ReturnType<typeof made>) => {
    const means = Array.from({ length: years }, (_, year) => {
      const month = record.minTempC.subarray(year * 365, year * 365 + 31);
      return month.reduce((sum, value) => sum + value, 0) / month.length;
    });
    const mean = means.reduce((sum, value) => sum + value, 0) / years;
    return Math.sqrt(means.reduce((sum, value) => sum + (value - mean) ** 2, 0) / years);
  };
  expect(januarySdC(made(0.2))).toBeGreaterThan(1.2 * januarySdC(made(0)));
  for (const share of [0, 0.1, 0.2]) {
    // Sixty years tell it to about five hundredths; the mean of three records to less.
    const found = [1, 2, 21].map((seed) => fitWeatherModel(made(share, seed)).seasonShare);
    expect(Math.abs(found.reduce((sum, one) => sum + one, 0) / 3 - share)).toBeLessThan(0.03);
  }
});

test("a record's rain, spread and correlations are found again in the model fitted to it", () => {
  const { model } = climateFromSketch(47.1, {
    coldestMonth: { lowC: -7, highC: 1.5 },
    warmestMonth: { lowC: 13, highC: 26 },
    frost: { kind: "dates", medianFirst: "10-08", medianLast: "05-06" },
    wetDaysPerYear: 150,
  });
  const fitted = fitWeatherModel(generateTemperatures(model, 0, 60 * 365, 21));
  for (const day of [20, 110, 200, 290]) {
    expect(Math.abs(wetShareOn(fitted, day) - wetShareOn(model, day))).toBeLessThan(0.04);
    const [was, is] = [nightCourse(model), nightCourse(fitted)];
    expect(Math.abs((is.mean[day] ?? NaN) - (was.mean[day] ?? NaN))).toBeLessThan(0.6);
    expect(Math.abs((is.sd[day] ?? NaN) / (was.sd[day] ?? NaN) - 1)).toBeLessThan(0.12);
    // Wet days are cooler by day and milder by night, as they were made.
    expect(fitted.wet.maxMeanC[day]).toBeLessThan(fitted.dry.maxMeanC[day] ?? -Infinity);
    expect(fitted.wet.minMeanC[day]).toBeGreaterThan(fitted.dry.minMeanC[day] ?? Infinity);
  }
  fitted.residuals.carry.forEach((value, index) => {
    expect(Math.abs(value - (USUAL_RESIDUALS.carry[index] ?? NaN))).toBeLessThan(0.06);
  });
});

test("the usual night over wet and dry days is their mean by share, and spreads by both", () => {
  const flat = (value: number) => curveOf(() => value);
  const kind = (minC: number, sdC: number) => ({
    maxMeanC: flat(20),
    maxSdC: flat(1),
    minMeanC: flat(minC),
    minSdC: flat(sdC),
  });
  const model: WeatherModel = {
    // A quarter of the days is wet: 0.2 / (1 − 0.4 + 0.2).
    wetAfterDry: flat(0.2),
    wetAfterWet: flat(0.4),
    dry: kind(2, 3),
    wet: kind(6, 1),
    residuals: USUAL_RESIDUALS,
    seasonShare: 0,
    wetDayMm: flat(5),
    windMps: 2,
  };
  const night = nightCourse(model);
  expect(onDay(night.mean, dayNumber("2026-10-01"))).toBeCloseTo(3, 9);
  // By hand: 0.25 × 1 + 0.75 × 9 + 0.25 × 0.75 × 4².
  expect(onDay(night.sd, dayNumber("2026-10-01"))).toBeCloseTo(Math.sqrt(10), 9);
});
