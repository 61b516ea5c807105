import * as z from "zod";
import { dayNumber, IsoDateSchema, isoDate, type DayNumber } from "../calendar";
import type { GeneratedWeather } from "./generator";
import { normalShareBelow } from "./normal";
import { randomStream } from "./random";
import { WET_DAY_MM } from "./weatherModel";

export const OUTLOOK_FORMAT = "late-ember-outlook";
export const OUTLOOK_VERSION = 1;

const TempC = z
  .number()
  .min(-70, "Colder than −70 °C is not weather.")
  .max(60, "Warmer than 60 °C is not weather.");
const SpreadC = z.number().min(0).max(15, "A spread is at most 15 °C.");

/** One day as it is expected, and how sure that is. */
export const OutlookDaySchema = z
  .strictObject({
    date: IsoDateSchema,
    minTempC: TempC,
    maxTempC: TempC,
    /** Standard deviation of the error to be expected of both temperatures. */
    spreadC: SpreadC,
    /** Null where nobody said. */
    precipitationMm: z.number().min(0).max(500).nullable(),
    cloudShare: z.number().min(0).max(1).nullable(),
    windMps: z.number().min(0).max(80).nullable(),
  })
  .refine((day) => day.minTempC <= day.maxTempC, {
    path: ["minTempC"],
    message: "The low is above the high: are the two swapped?",
  });

export type OutlookDay = z.infer<typeof OutlookDaySchema>;

/** What the coming days are expected to be like, and who says so. */
export const OutlookSchema = z
  .strictObject({
    format: z.literal(OUTLOOK_FORMAT),
    version: z.literal(OUTLOOK_VERSION),
    source: z
      .string()
      .trim()
      .min(1, "Say where the outlook comes from.")
      .max(80)
      .regex(/^[^<>\u0000-\u001f\u007f]*$/, "A name cannot hold <, > or control characters."),
    /** Made up by a stand-in, not observed or forecast by anybody. */
    simulated: z.boolean(),
    issuedOn: IsoDateSchema,
    days: z.array(OutlookDaySchema).min(1, "An outlook has at least one day.").max(16),
  })
  .refine(
    (outlook) =>
      outlook.days.every(
        (day, index) =>
          index === 0 || dayNumber(day.date) === dayNumber(outlook.days[index - 1]?.date ?? "") + 1,
      ),
    { path: ["days"], message: "The days should follow one another without gaps." },
  );

export type Outlook = z.infer<typeof OutlookSchema>;

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

/**
 * A made-up forecast: the made-up truth with an error that grows the further it looks ahead.
 *
 * @param truth   weather whose days are forecast, all of them
 * @param issuedOn the day before the first expected one, or that day itself
 */
export function outlookFromTruth(
  truth: GeneratedWeather,
  source: string,
  issuedOn: DayNumber,
  seed: number,
): Outlook {
  const random = randomStream(seed);
  let error = random.normal();
  const days = Array.from(truth.minTempC, (minTempC, index): OutlookDay => {
    const spreadC = usualSpreadC(index + 1);
    error = ERROR_CARRIED * error + Math.sqrt(1 - ERROR_CARRIED ** 2) * random.normal();
    const low = tenth(minTempC + spreadC * error);
    const high = tenth((truth.maxTempC[index] ?? minTempC) + spreadC * error);
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
