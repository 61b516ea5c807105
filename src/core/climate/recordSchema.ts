import * as z from "zod";
import { IsoDateSchema } from "../calendar";

const MOST_DAYS = 366 * 250;
const TemperatureTenths = z
  .array(z.number().int().min(-900).max(650).nullable())
  .max(MOST_DAYS, "At most 250 years.");
const PrecipitationTenths = z
  .array(z.number().int().min(0).max(20_000).nullable())
  .max(MOST_DAYS, "At most 250 years.");

/** A daily record as the garden keeps it: whole tenths of a degree and of a millimetre, null in gaps. */
export const WeatherRecordSchema = z
  .strictObject({
    id: z.literal("record"),
    /** The station, as the file or the grower named it. */
    station: z
      .string({ error: "Name the station." })
      .trim()
      .min(1, "Name the station.")
      .max(80, "Keep the name within 80 characters.")
      .regex(/^[^<>\u0000-\u001f\u007f]*$/, "A name cannot hold <, > or control characters."),
    firstDate: IsoDateSchema,
    minTempTenthsC: TemperatureTenths.min(1, "A record needs at least one day."),
    maxTempTenthsC: TemperatureTenths,
    precipitationTenthsMm: PrecipitationTenths,
  })
  .refine((record) => record.maxTempTenthsC.length === record.minTempTenthsC.length, {
    path: ["maxTempTenthsC"],
    message: "There should be as many highs as lows, one a day.",
  })
  .refine((record) => record.precipitationTenthsMm.length === record.minTempTenthsC.length, {
    path: ["precipitationTenthsMm"],
    message: "There should be as many amounts of rain as lows, one a day.",
  });

export type WeatherRecord = z.infer<typeof WeatherRecordSchema>;
