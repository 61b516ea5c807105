import { readNumber, type DecimalMark } from "./readNumber";

/** The unit that a field asks for. */
export type LengthUnit = "m" | "cm" | "ft" | "in";

/** Millimetres in each unit. */
const MM = { mm: 1, cm: 10, m: 1000, in: 25.4, ft: 304.8, yd: 914.4 } as const;
type Unit = keyof typeof MM;

/** How people write them. */
const SPELLED: ReadonlyMap<string, Unit> = new Map(
  Object.entries({
    mm: ["mm", "millimetre", "millimetres", "millimeter", "millimeters"],
    cm: ["cm", "centimetre", "centimetres", "centimeter", "centimeters"],
    m: ["m", "metre", "metres", "meter", "meters"],
    in: ["in", "inch", "inches", '"', "″", "”", "''", "′′", "’’"],
    ft: ["ft", "foot", "feet", "'", "′", "’"],
    yd: ["yd", "yds", "yard", "yards"],
  }).flatMap(([unit, words]) => words.map((word): [string, Unit] => [word, unit as Unit])),
);

/** What a number without a unit means after a larger one: "2 ft 6" is six inches, "1 m 20" twenty centimetres. */
const SMALLER: Partial<Record<Unit, Unit>> = { ft: "in", yd: "ft", m: "cm" };

const VULGAR: Readonly<Record<string, number>> = {
  "½": 1 / 2,
  "¼": 1 / 4,
  "¾": 3 / 4,
  "⅓": 1 / 3,
  "⅔": 2 / 3,
  "⅛": 1 / 8,
  "⅜": 3 / 8,
  "⅝": 5 / 8,
  "⅞": 7 / 8,
};

/** A number, plain, mixed or a fraction, and the unit that may follow it. */
const PART =
  /^\s*(?:(\d+)(?:\s+|-))?(\d+)\s*\/\s*(\d+)\s*([\p{L}'"′″’”]*)\.?|^\s*([\d.,]*)\s*([½¼¾⅓⅔⅛⅜⅝⅞]?)\s*([\p{L}'"′″’”]*)\.?/u;

/** Twelve feet are no 3.6576000000000004 m: what the sums of parts leave behind is cut off. */
const DIGITS = 1e7;

/**
 * A length as people type it, in the unit of its field or in one that is typed with it: "7,5", "30 in",
 * "2' 6\"", "2 ft 6", "80 cm", "7 1/2".
 *
 * @param unit what a number means that has no unit of its own, and what is given back
 * @returns NaN when the text is empty or no length
 *
 * @example readLength("30 in", "ft") // 2.5
 * @example readLength("2' 6\"", "m") // 0.762
 * @example readLength("1/2", "in") // 0.5
 */
export function readLength(text: string, unit: LengthUnit, decimalMark: DecimalMark = "."): number {
  const plain = readNumber(text, decimalMark);
  if (!Number.isNaN(plain)) return plain;
  const [, sign = "", typed = ""] = /^\s*([-−–]?)(.*)$/s.exec(text) ?? [];
  const millimetres = sumOfParts(typed.toLowerCase(), unit, decimalMark);
  const value = Math.round((millimetres / MM[unit]) * DIGITS) / DIGITS;
  return sign === "" ? value : -value;
}

function sumOfParts(typed: string, fieldUnit: LengthUnit, decimalMark: DecimalMark): number {
  let rest = typed.replace(/\band\b/g, " ").trim();
  let sum = 0;
  let last: Unit | null = null;
  while (rest !== "") {
    const part = PART.exec(rest);
    if (!part || part[0].trim() === "") return NaN;
    const value = valueOf(part, decimalMark);
    const word: string = part[4] ?? part[7] ?? "";
    const unit: Unit | undefined =
      word === "" ? (last === null ? fieldUnit : SMALLER[last]) : SPELLED.get(word);
    // Parts get smaller: "6 in 2 ft" is a slip.
    if (unit === undefined || (last !== null && MM[unit] >= MM[last])) return NaN;
    sum += value * MM[unit];
    last = unit;
    rest = rest.slice(part[0].length).trim();
  }
  return last === null ? NaN : sum;
}

function valueOf(part: RegExpExecArray, decimalMark: DecimalMark): number {
  const [, whole = "0", over, under, , digits = "", vulgar = ""] = part;
  if (over !== undefined && under !== undefined) {
    return Number(under) === 0 ? NaN : Number(whole) + Number(over) / Number(under);
  }
  if (digits === "") return VULGAR[vulgar] ?? NaN;
  return readNumber(digits, decimalMark) + (VULGAR[vulgar] ?? 0);
}
