import { derive } from "../derive";
import { dayNumber, type DayNumber } from "../calendar";
import type { WeatherRecord } from "./recordSchema";

/** Daily weather of one station over a stretch of days without jumps; gaps are NaN. */
export interface DailyRecord {
  firstDay: DayNumber;
  /** One value a day from `firstDay` on; all three have the same length. */
  minTempC: Float32Array;
  maxTempC: Float32Array;
  precipitationMm: Float32Array;
}

const TENTHS = 10;

/** The kept record ready for computing; made once for each record. */
export function dailyRecordOf(kept: WeatherRecord): DailyRecord {
  return derive([kept], decoded);
}

function decoded(kept: WeatherRecord): DailyRecord {
  const values = (tenths: readonly (number | null)[]) =>
    Float32Array.from(tenths, (value) => (value === null ? NaN : value / TENTHS));
  return {
    firstDay: dayNumber(kept.firstDate),
    minTempC: values(kept.minTempTenthsC),
    maxTempC: values(kept.maxTempTenthsC),
    precipitationMm: values(kept.precipitationTenthsMm),
  };
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
