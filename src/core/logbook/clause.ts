import { dayNumber, dayOfWeek, isIsoDate, type DayNumber } from "../calendar";
import type { LossCause } from "../log";
import { readNumber, type DecimalMark } from "../typed";
import { celsius, metres, type Units } from "../units";
import { dateNear, MONTHS, withIsoDates } from "./lineDates";
import { plain, type Names } from "./names";
import {
  BOUGHT,
  CAUSES,
  COUNTED,
  FILLERS,
  LAST,
  NUMBER_WORDS,
  OUTSIDE,
  PEST_WORDS,
  PLAIN_WORK,
  VERBS,
  WEIGHTS_G,
  type Deed,
} from "./vocabulary";

/** What one part of a line says, word by word, before it is fitted to the garden. */
export interface Clause {
  text: string;
  deed: Deed | null;
  /** Work that no task asks for, in its own word. */
  plainWork: string | null;
  crop: { words: string; cropId: string; varietyId: string | null } | null;
  bedId: string | null;
  shelterId: string | null;
  isOutside: boolean;
  day: DayNumber | null;
  grams: number | null;
  count: number | null;
  outOf: number | null;
  rows: number | null;
  lengthM: number | null;
  share: number | null;
  tempC: number | null;
  cause: LossCause | null;
  pestId: string | null;
  isLast: boolean;
  /** Plants that came from elsewhere. */
  isBought: boolean;
  /** Words that mean nothing here. */
  unknown: string[];
}

const WEEKDAYS = "monday tuesday wednesday thursday friday saturday sunday".split(" ");

/**
 * A line cut into its parts: at semicolons, at commas, and at "and" before a number, a verb, or
 * another crop or bed.
 *
 * @example clausesOf("-3.5 in the house, -9 out", names) // ["-3.5 in the house", "-9 out"]
 */
export function clausesOf(
  line: string,
  names: Names,
  { today, dayFirst, decimalMark }: Habits,
): string[] {
  const countsOnly = plain(line)
    .split(" ")
    .some((word) => VERBS.get(word)?.kind === "emerged");
  const dated = withIsoDates(line.replace(/[−–]/g, "-"), today, dayFirst, countsOnly);
  // Numbers are written with a point from here on: a comma would cut the line.
  return withPlainNumbers(dated, decimalMark)
    .split(/[;,\n]|\s+and\s+(?=[-+]?\d)/i)
    .flatMap((part) => splitAtSubjects(part, names))
    .map((part) => part.trim())
    .filter((part) => part !== "");
}

/** "1,250 g" is a pound of grams or two, "1,5 kg" a kilo and a half: by the reader's own marks. */
function withPlainNumbers(line: string, decimalMark: DecimalMark): string {
  return line.replace(/\d+(?:[.,]\d+)+/g, (typed) => {
    const value = readNumber(typed, decimalMark);
    // "Beds 3,4,5" is no number, but three.
    return Number.isNaN(value) ? typed : String(value);
  });
}

function splitAtSubjects(part: string, names: Names): string[] {
  const pieces = part.split(/\s+and\s+/i);
  const parts: string[] = [];
  for (const piece of pieces) {
    const [first = ""] = plain(piece).split(" ");
    const words = ` ${plain(piece)} `;
    const isSubject = [...names.beds, ...names.crops].some((one) =>
      words.includes(` ${one.words} `),
    );
    const begins = VERBS.has(first) || PLAIN_WORK.has(first) || BOUGHT.includes(first) || isSubject;
    if (parts.length === 0 || begins) parts.push(piece);
    else parts[parts.length - 1] += ` and ${piece}`;
  }
  return parts;
}

/** How the writer of a line writes dates and numbers, and when. */
export interface Habits {
  today: DayNumber;
  /** "20/9" rather than "9/20". */
  dayFirst: boolean;
  decimalMark: DecimalMark;
}

