import { dayOfYear, monthDayIn, seasonOf, type DayNumber } from "../calendar";
import { dailyLightIntegralMol, extraterrestrialRadiationMJ, globalRadiationMJ } from "../sky";
import { normalShareBelow } from "./normal";
import type { ClimateSketch } from "./sketch";

const DAYS_PER_YEAR = 365.25;
/** The air lags the sun by about four weeks inland (estimate; Prescott & Collins 1951 give 25 to 31 days). */
const USUAL_LAG_DAYS = 28;
/** Spread of daily minima about their normal where frost dates cannot tell it (estimate). */
const USUAL_RESIDUAL_SD_C = 3.5;
const RESIDUAL_SD_LIMITS_C = { least: 1.5, most: 8 };
/**
 * Cold nights come in spells, so a run of nights holds fewer independent chances of frost than
 * nights (extremal index; estimate for a day-to-day correlation near 0.65).
 */
const SPELL_INDEX = 0.5;
const DEFAULT_RADIATION_COEFFICIENT = 0.17; // kRs between inland 0.16 and coast 0.19, FAO-56

/** What a date is usually like at a place, and how likely its nights are to be cold. */
export interface Climate {
  latitudeDeg: number;
  /** Normal daily minimum, °C. */
  minTempC(day: DayNumber): number;
  /** Normal daily maximum, °C. */
  maxTempC(day: DayNumber): number;
  /** Daily light integral in the open, mol/m² per day. */
  dliMol(day: DayNumber): number;
  /** Standard deviation of a night's minimum about the normal, °C. */
  residualSdC: number;
  /**
   * The natural logarithm of the chance that a night stays above a temperature, counted so that the
   * sum over nights gives the chance for them all. Never positive.
   *
   * @param normalMinTempC the night's normal minimum, as `minTempC` gives it
   */
  logChanceNightStaysAbove(normalMinTempC: number, thresholdC: number): number;
  /** Numbers that had to be guessed, or that do not fit together, in plain words. */
  notes: readonly string[];
}

/** A yearly cosine: its mean, half its range, and the day of the year of its peak. */
interface Harmonic {
  mean: number;
  amplitude: number;
  peakDayOfYear: number;
}

/**
 * Fits daily temperatures to a sketch: one cosine each through the normals of the coldest and the
 * warmest month, its peak midway between the frosts; then the night-to-night spread is chosen so
 * that the typed median frost dates come out again.
 *
 * @param latitudeDeg north positive; tells which half of the year is summer
 */
export function climateFromSketch(latitudeDeg: number, sketch: ClimateSketch): Climate {
  const notes: string[] = [];
  const peakDayOfYear = peakDay(latitudeDeg, sketch, notes);
  const low = harmonic(sketch.coldestMonth.lowC, sketch.warmestMonth.lowC, peakDayOfYear);
  const high = harmonic(sketch.coldestMonth.highC, sketch.warmestMonth.highC, peakDayOfYear);
  const residualSdC = residualSpread(latitudeDeg, sketch, low, notes);

  // The climate repeats every year: one value a day of the year, made once.
  const minTempC = everyDayOfYear((day) => valueOn(low, day));
  const maxTempC = everyDayOfYear((day) => valueOn(high, day));
  const dliMol = everyDayOfYear((day) =>
    dailyLightIntegralMol(
      globalRadiationMJ(
        extraterrestrialRadiationMJ(latitudeDeg, day),
        minTempC(day),
        maxTempC(day),
        DEFAULT_RADIATION_COEFFICIENT,
      ),
    ),
  );
  return {
    latitudeDeg,
    minTempC,
    maxTempC,
    residualSdC,
    notes,
    dliMol,
    logChanceNightStaysAbove: (normalMinTempC, thresholdC) =>
      logChanceAbove(normalMinTempC, residualSdC, thresholdC),
  };
}

/** A leap year's days, so that 29 February has its value. */
const FIRST_OF_LEAP_YEAR = 10_957; // 2000-01-01
const DAYS_OF_LEAP_YEAR = 366;

/** Tabulates a course that repeats every year by the day of the year. */
function everyDayOfYear(valueOf: (day: DayNumber) => number): (day: DayNumber) => number {
  const values = Float64Array.from({ length: DAYS_OF_LEAP_YEAR }, (_, index) =>
    valueOf(FIRST_OF_LEAP_YEAR + index),
  );
  return (day) => values[dayOfYear(day) - 1] ?? 0;
}

function harmonic(coldest: number, warmest: number, peakDayOfYear: number): Harmonic {
  return { mean: (coldest + warmest) / 2, amplitude: (warmest - coldest) / 2, peakDayOfYear };
}

function valueOn(curve: Harmonic, day: DayNumber): number {
  const angle = (2 * Math.PI * (dayOfYear(day) - curve.peakDayOfYear)) / DAYS_PER_YEAR;
  return curve.mean + curve.amplitude * Math.cos(angle);
}

function logChanceAbove(normalC: number, sdC: number, thresholdC: number): number {
  const chanceBelow = normalShareBelow((thresholdC - normalC) / sdC);
  return SPELL_INDEX * Math.log(Math.max(1e-9, 1 - chanceBelow));
}

