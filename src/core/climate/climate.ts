import { dayOfYear, seasonOf, type DayNumber } from "../calendar";
import { dailyLightIntegralMol, extraterrestrialRadiationMJ, globalRadiationMJ } from "../sky";
import type { DailyRecord } from "./dailyRecord";
import {
  dayAtPlace,
  FEW_SEASONS,
  frostRecord,
  looksSouthern,
  type FrostRecord,
} from "./frostRecord";
import { WET_DARKENING } from "./generator";
import { DAYS_OF_CURVE, onDay, type SeasonalCurve } from "./seasonalCurve";
import type { ClimateSketch } from "./sketch";
import { logChanceAbove, USUAL_SPELL_INDEX, weatherModelFromSketch } from "./sketchModel";
import { usualSnow } from "./usualSnow";
import {
  dayCourse,
  fitWeatherModel,
  nightCourse,
  type DayKind,
  USUAL_HIGH_WITH_LOW,
  type WeatherModel,
} from "./weatherModel";
import { derive } from "../derive";
import { fact, type Fact } from "../facts";

const DEFAULT_RADIATION_COEFFICIENT = 0.17; // kRs between inland 0.16 and coast 0.19, FAO-56

/** What a date is usually like at a place, and how likely its nights are to be cold. */
export interface Climate {
  latitudeDeg: number;
  /** Normal daily minimum, °C. */
  minTempC(day: DayNumber): number;
  /** Normal daily maximum, °C. */
  maxTempC(day: DayNumber): number;
  /** Normal global radiation over extraterrestrial, 0 to 1; tells how much of the light is diffuse. */
  clearness(day: DayNumber): number;
  /** Daily light integral in the open, mol/m² per day. */
  dliMol(day: DayNumber): number;
  /** Rain of a usual day, wet and dry days together, mm; 0 where a record has no rain. */
  usualRainMm(day: DayNumber): number;
  /** Standard deviation of a night's minimum about the normal, °C. */
  nightSpreadC(day: DayNumber): number;
  /**
   * The natural logarithm of the chance that a night stays above a temperature, counted so that the
   * sum over nights gives the chance for them all. Never positive.
   */
  logChanceNightStaysAbove(day: DayNumber, thresholdC: number): number;
  /** The same by the day of the year, 0 for 1 January, for those who go through many. */
  logChanceOnPlace(place: number, thresholdC: number): number;
  /** Snow that usually lies on a day of the year, 0 for 1 January, m. */
  usualSnowM(place: number): number;
  /** The frosts on record; null when the climate comes from a sketch. */
  frosts: FrostRecord | null;
  /** The day-to-day weather, for generating. */
  model: WeatherModel;
  /** Numbers that had to be guessed, or that do not fit together, in plain words. */
  notes: readonly Fact[];
}

/** A climate from the few numbers of a sketch. */
export function climateFromSketch(latitudeDeg: number, sketch: ClimateSketch): Climate {
  const { model, notes } = weatherModelFromSketch(latitudeDeg, sketch);
  return climateOf(latitudeDeg, model, { frosts: null, notes, spellIndex: USUAL_SPELL_INDEX });
}

/** What is fitted to a record: all that takes long, as plain data. */
export interface ClimateFit {
  model: WeatherModel;
  /** How far cold nights bunch together: 1 where each comes by itself. */
  spellIndex: number;
}

/** Fits the weather to a daily record. */
export function fitClimate(record: DailyRecord, latitudeDeg: number): ClimateFit {
  const model = fitWeatherModel(record);
  const spellIndex = fittedSpellIndex(latitudeDeg, model, frostRecord(record, latitudeDeg));
  return { model, spellIndex };
}

/** A climate from a daily record: its weather fitted, its frosts as they came. */
export function climateFromRecord(
  latitudeDeg: number,
  record: DailyRecord,
  fit: ClimateFit = fitClimate(record, latitudeDeg),
): Climate {
  return climateFromFit(latitudeDeg, () => record, fit);
}

/**
 * A climate from a record to which the weather is fitted already.
 *
 * @param record gives the daily record: read when its frosts are asked for, which a first view does not
 */
export function climateFromFit(
  latitudeDeg: number,
  record: () => DailyRecord,
  { model, spellIndex }: ClimateFit,
): Climate {
  const climate = climateOf(latitudeDeg, model, { frosts: null, notes: [], spellIndex });
  let known: (Pick<Climate, "notes"> & { frosts: FrostRecord }) | null = null;
  const read = () => {
    if (known) return known;
    const daily = record();
    const frosts = frostRecord(daily, latitudeDeg);
    known = { frosts, notes: [...hemisphereNotes(latitudeDeg, daily), ...recordNotes(frosts)] };
    return known;
  };
  return {
    ...climate,
    get frosts() {
      return read().frosts;
    },
    get notes() {
      return read().notes;
    },
  };
}