/** Reads one part of a line. */
export function readClause(text: string, names: Names, units: Units, today: DayNumber): Clause {
  const words = new Words(text);
  const clause: Clause = {
    text,
    deed: null,
    plainWork: null,
    crop: null,
    bedId: null,
    shelterId: null,
    isOutside: false,
    day: readDay(words, today),
    grams: null,
    count: null,
    outOf: null,
    rows: null,
    lengthM: null,
    share: null,
    tempC: null,
    cause: null,
    pestId: null,
    isLast: false,
    isBought: false,
    unknown: [],
  };
  // Names first: "Bed 7" holds a number, "onion fly" a crop.
  clause.pestId = words.takeFrom(PEST_WORDS) ?? null;
  const bed = names.beds.find(({ words: name }) => words.take(name));
  clause.bedId = bed?.bedId ?? null;
  const crop = names.crops.find(({ words: name }) => words.take(name));
  clause.crop = crop ?? null;
  const shelter = names.shelters.find(({ words: name }) => words.take(name));
  clause.shelterId = shelter?.shelterId ?? null;
  readAmounts(clause, words, units);
  clause.isBought = BOUGHT.some((word) => words.take(word));
  clause.deed = words.takeFrom(VERBS) ?? null;
  for (const word of words.left()) readWord(clause, word);
  if (clause.cause === null && clause.pestId !== null)
    clause.cause = PEST_CAUSES[clause.pestId] ?? null;
  return clause;
}

const PEST_CAUSES: Partial<Record<string, LossCause>> = {
  slugs: "slugs",
  mice: "mice",
  pigeons: "birds",
  caterpillars: "insects",
  aphids: "insects",
  "flea-beetles": "insects",
  whitefly: "insects",
  "leaf-miners": "insects",
  "carrot-fly": "insects",
  "root-flies": "insects",
  "onion-fly": "insects",
  "downy-mildew": "disease",
  "powdery-mildew": "disease",
  "grey-mould": "disease",
  "late-blight": "disease",
  rust: "disease",
};

function readWord(clause: Clause, word: string): void {
  const cause = CAUSES.get(word);
  if (cause) clause.cause = cause;
  else if (OUTSIDE.has(word)) clause.isOutside = true;
  else if (LAST.has(word)) clause.isLast = true;
  else if (PLAIN_WORK.has(word)) clause.plainWork = word;
  else if (word === "half") clause.share = 0.5;
  else if (word === "everything") clause.share = 1;
  else if (!FILLERS.has(word)) clause.unknown.push(word);
}

/** The words of a part, of which those that are understood are taken away. */
class Words {
  private text: string;

  constructor(text: string) {
    // Signs and points of numbers stay; everything else that is no letter is a space.
    this.text = ` ${text
      .normalize("NFD")
      .replace(/\p{M}/gu, "")
      .toLowerCase()
      .replace(/[^\p{L}\p{N}.%°/+-]+/gu, " ")
      .replace(/\.(?=\s|$)/g, "")
      .trim()
      .split(" ")
      .map((word) => NUMBER_WORDS.get(word) ?? word)
      .join(" ")} `;
  }

  /** Takes a name away where it stands as whole words. */
  take(name: string): boolean {
    if (name === "") return false;
    const at = this.text.indexOf(` ${name} `);
    if (at < 0) return false;
    this.text = `${this.text.slice(0, at)} ${this.text.slice(at + name.length + 1)}`;
    return true;
  }

  /** Takes the first, longest of some names away and gives what it means. */
  takeFrom<V>(names: ReadonlyMap<string, V>): V | undefined {
    const found = [...names.keys()]
      .sort((a, b) => b.split(" ").length - a.split(" ").length)
      .find((name) => this.take(name));
    return found === undefined ? undefined : names.get(found);
  }

  /** Takes what a pattern matches away. */
  match(pattern: RegExp): RegExpExecArray | null {
    const match = pattern.exec(this.text);
    if (match) this.text = this.text.replace(match[0], " ");
    return match;
  }

  left(): string[] {
    return this.text.split(/\s+/).filter((word) => /[\p{L}\p{N}]/u.test(word));
  }
}

const NUMBER = "([-+]?\\d+(?:\\.\\d+)?)";