/** Median frost dates as days of one season, or null when the sketch has none. */
function frostDays(latitudeDeg: number, sketch: ClimateSketch) {
  if (sketch.frost.kind !== "dates") return null;
  const season = seasonOf(latitudeDeg, REFERENCE_DAY);
  const inSeason = (monthDay: string) => {
    const day = monthDayIn(2001, monthDay);
    return day >= season.startDay && day <= season.endDay ? day : monthDayIn(2002, monthDay);
  };
  // The southern season that starts on 21 December 2000 ends in December 2001.
  const shift = (day: number) => (day > season.endDay ? day - 365 : day);
  return {
    season,
    firstDay: shift(inSeason(sketch.frost.medianFirst)),
    lastDay: shift(inSeason(sketch.frost.medianLast)),
  };
}

/** A day in the season used for fitting; any year does, since the climate repeats. */
const REFERENCE_DAY = 11_566; // 2001-09-01

function peakDay(latitudeDeg: number, sketch: ClimateSketch, notes: string[]): number {
  const solstice = latitudeDeg < 0 ? 355 : 172;
  const usual = solstice + USUAL_LAG_DAYS;
  const frost = frostDays(latitudeDeg, sketch);
  if (!frost) {
    notes.push("The warmest day is taken to be four weeks after midsummer.");
    return usual;
  }
  // Midway between the last frost of one spring and the first of the next autumn.
  const midway = (frost.firstDay + frost.lastDay - 365) / 2;
  const lag = midway - frost.season.startDay;
  const kept = Math.min(50, Math.max(5, lag));
  if (kept !== lag) {
    notes.push(
      "The frost dates lie lopsidedly about midsummer: check that the first and the last frost are not swapped.",
    );
  }
  return solstice + kept;
}

function residualSpread(
  latitudeDeg: number,
  sketch: ClimateSketch,
  low: Harmonic,
  notes: string[],
): number {
  const frost = frostDays(latitudeDeg, sketch);
  if (!frost) return spreadWithoutDates(latitudeDeg, sketch.frost.kind === "rare", low, notes);
  const chance = (sdC: number) => chanceOfFrost(low, sdC, frost.season.startDay, frost.firstDay);
  const fitted = spreadForChance(chance, 0.5);
  if (fitted === null) {
    const tooWarm = chance(RESIDUAL_SD_LIMITS_C.most) < 0.5;
    notes.push(
      `The frost dates come ${tooWarm ? "earlier" : "later"} than these temperatures explain: check the usual lows and the dates.`,
    );
    return tooWarm ? RESIDUAL_SD_LIMITS_C.most : RESIDUAL_SD_LIMITS_C.least;
  }
  return fitted;
}

/** What "most winters" and "any month" are taken to mean, as chances (estimates). */
const RARE_FROST_CHANCE = 0.4;
const MIDSUMMER_FROST_CHANCE = 0.2;
const MIDSUMMER_DAYS = 60;

/** Without frost dates the usual spread serves, unless it contradicts what is said of frost. */
function spreadWithoutDates(
  latitudeDeg: number,
  rare: boolean,
  low: Harmonic,
  notes: string[],
): number {
  const { startDay, endDay } = seasonOf(latitudeDeg, REFERENCE_DAY);
  const lastDay = rare ? endDay : startDay + MIDSUMMER_DAYS;
  const wanted = rare ? RARE_FROST_CHANCE : MIDSUMMER_FROST_CHANCE;
  const chance = (sdC: number) => chanceOfFrost(low, sdC, startDay, lastDay);
  const usual = chance(USUAL_RESIDUAL_SD_C);
  const fits = rare ? usual <= wanted : usual >= wanted;
  const sdC = fits ? USUAL_RESIDUAL_SD_C : spreadForChance(chance, wanted);
  if (sdC !== null) {
    notes.push("How far nights stray from the usual is guessed, for want of frost dates.");
    return sdC;
  }
  notes.push(
    rare
      ? "With lows like these, frost comes most winters: give its dates, or check the lows. The odds here follow the lows."
      : "With lows like these, frost does not come in summer: give its dates, or check the lows. The odds here follow the lows.",
  );
  return USUAL_RESIDUAL_SD_C;
}

function chanceOfFrost(low: Harmonic, sdC: number, fromDay: DayNumber, toDay: DayNumber): number {
  let logStays = 0;
  for (let day = fromDay; day <= toDay; day += 1) {
    logStays += logChanceAbove(valueOn(low, day), sdC, 0);
  }
  return 1 - Math.exp(logStays);
}

/** The spread that gives a chance of frost; null when none within reason does. */
function spreadForChance(chance: (sdC: number) => number, wanted: number): number | null {
  let { least, most } = RESIDUAL_SD_LIMITS_C;
  if (chance(least) > wanted || chance(most) < wanted) return null;
  for (let pass = 0; pass < 40; pass += 1) {
    const middle = (least + most) / 2;
    if (chance(middle) < wanted) least = middle;
    else most = middle;
  }
  return (least + most) / 2;
}