function climateOf(
  latitudeDeg: number,
  model: WeatherModel,
  more: Pick<Climate, "frosts" | "notes"> & { spellIndex: number },
): Climate {
  const night = nightCourse(model);
  const highs = dayCourse(model).mean;
  const lows = night.mean;
  const clearness = everyDayOfYear((day) => {
    const outside = extraterrestrialRadiationMJ(latitudeDeg, day);
    if (outside <= 0) return 0;
    const wet = wetShare(model, day);
    return (
      wet * clearnessOf(model.wet, day) * WET_DARKENING + (1 - wet) * clearnessOf(model.dry, day)
    );
  });
  const light = everyDayOfYear((day) =>
    dailyLightIntegralMol(
      Math.max(0, extraterrestrialRadiationMJ(latitudeDeg, day)) * onDay(clearness, day),
    ),
  );
  return {
    latitudeDeg,
    model,
    frosts: more.frosts,
    notes: more.notes,
    minTempC: (day) => onDay(lows, day),
    maxTempC: (day) => onDay(highs, day),
    clearness: (day) => onDay(clearness, day),
    dliMol: (day) => onDay(light, day),
    usualRainMm: (day) => wetShare(model, day) * onDay(model.wetDayMm, day),
    nightSpreadC: (day) => onDay(night.sd, day),
    logChanceNightStaysAbove(day, thresholdC) {
      const at = dayOfYear(day) - 1;
      return logChanceAbove(lows[at] ?? 0, night.sd[at] ?? 1, thresholdC, more.spellIndex);
    },
    logChanceOnPlace: (place, thresholdC) =>
      logChanceAbove(lows[place] ?? 0, night.sd[place] ?? 1, thresholdC, more.spellIndex),
    usualSnowM: (place) => derive([model], usualSnow)[place] ?? 0,
  };
}

/**
 * Usual clearness of dry or of wet days: by the root of the day's range, which is less on average than
 * the root of the average range.
 */
function clearnessOf(kind: DayKind, day: DayNumber): number {
  const rangeC = Math.max(0.5, onDay(kind.maxMeanC, day) - onDay(kind.minMeanC, day));
  // High and low stray together by about six tenths.
  const [high, low] = [onDay(kind.maxSdC, day), onDay(kind.minSdC, day)];
  const variance = high ** 2 + low ** 2 - 2 * USUAL_HIGH_WITH_LOW * high * low;
  const rooted = Math.max(0.5, 1 - variance / (8 * rangeC ** 2));
  return globalRadiationMJ(1, 0, rangeC * rooted ** 2, DEFAULT_RADIATION_COEFFICIENT);
}

/** The share of days that are wet about a day: where the two chances of the chain balance. */
function wetShare({ wetAfterDry, wetAfterWet }: WeatherModel, day: DayNumber): number {
  const [fromDry, fromWet] = [onDay(wetAfterDry, day), onDay(wetAfterWet, day)];
  return fromDry / Math.max(1e-9, 1 + fromDry - fromWet);
}

/** A leap year's days, so that 29 February has its value. */
const FIRST_OF_LEAP_YEAR = 10_957; // 2000-01-01

function everyDayOfYear(valueOf: (day: DayNumber) => number): SeasonalCurve {
  return Float64Array.from({ length: DAYS_OF_CURVE }, (_, index) =>
    valueOf(FIRST_OF_LEAP_YEAR + index),
  );
}

/** Thresholds whose recorded medians decide how cold nights bunch together. */
const FITTED_THRESHOLDS_C = [0, -2.2, -4.4];
const SPELL_LIMITS = { least: 0.1, most: 1 };

/** The spell index with which the model's first frosts come, at the median, as the record's did. */
function fittedSpellIndex(latitudeDeg: number, model: WeatherModel, frosts: FrostRecord): number {
  if (frosts.seasons.length < FEW_SEASONS) return USUAL_SPELL_INDEX;
  const season = seasonOf(latitudeDeg, FIRST_OF_LEAP_YEAR);
  const night = nightCourse(model);
  const fitted = FITTED_THRESHOLDS_C.flatMap((thresholdC) => {
    const place = frosts.first(thresholdC).dayAt(0.5);
    if (place === null || place < 1) return [];
    let logStays = 0;
    for (let day = season.startDay; day <= dayAtPlace(season, place); day += 1) {
      logStays += logChanceAbove(onDay(night.mean, day), onDay(night.sd, day), thresholdC, 1);
    }
    return logStays < 0 ? [Math.log(0.5) / logStays] : [];
  });
  if (fitted.length === 0) return USUAL_SPELL_INDEX;
  const mean = fitted.reduce((sum, value) => sum + value, 0) / fitted.length;
  return Math.min(SPELL_LIMITS.most, Math.max(SPELL_LIMITS.least, mean));
}

/** Near the equator the seasons do not tell the hemispheres apart. */
const TROPICS_DEG = 15;

function hemisphereNotes(latitudeDeg: number, record: DailyRecord): Fact[] {
  if (Math.abs(latitudeDeg) < TROPICS_DEG || looksSouthern(record) === latitudeDeg < 0) return [];
  return [fact("climate.theRecordIsWarmInButThePlaceLiesOf", { latitudeDeg })];
}

/** What a record's odds rest on, where that must be said. */
function recordNotes(frosts: FrostRecord): Fact[] {
  const notes: Fact[] = [];
  const count = frosts.seasons.length;
  if (count === 0) {
    notes.push(fact("climate.noSeasonOfThisRecordIsCompleteFrom"));
  } else if (count < FEW_SEASONS) {
    notes.push(fact("climate.onlyCompleteOnRecordSoTheOddsAre", { count }));
  }
  const within = frosts.dropped.filter((name) => name !== "");
  if (within.length > 0 && count > 0) {
    const one = within.length === 1;
    notes.push(fact("climate.leftOutBecauseMoreThanATenthOfThe", { one, within }));
  }
  return notes;
}
