import { civilDate, dayNumber, dayNumberOf, seasonOf } from "../calendar";
import { climateFromRecord, climateFromSketch } from "./climate";
import type { DailyRecord } from "./dailyRecord";
import { firstFrostDay, lastFrostDay } from "./frostOdds";
import { frostRecord } from "./frostRecord";
import { generateTemperatures, generateWeather } from "./generator";
import { hourlyTemperaturesC } from "./hourly";
import {
  madeUpClimates,
  madeUpYears,
  simulatedOutlook,
  simulatedWeather,
} from "./madeUp/madeUpClimates";
import { MadeUpClimateSchema, type MadeUpClimate } from "./madeUp/madeUpSchema";
import { chanceAtOrBelow } from "./outlook/outlook";
import type { OutlookDay } from "./outlook/outlookSchema";
import { randomStream } from "./random";
import { fitWeatherModel } from "./weatherModel";
import { english } from "@/words/told.testdata";

const [tarnholt] = madeUpClimates;
if (!tarnholt) throw new Error("there are made-up climates");
/** As shipped in public/stations: the gate compares the files with this. */
const shipped = madeUpYears(tarnholt, 1996, 30);
const YEARS = 400;
const manyYears = dayNumberOf(1600 + YEARS, 1, 1) - dayNumberOf(1600, 1, 1);

function byMonth(record: DailyRecord, values: Float32Array) {
  const sums = Array.from({ length: 12 }, () => ({ n: 0, sum: 0, squares: 0 }));
  values.forEach((value, index) => {
    const month = sums[civilDate(record.firstDay + index).month - 1];
    if (!month) return;
    month.n += 1;
    month.sum += value;
    month.squares += value * value;
  });
  return sums.map(({ n, sum, squares }) => ({
    mean: sum / n,
    sd: Math.sqrt(squares / n - (sum / n) ** 2),
  }));
}

test("fitted to the shipped record, the generator gives back its months and its frosts", () => {
  const model = fitWeatherModel(shipped);
  const made = generateTemperatures(model, dayNumberOf(1600, 1, 1), manyYears, 11);
  for (const element of ["minTempC", "maxTempC"] as const) {
    const recorded = byMonth(shipped, shipped[element]);
    byMonth(made, made[element]).forEach(({ mean, sd }, index) => {
      expect(Math.abs(mean - (recorded[index]?.mean ?? NaN))).toBeLessThan(0.5);
      expect(Math.abs(sd / (recorded[index]?.sd ?? NaN) - 1)).toBeLessThan(0.15);
    });
  }
  const wetShare = (record: DailyRecord) =>
    record.precipitationMm.filter((mm) => mm >= 0.3).length / record.precipitationMm.length;
  expect(Math.abs(wetShare(made) - wetShare(shipped))).toBeLessThan(0.02);
  const [was, is] = [frostRecord(shipped, 47.1), frostRecord(made, 47.1)];
  for (const thresholdC of [0, -2.2, -4.4]) {
    for (const chance of [0.1, 0.2, 0.5, 0.8, 0.9]) {
      const first = [was, is].map((frosts) => frosts.first(thresholdC).dayAt(chance) ?? NaN);
      const last = [was, is].map(
        (frosts) => frosts.last(thresholdC).dayAfterWhichNone(chance) ?? NaN,
      );
      expect([thresholdC, chance, Math.abs((first[0] ?? NaN) - (first[1] ?? NaN)) <= 5]).toEqual([
        thresholdC,
        chance,
        true,
      ]);
      expect([thresholdC, chance, Math.abs((last[0] ?? NaN) - (last[1] ?? NaN)) <= 5]).toEqual([
        thresholdC,
        chance,
        true,
      ]);
    }
  }
});

