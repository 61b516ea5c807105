import * as z from "zod";
import { dayNumber, IsoDateSchema } from "../../calendar";
import { OUTLOOK_FORMAT, OUTLOOK_VERSION } from "./outlookVersion";
import { code } from "../../facts";

const TempC = z
  .number()
  .min(-70, code("climate.colderThanMinus70CIsNotWeather"))
  .max(60, code("climate.warmerThan60CIsNotWeather"));
const SpreadC = z.number().min(0).max(15, code("climate.aSpreadIsAtMost15C"));

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
    message: code("climate.theLowIsAboveTheHighAreTheySwapped"),
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
      .min(1, code("climate.nameTheSourceOfTheForecast"))
      .max(80)
      .regex(/^[^<>\u0000-\u001f\u007f]*$/, code("climate.aNameCannotHoldOrControlCharacters")),
    /** Made up by a stand-in, not observed or forecast by anybody. */
    simulated: z.boolean(),
    issuedOn: IsoDateSchema,
    days: z.array(OutlookDaySchema).min(1, code("climate.aForecastNeedsAtLeastOneDay")).max(16),
  })
  .refine(
    (outlook) =>
      outlook.days.every(
        (day, index) =>
          index === 0 || dayNumber(day.date) === dayNumber(outlook.days[index - 1]?.date ?? "") + 1,
      ),
    { path: ["days"], message: code("climate.theDaysShouldFollowOneAnother") },
  );

export type Outlook = z.infer<typeof OutlookSchema>;
