import * as z from "zod";
import { dayNumber, IsoDateSchema, type DayNumber } from "../calendar";

/** Daily weather of one station over a stretch of days without jumps; gaps are NaN. */
export interface DailyRecord {
  firstDay: DayNumber;
  /** One value a day from `firstDay` on; all three have the same length. */
  minTempC: Float32Array;
  maxTempC: Float32Array;
  precipitationMm: Float32Array;
}

const MOST_DAYS = 366 * 250;
const TENTHS = 10;

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

const decoded = new WeakMap<WeatherRecord, DailyRecord>();

/** The kept record ready for computing; made once for each record. */
export function dailyRecordOf(kept: WeatherRecord): DailyRecord {
  let record = decoded.get(kept);
  if (!record) {
    const values = (tenths: readonly (number | null)[]) =>
      Float32Array.from(tenths, (value) => (value === null ? NaN : value / TENTHS));
    record = {
      firstDay: dayNumber(kept.firstDate),
      minTempC: values(kept.minTempTenthsC),
      maxTempC: values(kept.maxTempTenthsC),
      precipitationMm: values(kept.precipitationTenthsMm),
    };
    decoded.set(kept, record);
  }
  return record;
}

/** A record as whole tenths, for keeping; gaps become null. */
export function recordInTenths(
  record: DailyRecord,
): Pick<WeatherRecord, "minTempTenthsC" | "maxTempTenthsC" | "precipitationTenthsMm"> {
  const tenths = (values: Float32Array) =>
    Array.from(values, (value) => (Number.isNaN(value) ? null : Math.round(value * TENTHS) + 0));
  return {
    minTempTenthsC: tenths(record.minTempC),
    maxTempTenthsC: tenths(record.maxTempC),
    precipitationTenthsMm: tenths(record.precipitationMm),
  };
}

/** The last day of a record. */
export function lastDayOf(record: DailyRecord): DayNumber {
  return record.firstDay + record.minTempC.length - 1;
}
