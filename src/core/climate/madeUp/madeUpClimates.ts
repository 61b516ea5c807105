import { derive } from "../../derive";
import climatesJson from "@data/climates/climates.json";
import { civilDate, dayNumberOf, seasonOf, type DayNumber } from "../../calendar";
import { generateWeather, type GeneratedWeather } from "../generator";
import { outlookFromTruth, type UsualWeather } from "../outlook/outlook";
import type { Outlook } from "../outlook/outlookSchema";
import type { MadeUpClimate } from "./madeUpSchema";
import { weatherModelFromSketch } from "../sketchModel";
import { onDay } from "../seasonalCurve";
import { dayCourse, nightCourse, type WeatherModel } from "../weatherModel";

/** All of them, the demo garden's first. The file is checked by the data test. */
export const madeUpClimates: readonly MadeUpClimate[] = climatesJson as MadeUpClimate[];

/** The station's name as it is shown and written, so that nobody takes it for a real one. */
export function madeUpStationName(climate: MadeUpClimate): string {
  return `${climate.station} (made-up)`;
}

/**
 * Generated weather of a made-up station over whole calendar years, the same every time.
 *
 * @param firstYear first year, from its 1 January
 */
export function madeUpYears(
  climate: MadeUpClimate,
  firstYear: number,
  years: number,
): GeneratedWeather {
  const firstDay = dayNumberOf(firstYear, 1, 1);
  const days = dayNumberOf(firstYear + years, 1, 1) - firstDay;
  const model = derive([climate], modelOf);
  return generateWeather(model, climate.latitudeDeg, firstDay, days, climate.seed);
}

function modelOf({ latitudeDeg, climate }: MadeUpClimate): WeatherModel {
  // Day by day alone: the thirty years that are shipped stay as they are.
  return { ...weatherModelFromSketch(latitudeDeg, climate).model, seasonShare: 0 };
}

const OUTLOOK_DAYS = 7;

/**
 * The simulated station's outlook: seven days of its made-up weather, with the error of a forecast.
 * Asked on the same day it always says the same; the weather it forecasts does come.
 *
 * @param issuedOn the first of the seven days
 */
export function simulatedOutlook(climate: MadeUpClimate, issuedOn: DayNumber): Outlook {
  const truth = simulatedWeather(climate, issuedOn, OUTLOOK_DAYS);
  const seed = climate.seed * 100_000 + issuedOn;
  return outlookFromTruth(
    truth,
    derive([climate], usualOf),
    `${climate.station} (simulated)`,
    issuedOn,
    seed,
  );
}

function usualOf(climate: MadeUpClimate): UsualWeather {
  const model = derive([climate], modelOf);
  const [night, high] = [nightCourse(model), dayCourse(model)];
  return {
    minTempC: (day) => onDay(night.mean, day),
    maxTempC: (day) => onDay(high.mean, day),
    minSpreadC: (day) => onDay(night.sd, day),
    maxSpreadC: (day) => onDay(high.sd, day),
  };
}

/** The made-up weather of any days: each season is generated from its first day, with its own seed. */
export function simulatedWeather(
  climate: MadeUpClimate,
  firstDay: DayNumber,
  days: number,
): GeneratedWeather {
  const model = derive([climate], modelOf);
  const season = seasonOf(climate.latitudeDeg, firstDay);
  const seed = climate.seed + civilDate(season.startDay).year;
  const before = firstDay - season.startDay;
  const whole = generateWeather(model, climate.latitudeDeg, season.startDay, before + days, seed);
  const part = (values: Float32Array) => values.slice(before, before + days);
  return {
    firstDay,
    minTempC: part(whole.minTempC),
    maxTempC: part(whole.maxTempC),
    precipitationMm: part(whole.precipitationMm),
    cloudShare: part(whole.cloudShare),
    windMps: part(whole.windMps),
  };
}
