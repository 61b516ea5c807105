import { DAYS_PER_YEAR, monthDayIn, seasonOf, type DayNumber } from "../calendar";
import { normalShareBelow } from "./normal";
import { curveOf, type SeasonalCurve } from "./seasonalCurve";
import type { ClimateSketch } from "./sketch";
import {
  USUAL_RESIDUALS,
  USUAL_SEASON_SHARE,
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
  // Highs follow the sun, whatever late frosts a hollow has.
  const usualPeak = solsticeOf(latitudeDeg) + USUAL_LAG_DAYS;
  const high = wave(sketch.coldestMonth.highC, sketch.warmestMonth.highC, usualPeak);
  const nights = spread(latitudeDeg, sketch, low, notes);
  if (sketch.wetDaysPerYear === null) {
    notes.push(fact("climate.wetDaysAreNotGivenAYearAssumed", { usualWetDays: USUAL_WET_DAYS }));
  }
  const wetShare = (sketch.wetDaysPerYear ?? USUAL_WET_DAYS) / DAYS_PER_YEAR;
  const kind = (wet: boolean): DayKind => {
    // Moved apart so that together they still have the typed mean and the fitted spread.
    const part = wet ? 1 - wetShare : -wetShare;
    const within = (times: number, apartC: number) =>
      curveOf((day) => {
        const sdC = times * spreadOn(nights, day);
        return Math.sqrt(Math.max(0.25, sdC * sdC - wetShare * (1 - wetShare) * apartC * apartC));
      });
    return {
      maxMeanC: curveOf((day) => valueOn(high, day) + part * WET_HIGH_C),
      maxSdC: within(HIGH_SPREAD_OVER_LOW, WET_HIGH_C),
      minMeanC: curveOf((day) => valueOn(low, day) + part * WET_LOW_C),
      minSdC: within(1, WET_LOW_C),
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
      seasonShare: USUAL_SEASON_SHARE,
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

/** Midsummer as a day of the year. */
function solsticeOf(latitudeDeg: number): number {
  return latitudeDeg < 0 ? 355 : 172;
}

function peakDay(latitudeDeg: number, sketch: ClimateSketch, notes: Fact[]): number {
  const solstice = solsticeOf(latitudeDeg);
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

/** Spread of nights about their normal through the year: more in winter than in summer. */
interface Spread {
  /** Its mean over the year, °C. */
  meanC: number;
  /** By how much of it winter is over the mean, and summer under it. */
  winterShare: number;
  peakDayOfYear: number;
}

function spreadOn({ meanC, winterShare, peakDayOfYear }: Spread, dayOfYearNumber: number): number {
  const angle = (2 * Math.PI * (dayOfYearNumber - peakDayOfYear)) / DAYS_PER_YEAR;
  return meanC * (1 - winterShare * Math.cos(angle));
}

/** Winters vary more than summers: less on coasts than inland (estimates). */
const WINTER_SHARE = { least: 0.05, most: 0.6, maritime: 0.2, inland: 0.3 };
/** Half the range of the monthly means by which a place counts as maritime and as inland, °C. */
const HALF_RANGE_C = { maritime: 6, inland: 13 };
/**
 * The coldest night of a usual year lies so far below the coldest month's usual low, and further the
 * more the year swings: fitted to places whose hardiness zone is published (estimate).
 */
const COLDEST_NIGHT = { belowC: 3.5, perHalfRange: 0.72, fitsWithinC: 1 };
const FITTING_ROUNDS = 3;

function halfRangeC({ coldestMonth, warmestMonth }: ClimateSketch): number {
  return (warmestMonth.lowC + warmestMonth.highC - coldestMonth.lowC - coldestMonth.highC) / 4;
}

/** The coldest night of a usual year where nobody has typed it, °C. */
function usualColdestNightC(sketch: ClimateSketch): number {
  const belowC = COLDEST_NIGHT.belowC + COLDEST_NIGHT.perHalfRange * halfRangeC(sketch);
  return sketch.coldestMonth.lowC - belowC;
}

/**
 * The spread with which the median first frost comes as typed and the coldest night of a usual year as
 * typed or usual: its mean by the one, the share of winter by the other, in turns.
 */
function spread(latitudeDeg: number, sketch: ClimateSketch, low: Wave, notes: Fact[]): Spread {
  const half = halfRangeC(sketch);
  const inland = (half - HALF_RANGE_C.maritime) / (HALF_RANGE_C.inland - HALF_RANGE_C.maritime);
  const { maritime, inland: most } = WINTER_SHARE;
  const found: Spread = {
    meanC: USUAL_SPREAD_C,
    winterShare: maritime + (most - maritime) * Math.min(1, Math.max(0, inland)),
    peakDayOfYear: low.peakDayOfYear,
  };
  const season = seasonOf(latitudeDeg, REFERENCE_DAY);
  const coldestC = sketch.coldestNightC ?? usualColdestNightC(sketch);
  const yearsColdest = (one: Spread) =>
    chanceOfNight(low, one, coldestC, season.startDay, season.endDay);
  const frost = frostDays(latitudeDeg, sketch);
  if (!frost) {
    const byColdest = bisect(SPREAD_LIMITS_C, 0.5, (meanC) => yearsColdest({ ...found, meanC }));
    found.meanC = byColdest ?? USUAL_SPREAD_C;
    const rare = sketch.frost.kind === "rare";
    return { ...found, meanC: spreadWithoutDates(latitudeDeg, rare, low, found, notes) };
  }
  const firstFrost = (one: Spread) =>
    chanceOfNight(low, one, 0, frost.season.startDay, frost.firstDay);
  for (let round = 0; round < FITTING_ROUNDS; round += 1) {
    const fitted = bisect(SPREAD_LIMITS_C, 0.5, (meanC) => firstFrost({ ...found, meanC }));
    if (fitted === null) {
      const tooWarm = firstFrost({ ...found, meanC: SPREAD_LIMITS_C.most }) < 0.5;
      notes.push(fact("climate.theFrostDatesAreThanThese", { tooWarm }));
      return { ...found, meanC: tooWarm ? SPREAD_LIMITS_C.most : SPREAD_LIMITS_C.least };
    }
    found.meanC = fitted;
    if (round === FITTING_ROUNDS - 1) break;
    const ofWinter = (winterShare: number) => yearsColdest({ ...found, winterShare });
    const share = bisect(WINTER_SHARE, 0.5, ofWinter);
    if (share !== null) found.winterShare = share;
    else {
      const { least, most: wide } = WINTER_SHARE;
      found.winterShare = ofWinter(wide) < 0.5 ? wide : least;
    }
  }
  const typedC = sketch.coldestNightC;
  if (typedC !== undefined) {
    const reachedC = coldestReachedC(typedC, (nightC) =>
      chanceOfNight(low, found, nightC, season.startDay, season.endDay),
    );
    if (Math.abs(reachedC - typedC) > COLDEST_NIGHT.fitsWithinC) {
      notes.push(fact("climate.theColdestNightDoesNotFit", { typedC, reachedC }));
    }
  }
  return found;
}

/** The night that comes in half of the years, looked for around the one that was typed. */
function coldestReachedC(typedC: number, chance: (nightC: number) => number): number {
  const around = { least: typedC - 25, most: typedC + 25 };
  return bisect(around, 0.5, chance) ?? typedC;
}

/** What "most winters" and "any month" are taken to mean, as chances (estimates). */
const RARE_FROST_CHANCE = 0.4;
const MIDSUMMER_FROST_CHANCE = 0.2;
const MIDSUMMER_DAYS = 60;

/** Without frost dates the usual spread serves, unless it contradicts what is said of frost. */
function spreadWithoutDates(
  latitudeDeg: number,
  rare: boolean,
  low: Wave,
  usual: Spread,
  notes: Fact[],
): number {
  const { startDay, endDay } = seasonOf(latitudeDeg, REFERENCE_DAY);
  const lastDay = rare ? endDay : startDay + MIDSUMMER_DAYS;
  const wanted = rare ? RARE_FROST_CHANCE : MIDSUMMER_FROST_CHANCE;
  const chance = (meanC: number) => chanceOfNight(low, { ...usual, meanC }, 0, startDay, lastDay);
  const usualChance = chance(usual.meanC);
  const fits = rare ? usualChance <= wanted : usualChance >= wanted;
  const sdC = fits ? usual.meanC : bisect(SPREAD_LIMITS_C, wanted, chance);
  if (sdC !== null) {
    notes.push(fact("climate.withoutFrostDatesHowMuchNightsVary"));
    return sdC;
  }
  notes.push(
    rare
      ? fact("climate.withLowsLikeTheseFrostComesMost")
      : fact("climate.withLowsLikeTheseFrostDoesNotCome"),
  );
  return usual.meanC;
}

/** The chance that a night of a stretch comes down to a temperature. */
function chanceOfNight(
  low: Wave,
  spreadOfNights: Spread,
  thresholdC: number,
  fromDay: DayNumber,
  toDay: DayNumber,
): number {
  let logStays = 0;
  for (let day = fromDay; day <= toDay; day += 1) {
    const place = day - REFERENCE_YEAR_START + 1;
    const sdC = spreadOn(spreadOfNights, place);
    logStays += logChanceAbove(valueOn(low, place), sdC, thresholdC, USUAL_SPELL_INDEX);
  }
  return 1 - Math.exp(logStays);
}

/** Where a chance that rises comes to what is wanted; null when it does not between the limits. */
function bisect(
  limits: { least: number; most: number },
  wanted: number,
  chance: (value: number) => number,
): number | null {
  let { least, most } = limits;
  if (chance(least) > wanted || chance(most) < wanted) return null;
  for (let pass = 0; pass < 18; pass += 1) {
    const middle = (least + most) / 2;
    if (chance(middle) < wanted) least = middle;
    else most = middle;
  }
  return (least + most) / 2;
}

/** A night so far below the usual does not come: its chance is under one in 30 million. */
const NEVER_DEVIATIONS = -5.5;

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
  const deviations = (thresholdC - normalC) / sdC;
  if (deviations < NEVER_DEVIATIONS) return 0;
  const chanceBelow = normalShareBelow(deviations);
  return spellIndex * Math.log(Math.max(1e-9, 1 - chanceBelow));
}
