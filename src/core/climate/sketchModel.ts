import { DAYS_PER_YEAR, monthDayIn, seasonOf, type DayNumber } from "../calendar";
import { normalShareBelow } from "./normal";
import { curveOf, type SeasonalCurve } from "./seasonalCurve";
import type { ClimateSketch } from "./sketch";
import {
  USUAL_RESIDUALS,
  USUAL_WET_DAY_MM,
  USUAL_WIND_MPS,
  type DayKind,
  type WeatherModel,
} from "./weatherModel";
import { fact, type Fact } from "../facts";

/** The air lags the sun by about four weeks inland (estimate; Prescott & Collins 1951 give 25 to 31 days). */
const USUAL_LAG_DAYS = 28;
/** Spread of daily minima about their normal where frost dates cannot tell it (estimate). */
const USUAL_SPREAD_C = 3.5;
const SPREAD_LIMITS_C = { least: 1.5, most: 8 };
/** Highs stray a little further than lows (estimate, inland). */
const HIGH_SPREAD_OVER_LOW = 1.15;
/** The mean of a wave over the month around its peak, as a share of the peak: sin(π/12) / (π/12). */
const MONTH_OF_PEAK = 0.9886;
const USUAL_WET_DAYS = 120;
/** How much more likely rain is after rain (estimate: usual first-order persistence). */
const WET_PERSISTENCE = 0.3;
/** Wet days against dry ones: cooler days, milder nights (estimate, inland). */
const WET_HIGH_C = -3;
const WET_LOW_C = 1;

/**
 * Cold nights come in spells, so a run of nights holds fewer independent chances of frost than
 * nights (extremal index). Found by generating: with the usual day-to-day correlation this value
 * gives generated median frost dates within a day or two of the reckoned ones.
 */
export const USUAL_SPELL_INDEX = 0.65;

/** A sketch turned into a weather model, and what had to be guessed for it. */
export interface SketchedWeather {
  model: WeatherModel;
  notes: Fact[];
}

/** A yearly cosine: its mean, half its range, and the day of the year of its peak. */
interface Wave {
  mean: number;
  amplitude: number;
  peakDayOfYear: number;
}

/**
 * The weather model that gives back the numbers of a sketch: one wave each through the normals of
 * the coldest and the warmest month, its peak midway between the frosts; then the night-to-night
 * spread is chosen so that the typed median frost dates come out again.
 *
 * @param latitudeDeg north positive; tells which half of the year is summer
 */
export function weatherModelFromSketch(
  latitudeDeg: number,
  sketch: ClimateSketch,
): SketchedWeather {
  const notes: Fact[] = [];
  const peakDayOfYear = peakDay(latitudeDeg, sketch, notes);
  const low = wave(sketch.coldestMonth.lowC, sketch.warmestMonth.lowC, peakDayOfYear);
  const high = wave(sketch.coldestMonth.highC, sketch.warmestMonth.highC, peakDayOfYear);
  const lowSpreadC = spread(latitudeDeg, sketch, low, notes);
  if (sketch.wetDaysPerYear === null) {
    notes.push(fact("climate.wetDaysAreNotGivenAYearAssumed", { usualWetDays: USUAL_WET_DAYS }));
  }
  const wetShare = (sketch.wetDaysPerYear ?? USUAL_WET_DAYS) / DAYS_PER_YEAR;
  const kind = (wet: boolean): DayKind => {
    // Moved apart so that together they still have the typed mean and the fitted spread.
    const part = wet ? 1 - wetShare : -wetShare;
    const within = (sdC: number, apartC: number) =>
      flat(Math.sqrt(Math.max(0.25, sdC * sdC - wetShare * (1 - wetShare) * apartC * apartC)));
    return {
      maxMeanC: curveOf((day) => valueOn(high, day) + part * WET_HIGH_C),
      maxSdC: within(lowSpreadC * HIGH_SPREAD_OVER_LOW, WET_HIGH_C),
      minMeanC: curveOf((day) => valueOn(low, day) + part * WET_LOW_C),
      minSdC: within(lowSpreadC, WET_LOW_C),
    };
  };
  return {
    notes,
    model: {
      wetAfterDry: flat(wetShare * (1 - WET_PERSISTENCE)),
      wetAfterWet: flat(wetShare + WET_PERSISTENCE * (1 - wetShare)),
      dry: kind(false),
      wet: kind(true),
      residuals: USUAL_RESIDUALS,
      wetDayMm: flat(USUAL_WET_DAY_MM),
      windMps: USUAL_WIND_MPS,
    },
  };
}

function flat(value: number): SeasonalCurve {
  return curveOf(() => value);
}

function wave(coldest: number, warmest: number, peakDayOfYear: number): Wave {
  return {
    mean: (coldest + warmest) / 2,
    amplitude: (warmest - coldest) / 2 / MONTH_OF_PEAK,
    peakDayOfYear,
  };
}

