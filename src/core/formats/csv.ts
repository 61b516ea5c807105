import Papa from "papaparse";
import { feet, fahrenheit, gallons, inches, ounces, type Units } from "../units";

/**
 * What a spreadsheet would reckon instead of showing. A note may well begin with a minus or a plus: with
 * these only what calls a function, another sheet or another program is meant.
 */
const FORMULA = /^(?:[=@\t\r]|[-+](?=.*[|!])|[-+]\s*[A-Za-z.]+\()/;
/** RFC 4180; texts that a spreadsheet would take for a formula are made harmless. */
const OPTIONS = { newline: "\r\n", escapeFormulae: FORMULA };
/** Without it spreadsheets read UTF-8 as something else: "Ã¤". */
const BYTE_ORDER_MARK = "\uFEFF";

export type CsvRow = Readonly<Record<string, string | number>>;

/** A column's name tells its unit: what becomes of both in a garden that measures in feet. */
const IMPERIAL: readonly {
  column: RegExp;
  name: string;
  convert: (value: number) => number;
  digits: number;
}[] = [
  { column: /_m$/, name: "_ft", convert: feet, digits: 4 },
  { column: /_cm$/, name: "_in", convert: inches, digits: 3 },
  { column: /_g$/, name: "_oz", convert: ounces, digits: 3 },
  { column: /_c$/, name: "_f", convert: fahrenheit, digits: 1 },
  { column: /^grams/, name: "oz", convert: ounces, digits: 3 },
  { column: /^litres$/, name: "gal", convert: gallons, digits: 1 },
];

/**
 * Rows as CSV, in the units of the garden: the names of the columns say which.
 *
 * @param fields the columns in their order, in SI; a row may leave some out
 */
export function writeCsv(units: Units, fields: readonly string[], rows: readonly CsvRow[]): string {
  if (units === "metric") return written(fields, [...rows]);
  const columns = fields.map((field) => ({ field, ...inImperial(field) }));
  const data = rows.map((row) =>
    Object.fromEntries(
      columns.map(({ field, name, told }) => [name, told(row[field] ?? "")] as const),
    ),
  );
  return written(
    columns.map(({ name }) => name),
    data,
  );
}

function written(fields: readonly string[], data: CsvRow[]): string {
  return `${BYTE_ORDER_MARK}${Papa.unparse({ fields: [...fields], data }, OPTIONS)}`;
}

function inImperial(field: string) {
  const unit = IMPERIAL.find(({ column }) => column.test(field));
  if (!unit) return { name: field, told: (value: string | number) => value };
  const { column, name, convert, digits } = unit;
  return {
    name: field.replace(column, name),
    told: (value: string | number) =>
      typeof value === "number" ? Number(convert(value).toFixed(digits)) : value,
  };
}
