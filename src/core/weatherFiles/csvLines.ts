import Papa from "papaparse";

const LINES_TO_GUESS_BY = 20;
/** Minus signs as typesetters and spreadsheets write them. */
const MINUS = /^[\u2212\u2012\u2013\ufe63\uff0d]/;

/** The lines of a text, whatever ends them. */
export function linesOf(text: string): string[] {
  return text.split(/\r\n|\r|\n/);
}

/** What stands between the cells of a table, by its first lines. */
export function delimiterOf(lines: readonly string[]): string {
  const head = lines.slice(0, LINES_TO_GUESS_BY).join("\n").replaceAll('"', "");
  return Papa.parse<string[]>(head).meta.delimiter;
}

/**
 * The cells of one line. Tables of weather have no line breaks in their cells, so that a stray
 * quotation mark is taken out, and swallows nothing.
 */
export function cellsOf(line: string, delimiter: string): { cells: string[]; isStray: boolean } {
  // Most lines have no quotation marks, and there are tens of thousands.
  if (!line.includes('"')) return { cells: line.split(delimiter), isStray: false };
  const parsed = Papa.parse<string[]>(line, { delimiter });
  return parsed.errors.some(({ type }) => type === "Quotes")
    ? { cells: line.replaceAll('"', "").split(delimiter), isStray: true }
    : { cells: parsed.data[0] ?? [""], isStray: false };
}

/** A measured value as a table writes it; NaN when it is none. Measurements have no thousands. */
export function measured(text: string, delimiter: string): number {
  const plain = withPlainMinus(text);
  const value = Number(delimiter === "," ? plain : plain.replace(",", "."));
  // Nothing, and what only a programmer takes for a number ("0x1f"), is none.
  return plain === "" || /^[-+]?0[box]/i.test(plain) ? NaN : value;
}

/** A text without the minus signs of typesetters, to be compared. */
export function withPlainMinus(text: string): string {
  const plain = text.trim();
  return plain.charCodeAt(0) > LAST_LATIN ? plain.replace(MINUS, "-") : plain;
}

const LAST_LATIN = 0x2000;
