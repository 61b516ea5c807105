/** What stands between whole numbers and decimals where the reader lives. */
export type DecimalMark = "." | ",";

/** A space or an apostrophe before three digits separates thousands; anywhere else it is a slip. */
const THOUSANDS = /(\d)[\s\u00a0\u202f'’](?=\d{3}(?!\d))/g;
const MINUS = /^[\u2212\u2012\u2013]/;

/**
 * A number as people type it: "7.5", "7,5", "−3", "1,250", "1.250,5", "1 250".
 *
 * One mark before exactly three digits is the only case that reads two ways: it separates thousands
 * unless it is the reader's own decimal mark, or the number begins with a zero.
 *
 * @param decimalMark the reader's own
 * @returns NaN when the text is empty or no number
 *
 * @example readNumber("7,5") // 7.5
 * @example readNumber("1,250") // 1250
 * @example readNumber("1,250", ",") // 1.25
 */
export function readNumber(text: string, decimalMark: DecimalMark = "."): number {
  const plain = text.trim().replace(THOUSANDS, "$1").replace(MINUS, "-");
  const match = /^([-+]?)(\d*(?:[.,]\d+)*[.,]?)$/.exec(plain);
  const digits = match?.[2] ?? "";
  if (!match || !/\d/.test(digits)) return NaN;
  const decimalAt = decimalPlace(digits, decimalMark);
  if (decimalAt === null) return NaN;
  const whole = digits.slice(0, decimalAt).replace(/[.,]/g, "");
  const value = Number(`${whole || "0"}.${digits.slice(decimalAt + 1) || "0"}`);
  return match[1] === "-" ? -value : value;
}

/** Where the decimal mark stands, or would stand after the last digit; null when the marks make no number. */
function decimalPlace(digits: string, decimalMark: DecimalMark): number | null {
  const marks = [...digits.matchAll(/[.,]/g)].map(({ index, 0: mark }) => ({ index, mark }));
  const last = marks.at(-1);
  if (!last) return digits.length;
  const kinds = new Set(marks.map(({ mark }) => mark));
  const grouped = (whole: string) => /^[1-9]\d{0,2}([.,]\d{3})+$/.test(whole);
  if (kinds.size === 2) {
    // "1.250,5": the last one is the decimal mark, and the others are all of the other kind.
    const alone = marks.filter(({ mark }) => mark === last.mark).length === 1;
    return alone && grouped(digits.slice(0, last.index)) ? last.index : null;
  }
  if (marks.length > 1) return grouped(digits) ? digits.length : null;
  return last.mark !== decimalMark && grouped(digits) ? digits.length : last.index;
}