function valueOn(curve: Wave, dayOfYearNumber: number): number {
  const angle = (2 * Math.PI * (dayOfYearNumber - curve.peakDayOfYear)) / DAYS_PER_YEAR;
  return curve.mean + curve.amplitude * Math.cos(angle);
}

/** A day in the season used for fitting; any year does, since the climate repeats. */
const REFERENCE_DAY = 11_566; // 2001-09-01
const REFERENCE_YEAR_START = 11_323; // 2001-01-01

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

function peakDay(latitudeDeg: number, sketch: ClimateSketch, notes: Fact[]): number {
  const solstice = latitudeDeg < 0 ? 355 : 172;
  const usual = solstice + USUAL_LAG_DAYS;
  const frost = frostDays(latitudeDeg, sketch);
  if (!frost) {
    notes.push(fact("climate.theWarmestDayIsAssumedToBeFour"));
    return usual;
  }
  // Midway between the last frost of one spring and the first of the next autumn.
  const midway = (frost.firstDay + frost.lastDay - 365) / 2;
  const lag = midway - frost.season.startDay;
  const kept = Math.min(50, Math.max(5, lag));
  if (kept !== lag) {
    notes.push(fact("climate.theFrostDatesAreUnevenAround"));
  }
  return solstice + kept;
}

function spread(latitudeDeg: number, sketch: ClimateSketch, low: Wave, notes: Fact[]): number {
  const frost = frostDays(latitudeDeg, sketch);
  if (!frost) return spreadWithoutDates(latitudeDeg, sketch.frost.kind === "rare", low, notes);
  const chance = (sdC: number) => chanceOfFrost(low, sdC, frost.season.startDay, frost.firstDay);
  const fitted = spreadForChance(chance, 0.5);
  if (fitted === null) {
    const tooWarm = chance(SPREAD_LIMITS_C.most) < 0.5;
    notes.push(fact("climate.theFrostDatesAreThanThese", { tooWarm }));
    return tooWarm ? SPREAD_LIMITS_C.most : SPREAD_LIMITS_C.least;
  }
  return fitted;
}

/** What "most winters" and "any month" are taken to mean, as chances (estimates). */
const RARE_FROST_CHANCE = 0.4;
const MIDSUMMER_FROST_CHANCE = 0.2;
const MIDSUMMER_DAYS = 60;

/** Without frost dates the usual spread serves, unless it contradicts what is said of frost. */
function spreadWithoutDates(latitudeDeg: number, rare: boolean, low: Wave, notes: Fact[]): number {
  const { startDay, endDay } = seasonOf(latitudeDeg, REFERENCE_DAY);
  const lastDay = rare ? endDay : startDay + MIDSUMMER_DAYS;
  const wanted = rare ? RARE_FROST_CHANCE : MIDSUMMER_FROST_CHANCE;
  const chance = (sdC: number) => chanceOfFrost(low, sdC, startDay, lastDay);
  const usual = chance(USUAL_SPREAD_C);
  const fits = rare ? usual <= wanted : usual >= wanted;
  const sdC = fits ? USUAL_SPREAD_C : spreadForChance(chance, wanted);
  if (sdC !== null) {
    notes.push(fact("climate.withoutFrostDatesHowMuchNightsVary"));
    return sdC;
  }
  notes.push(
    rare
      ? fact("climate.withLowsLikeTheseFrostComesMost")
      : fact("climate.withLowsLikeTheseFrostDoesNotCome"),
  );
  return USUAL_SPREAD_C;
}

function chanceOfFrost(low: Wave, sdC: number, fromDay: DayNumber, toDay: DayNumber): number {
  let logStays = 0;
  for (let day = fromDay; day <= toDay; day += 1) {
    const normalC = valueOn(low, day - REFERENCE_YEAR_START + 1);
    logStays += logChanceAbove(normalC, sdC, 0, USUAL_SPELL_INDEX);
  }
  return 1 - Math.exp(logStays);
}

/**
 * Logarithm of the chance that a night stays above a threshold, its share in a spell of nights.
 *
 * @param spellIndex how many independent chances a night is worth, 0 to 1
 */
export function logChanceAbove(
  normalC: number,
  sdC: number,
  thresholdC: number,
  spellIndex: number,
): number {
  const chanceBelow = normalShareBelow((thresholdC - normalC) / sdC);
  return spellIndex * Math.log(Math.max(1e-9, 1 - chanceBelow));
}

/** The spread that gives a chance of frost; null when none within reason does. */
function spreadForChance(chance: (sdC: number) => number, wanted: number): number | null {
  let { least, most } = SPREAD_LIMITS_C;
  if (chance(least) > wanted || chance(most) < wanted) return null;
  for (let pass = 0; pass < 40; pass += 1) {
    const middle = (least + most) / 2;
    if (chance(middle) < wanted) least = middle;
    else most = middle;
  }
  return (least + most) / 2;
}
