import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { code } from "../facts";

const MOST_DAYS = 366 * 250;
const TemperatureTenths = z
  .array(z.number().int().min(-900).max(650).nullable())
  .max(MOST_DAYS, code("climate.atMost250Years"));
const PrecipitationTenths = z
  .array(z.number().int().min(0).max(20_000).nullable())
  .max(MOST_DAYS, code("climate.atMost250Years"));

/** A daily record as the garden keeps it: whole tenths of a degree and of a millimetre, null in gaps. */
export const WeatherRecordSchema = z
  .strictObject({
    id: z.literal("record"),
    /** The station, as the file or the grower named it. */
    station: z
      .string({ error: code("climate.nameTheStation") })
      .trim()
      .min(1, code("climate.nameTheStation"))
      .max(80, code("climate.keepTheNameWithin80Characters"))
      .regex(/^[^<>\u0000-\u001f\u007f]*$/, code("climate.aNameCannotHoldOrControlCharacters")),
    firstDate: IsoDateSchema,
    minTempTenthsC: TemperatureTenths.min(1, code("climate.aRecordNeedsAtLeastOneDay")),
    maxTempTenthsC: TemperatureTenths,
    precipitationTenthsMm: PrecipitationTenths,
  })
  .refine((record) => record.maxTempTenthsC.length === record.minTempTenthsC.length, {
    path: ["maxTempTenthsC"],
    message: code("climate.thereShouldBeAsManyHighsAsLowsOneA"),
  })
  .refine((record) => record.precipitationTenthsMm.length === record.minTempTenthsC.length, {
    path: ["precipitationTenthsMm"],
    message: code("climate.thereShouldBeAsManyAmountsOfRainAs"),
  });

export type WeatherRecord = z.infer<typeof WeatherRecordSchema>;
