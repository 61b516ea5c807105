import winterJson from "@data/winter.json";
import { seasonOf, type DayNumber } from "../calendar";
import {
  cloudShareOf,
  generateWeather,
  lastDayOf,
  randomStream,
  USUAL_WIND_MPS,
  WET_DAY_MM,
  type Climate,
  type DailyRecord,
  type GeneratedWeather,
} from "../climate";
import type { WinterSpan } from "./winterSpan";

/** Where a rehearsal's winters come from: made by the climate from a seed, or the years on record. */
export type WinterSource =
  | { kind: "made"; seed: number }
  | { kind: "recorded"; record: DailyRecord; seasons: readonly DayNumber[] };

/** Fewer winters on record tell no odds. */
export const FEWEST_RECORDED_WINTERS = winterJson.fewestRecordedWinters;
const MOST_MISSING_SHARE = 0.1;
/** Seeds of neighbouring winters are so far apart: their streams have nothing to do with each other. */
const SEEDS_APART = 7919;

/** The first days of the seasons that are nearly whole on record, the first first. */
export function recordedWinters(climate: Climate, record: DailyRecord): DayNumber[] {
  const seasons: DayNumber[] = [];
  const last = lastDayOf(record);
  let season = seasonOf(climate.latitudeDeg, record.firstDay);
  while (season.startDay <= last) {
    const { startDay, endDay } = season;
    let missing = 0;
    for (let day = startDay; day <= endDay; day += 1) {
      const at = day - record.firstDay;
      if (Number.isNaN((record.minTempC[at] ?? NaN) + (record.maxTempC[at] ?? NaN))) missing += 1;
    }
    if (missing <= MOST_MISSING_SHARE * (endDay + 1 - startDay)) seasons.push(startDay);
    season = seasonOf(climate.latitudeDeg, endDay + 1);
  }
  return seasons;
}

/** How many winters a source has; without end where they are made. */
export function wintersIn(source: WinterSource): number {
  return source.kind === "made" ? Infinity : source.seasons.length;
}

/** The daily weather of one winter over a span: the same for the same source and number. */
export function winterDays(
  climate: Climate,
  source: WinterSource,
  winter: number,
  span: WinterSpan,
): GeneratedWeather {
  const days = span.untilDay - span.madeFromDay;
  const whole =
    source.kind === "made"
      ? generateWeather(
          climate.model,
          climate.latitudeDeg,
          span.madeFromDay,
          days,
          seedOf(source, winter),
        )
      : recordedDays(climate, source, winter, span, days);
  const from = span.firstDay - span.madeFromDay;
  const part = (values: Float32Array) => values.subarray(from, from + span.days);
  return {
    firstDay: span.firstDay,
    minTempC: part(whole.minTempC),
    maxTempC: part(whole.maxTempC),
    precipitationMm: part(whole.precipitationMm),
    cloudShare: part(whole.cloudShare),
    windMps: part(whole.windMps),
  };
}

/** The seed of a winter's own chances. */
export function seedOf(source: WinterSource, winter: number): number {
  const base = source.kind === "made" ? source.seed : (source.seasons[winter] ?? 0);
  return base + (winter + 1) * SEEDS_APART;
}

/** A season on record as if it were the span's; gaps are as usual, wind is not on record. */
function recordedDays(
  climate: Climate,
  source: Extract<WinterSource, { kind: "recorded" }>,
  winter: number,
  span: WinterSpan,
  days: number,
): GeneratedWeather {
  const { record, seasons } = source;
  const startDay = seasons[winter];
  if (startDay === undefined) throw new RangeError(`The record has no winter ${winter + 1}.`);
  const random = randomStream(seedOf(source, winter));
  const weather: GeneratedWeather = {
    firstDay: span.madeFromDay,
    minTempC: new Float32Array(days),
    maxTempC: new Float32Array(days),
    precipitationMm: new Float32Array(days),
    cloudShare: new Float32Array(days),
    windMps: new Float32Array(days),
  };
  for (let index = 0; index < days; index += 1) {
    const day = span.madeFromDay + index;
    const at = startDay + (day - span.seasonDay) - record.firstDay;
    const [low, high] = [record.minTempC[at] ?? NaN, record.maxTempC[at] ?? NaN];
    const isKnown = !Number.isNaN(low + high);
    const minTempC = isKnown ? low : climate.minTempC(day);
    const maxTempC = isKnown ? high : climate.maxTempC(day);
    const rainMm = record.precipitationMm[at] || 0;
    weather.minTempC[index] = minTempC;
    weather.maxTempC[index] = maxTempC;
    weather.precipitationMm[index] = rainMm;
    weather.cloudShare[index] = cloudShareOf(
      climate.latitudeDeg,
      day,
      minTempC,
      maxTempC,
      rainMm >= WET_DAY_MM,
    );
    weather.windMps[index] = USUAL_WIND_MPS * Math.sqrt(-Math.log(1 - random.uniform()) / CALM);
  }
  return weather;
}

/** The square of a Rayleigh distribution's mean over its scale. */
const CALM = Math.PI / 4;