test.each(madeUpClimates)(
  "$name: a record generated from the sketch gives back what was typed",
  ({ latitudeDeg, climate: sketch, ...rest }) => {
    expect(MadeUpClimateSchema.safeParse({ latitudeDeg, climate: sketch, ...rest }).success).toBe(
      true,
    );
    const climate = climateFromSketch(latitudeDeg, sketch);
    const made = generateTemperatures(climate.model, dayNumberOf(1600, 1, 1), manyYears, 5);
    const means = (values: Float32Array) => byMonth(made, values).map(({ mean }) => mean);
    const [lows, highs] = [means(made.minTempC), means(made.maxTempC)];
    expect(Math.abs(Math.min(...lows) - sketch.coldestMonth.lowC)).toBeLessThan(0.5);
    expect(Math.abs(Math.max(...lows) - sketch.warmestMonth.lowC)).toBeLessThan(0.5);
    expect(Math.abs(Math.min(...highs) - sketch.coldestMonth.highC)).toBeLessThan(0.5);
    expect(Math.abs(Math.max(...highs) - sketch.warmestMonth.highC)).toBeLessThan(0.5);
    const wet = made.precipitationMm.filter((mm) => mm > 0).length / YEARS;
    expect(Math.abs(wet - (sketch.wetDaysPerYear ?? NaN))).toBeLessThan(4);
    if (sketch.frost.kind === "dates") {
      const season = seasonOf(latitudeDeg, dayNumber("2026-09-24"));
      const frosts = frostRecord(made, latitudeDeg);
      const apart = (a: number | null, b: number | null) => Math.abs((a ?? NaN) - (b ?? NaN));
      const first = firstFrostDay(climate, season, 0, 0.5);
      const last = lastFrostDay(climate, season, 0, 0.5);
      const firstMade = frosts.first(0).dayAt(0.5) ?? NaN;
      const lastMade = frosts.last(0).dayAfterWhichNone(0.5) ?? NaN;
      expect(apart(first, season.startDay + firstMade)).toBeLessThanOrEqual(3);
      expect(apart(last, season.startDay + lastMade)).toBeLessThanOrEqual(5);
    }
  },
);

test("a climate from the record agrees with the sketch that it was generated from", () => {
  const fromRecord = climateFromRecord(47.1, shipped);
  const fromSketch = climateFromSketch(47.1, tarnholt.climate);
  for (const date of ["2026-07-15", "2026-10-15", "2027-01-15", "2027-04-15"]) {
    const day = dayNumber(date);
    expect(Math.abs(fromRecord.minTempC(day) - fromSketch.minTempC(day))).toBeLessThan(1);
    expect(Math.abs(fromRecord.maxTempC(day) - fromSketch.maxTempC(day))).toBeLessThan(1);
    expect(fromRecord.dliMol(day) / fromSketch.dliMol(day)).toBeCloseTo(1, 1);
  }
  expect(fromRecord.frosts?.seasons).toHaveLength(29);
});

test("a record without rain, with gaps or of one year still makes a climate, and says what it lacks", () => {
  const bare = { ...shipped, precipitationMm: new Float32Array(shipped.minTempC.length).fill(NaN) };
  expect(climateFromRecord(47.1, bare).minTempC(dayNumber("2027-01-15"))).toBeCloseTo(-7, -1);
  const year = {
    firstDay: shipped.firstDay,
    minTempC: shipped.minTempC.slice(0, 365),
    maxTempC: shipped.maxTempC.slice(0, 365),
    precipitationMm: shipped.precipitationMm.slice(0, 365),
  };
  const short = climateFromRecord(47.1, year);
  expect(short.notes.map(english).join(" ")).toMatch(/No season of this record is complete/);
  const season = seasonOf(47.1, dayNumber("2026-09-24"));
  expect(firstFrostDay(short, season, 0, 0.5)).not.toBeNull();
});

test("a record from the other side of the equator is noticed", () => {
  expect(climateFromRecord(47.1, shipped).notes.map(english).join(" ")).not.toMatch(/equator/);
  expect(climateFromRecord(-47.1, shipped).notes.map(english).join(" ")).toMatch(
    /warm in July, but the place lies south/,
  );
});

test("the same seed gives the same weather, another seed another; and nothing in it is absurd", () => {
  const { model } = climateFromSketch(47.1, tarnholt.climate);
  const one = generateWeather(model, 47.1, 0, 5000, 7);
  expect(generateWeather(model, 47.1, 0, 5000, 7)).toEqual(one);
  expect(generateWeather(model, 47.1, 0, 5000, 8).minTempC).not.toEqual(one.minTempC);
  one.minTempC.forEach((low, index) => expect(low).toBeLessThan(one.maxTempC[index] ?? -Infinity));
  expect(one.cloudShare.every((share) => share >= 0 && share <= 1)).toBe(true);
  const wind = one.windMps.reduce((sum, mps) => sum + mps, 0) / one.windMps.length;
  expect(wind).toBeCloseTo(model.windMps, 0);
  const wet = one.cloudShare.filter((_, index) => (one.precipitationMm[index] ?? 0) > 0);
  const dry = one.cloudShare.filter((_, index) => one.precipitationMm[index] === 0);
  const mean = (values: Float32Array) => values.reduce((sum, v) => sum + v, 0) / values.length;
  expect(mean(wet)).toBeGreaterThan(mean(dry));
});

