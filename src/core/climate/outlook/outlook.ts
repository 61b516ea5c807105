import { isoDate, type DayNumber } from "../../calendar";
import type { GeneratedWeather } from "../generator";
import { normalShareBelow } from "../normal";
import type { Outlook, OutlookDay } from "./outlookSchema";
import { OUTLOOK_FORMAT, OUTLOOK_VERSION } from "./outlookVersion";
import { randomStream } from "../random";
import { WET_DAY_MM } from "../weatherModel";

/** Spread of the error of typed or imported outlooks by how many days ahead, °C (as the stand-in's). */
const FIRST_DAY_SPREAD_C = 1;
const SEVENTH_DAY_SPREAD_C = 3.5;

/**
 * Usual error of a forecast so many days ahead, as a standard deviation.
 *
 * @param lead 1 for the first day, 7 for the seventh
 */
export function usualSpreadC(lead: number): number {
  const share = Math.min(1, Math.max(0, (lead - 1) / 6));
  return FIRST_DAY_SPREAD_C + share * (SEVENTH_DAY_SPREAD_C - FIRST_DAY_SPREAD_C);
}

/** Chance that the night of an expected day reaches a threshold. */
export function chanceAtOrBelow(day: OutlookDay, thresholdC: number): number {
  if (day.spreadC === 0) return day.minTempC <= thresholdC ? 1 : 0;
  return normalShareBelow((thresholdC - day.minTempC) / day.spreadC);
}

/** How alike the errors of two neighbouring days are (estimate: a missed front is missed for days). */
const ERROR_CARRIED = 0.7;

/** What days usually are where a forecast is made: it leans toward that the less it knows. */
export interface UsualWeather {
  minTempC(day: DayNumber): number;
  maxTempC(day: DayNumber): number;
  /** Standard deviations about them, °C. */
  minSpreadC(day: DayNumber): number;
  maxSpreadC(day: DayNumber): number;
}

/** Of what varies, a forecast knows at least so much on the seventh day. */
const LEAST_KNOWN = 0.1;

/**
 * A made-up forecast of a made-up truth t: f = μ + ρ²(t − μ) + ρ√(1 − ρ²)·σ·z about the usual μ with its
 * spread σ, where ρ² = 1 − (error / σ)². So the truth lies about the forecast with just the spread that
 * is told, and told odds come true: a truth with an error added would be told too far from the usual.
 *
 * @param truth   weather whose days are forecast, all of them
 * @param usual   the same place's usual weather
 * @param issuedOn the day before the first expected one, or that day itself
 */
export function outlookFromTruth(
  truth: GeneratedWeather,
  usual: UsualWeather,
  source: string,
  issuedOn: DayNumber,
  seed: number,
): Outlook {
  const random = randomStream(seed);
  let error = random.normal();
  const days = Array.from(truth.minTempC, (minTempC, index): OutlookDay => {
    const day = truth.firstDay + index;
    const sdC = usual.minSpreadC(day);
    const known = Math.max(LEAST_KNOWN, 1 - (usualSpreadC(index + 1) / sdC) ** 2);
    const spreadC = sdC * Math.sqrt(1 - known);
    error = ERROR_CARRIED * error + Math.sqrt(1 - ERROR_CARRIED ** 2) * random.normal();
    const told = (usualC: number, trueC: number, ofC: number) =>
      tenth(usualC + known * (trueC - usualC) + Math.sqrt(known * (1 - known)) * ofC * error);
    const low = told(usual.minTempC(day), minTempC, sdC);
    const trueHigh = truth.maxTempC[index] ?? minTempC;
    const high = told(usual.maxTempC(day), trueHigh, usual.maxSpreadC(day));
    const rain = truth.precipitationMm[index] ?? 0;
    return {
      date: isoDate(truth.firstDay + index),
      minTempC: low,
      maxTempC: Math.max(low, high),
      spreadC: tenth(spreadC),
      precipitationMm: rain >= WET_DAY_MM ? tenth(rain) : 0,
      cloudShare: Math.round((truth.cloudShare[index] ?? 0.5) * 100) / 100,
      windMps: tenth(truth.windMps[index] ?? 0),
    };
  });
  return {
    format: OUTLOOK_FORMAT,
    version: OUTLOOK_VERSION,
    source,
    simulated: true,
    issuedOn: isoDate(issuedOn),
    days,
  };
}

function tenth(value: number): number {
  return Math.round(value * 10) / 10 + 0;
}
