import Papa from "papaparse";
import { isoDate } from "../calendar";
import type { DailyRecord } from "../climate";

/** A record as CSV (RFC 4180): date, tmax_c, tmin_c, precip_mm; gaps are empty. Digits alone: no byte order mark. */
export function writeWeatherCsv(record: DailyRecord): string {
  const tenth = (value: number | undefined) =>
    value === undefined || Number.isNaN(value) ? "" : String(Math.round(value * 10) / 10 + 0);
  const data = Array.from(record.minTempC, (low, index) => [
    isoDate(record.firstDay + index),
    tenth(record.maxTempC[index]),
    tenth(low),
    tenth(record.precipitationMm[index]),
  ]);
  return `${Papa.unparse({ fields: ["date", "tmax_c", "tmin_c", "precip_mm"], data }, { newline: "\r\n" })}\r\n`;
}