test("random normals have the spread of normals", () => {
  const stream = randomStream(42);
  const values = Array.from({ length: 20_000 }, () => stream.normal());
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
  const variance = values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length;
  expect(Math.abs(mean)).toBeLessThan(0.03);
  expect(variance).toBeCloseTo(1, 1);
  const share = values.filter((value) => value < -1.281552).length / values.length;
  expect(share).toBeCloseTo(0.1, 1);
});

test("an hourly day runs from its low at sunrise to its high after noon, and on into the evening", () => {
  const day = dayNumber("2026-10-15");
  const hours = hourlyTemperaturesC(47, day, 2, 14, 4, { minTempC: 3, maxTempC: 12 });
  expect(Math.min(...hours.slice(4, 9))).toBeCloseTo(2, 0);
  expect(Math.max(...hours)).toBeCloseTo(14, 0);
  expect(hours.indexOf(Math.max(...hours))).toBe(14);
  const next = hourlyTemperaturesC(47, day + 1, 4, 10, 1, { minTempC: 2, maxTempC: 14 });
  // Midnight belongs to both: the night runs through without a step.
  expect(Math.abs((hours[23] ?? NaN) - (next[0] ?? NaN))).toBeLessThan(0.8);
  const polar = hourlyTemperaturesC(78, dayNumber("2026-12-21"), -20, -14, -18, {
    minTempC: -19,
    maxTempC: -15,
  });
  expect(polar.every((tempC) => tempC >= -20.5 && tempC <= -13.5)).toBe(true);
});

/** Forecasts of many years beside the truth that came, each with its lead. */
function forecasts() {
  const found: { lead: number; told: OutlookDay; truthC: number; usualC: number }[] = [];
  const { minTempC } = climateFromSketch(tarnholt?.latitudeDeg ?? 0, tarnholt?.climate as never);
  for (let ask = 0; ask < 700; ask += 1) {
    const day = dayNumber("2001-07-01") + 17 * ask;
    const truth = simulatedWeather(tarnholt as MadeUpClimate, day, 7);
    simulatedOutlook(tarnholt as MadeUpClimate, day).days.forEach((told, lead) => {
      const truthC = truth.minTempC[lead] ?? NaN;
      found.push({ lead, told, truthC, usualC: minTempC(day + lead) });
    });
  }
  return found;
}

test("the simulated station forecasts the weather that comes, as surely as it says, and its odds come true", () => {
  const all = forecasts();
  for (const lead of [0, 3, 6]) {
    const some = all.filter((one) => one.lead === lead);
    const mean = (valueOf: (one: (typeof some)[number]) => number) =>
      some.reduce((sum, one) => sum + valueOf(one), 0) / some.length;
    // As far as the truth strays from the forecast, so far it is told to stray.
    const strays = Math.sqrt(mean(({ told, truthC }) => (truthC - told.minTempC) ** 2));
    const toldC = mean(({ told }) => told.spreadC);
    expect(strays / toldC).toBeGreaterThan(0.9);
    expect(strays / toldC).toBeLessThan(1.1);
    // The truth regressed on the forecast, both less the usual: neither timid nor wild.
    const product = mean(
      ({ told, truthC, usualC }) => (told.minTempC - usualC) * (truthC - usualC),
    );
    const slope = product / mean(({ told, usualC }) => (told.minTempC - usualC) ** 2);
    expect(slope).toBeGreaterThan(0.9);
    expect(slope).toBeLessThan(1.1);
  }
  for (const from of [0.05, 0.25, 0.5, 0.75]) {
    const some = all.filter(({ told }) => {
      const chance = chanceAtOrBelow(told, 0);
      return chance >= from && chance < from + 0.2;
    });
    expect(some.length).toBeGreaterThan(150);
    const told = some.reduce((sum, one) => sum + chanceAtOrBelow(one.told, 0), 0) / some.length;
    const came = some.filter(({ truthC }) => truthC <= 0).length / some.length;
    expect(Math.abs(told - came)).toBeLessThan(0.05);
  }
  expect(simulatedOutlook(tarnholt, 20_000)).toEqual(simulatedOutlook(tarnholt, 20_000));
});