function readAmounts(clause: Clause, words: Words, units: Units): void {
  const of = words.match(/ (\d+) (?:of|out of|\/) (\d+) /) ?? words.match(/ (\d+)\/(\d+) /);
  if (of) [clause.count, clause.outOf] = [Number(of[1]), Number(of[2])];
  const share = words.match(new RegExp(` ${NUMBER} ?(?:%|percent) `));
  if (share) clause.share = Number(share[1]) / 100;
  const weight = words.match(new RegExp(` ${NUMBER} ?(${[...WEIGHTS_G.keys()].join("|")}) `));
  if (weight) clause.grams = Number(weight[1]) * (WEIGHTS_G.get(weight[2] ?? "") ?? 1);
  const degrees = words.match(new RegExp(` ${NUMBER} ?°? ?(c|f|°|degrees|deg)(?: c| f)? `));
  if (degrees) {
    const isFahrenheit =
      degrees[0].includes(" f") ||
      degrees[2] === "f" ||
      (degrees[2] !== "c" && !/ c $/.test(degrees[0]) && units === "imperial");
    clause.tempC = isFahrenheit ? celsius(Number(degrees[1])) : Number(degrees[1]);
  }
  const rows = words.match(new RegExp(` ${NUMBER} ?rows? `));
  if (rows) clause.rows = Number(rows[1]);
  const length = words.match(new RegExp(` ${NUMBER} ?(m|metres?|meters?|ft|feet|foot) `));
  if (length) {
    const isFeet = /^f/.test(length[2] ?? "");
    clause.lengthM = isFeet ? metres(Number(length[1])) : Number(length[1]);
  }
  const counted = words.match(new RegExp(` ${NUMBER} ?(${[...COUNTED].join("|")}) `));
  if (counted) clause.count = Number(counted[1]);
  if (clause.count === null && clause.grams === null && clause.tempC === null) {
    readBareNumber(clause, words, units);
  } else {
    for (const word of COUNTED) words.take(word);
  }
}

/** A number by itself: a temperature where it has a sign or a thermometer's place, else a count. */
function readBareNumber(clause: Clause, words: Words, units: Units): void {
  const bare = words.match(new RegExp(` ${NUMBER} `));
  if (!bare) return;
  const value = Number(bare[1]);
  const isSigned = /^[-+]/.test(bare[1] ?? "");
  const hasPlace =
    clause.shelterId !== null || words.left().some((word) => OUTSIDE.has(word)) || isSigned;
  const isTemperature = isSigned || (hasPlace && clause.crop === null && clause.rows === null);
  if (isTemperature) clause.tempC = units === "imperial" ? celsius(value) : value;
  else clause.count = value;
}

/** The day that a part speaks of; null where it names none. */
function readDay(words: Words, today: DayNumber): DayNumber | null {
  if (words.take("today")) return today;
  if (words.take("yesterday")) return today - 1;
  if (words.take("tomorrow")) return today + 1;
  const ago = words.match(/ (\d+) days? ago /);
  if (ago) return today - Number(ago[1]);
  const iso = words.match(/ (\d{4}-\d{2}-\d{2}) /);
  if (iso?.[1] !== undefined && isIsoDate(iso[1])) return dayNumber(iso[1]);
  const month = `(${MONTHS.flatMap((name) => [name, name.slice(0, 3)]).join("|")}|sept)`;
  const dayFirst = words.match(new RegExp(` (\\d{1,2})(?:st|nd|rd|th)? (?:of )?${month} `));
  if (dayFirst) return dateNear(Number(dayFirst[1]), monthOf(dayFirst[2]), today);
  const monthFirst = words.match(new RegExp(` ${month} (\\d{1,2})(?:st|nd|rd|th)? `));
  if (monthFirst) return dateNear(Number(monthFirst[2]), monthOf(monthFirst[1]), today);
  const weekday = WEEKDAYS.findIndex((name) => words.take(name));
  return weekday < 0 ? null : today - ((dayOfWeek(today) - weekday + 7) % 7);
}

function monthOf(name = ""): number {
  return MONTHS.findIndex((month) => month.startsWith(name.slice(0, 3))) + 1;
}
