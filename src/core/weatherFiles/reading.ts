import type { DailyRecord } from "../climate";

/** What the reader could not settle from the file alone, as the grower settled it. */
export interface WeatherAnswers {
  /** Unit of the temperatures. */
  unit?: "celsius" | "fahrenheit";
  /** What the first two numbers of a date like 03/04/2020 are. */
  dateOrder?: "dayFirst" | "monthFirst";
}

/** Something only the grower can tell. */
export interface WeatherQuestion {
  id: keyof WeatherAnswers;
  /** The question with its reason, in a sentence or two. */
  words: string;
  options: readonly { value: string; label: string }[];
  /** What was assumed so far. */
  assumed: string;
}

/** Lines or values that were left out, and why. */
export interface LeftOut {
  reason: string;
  count: number;
  /** Numbers of the first such lines. */
  lines: readonly number[];
}

/** What came of reading a weather file. */
export interface WeatherReading {
  /** Null when nothing could be used; `problem` says why. */
  record: DailyRecord | null;
  problem: string | null;
  kind: "GHCN-Daily" | "CSV" | null;
  /** The station as the file names it. */
  station: string | null;
  lines: number;
  /** Days with a low, with a high, with an amount of rain. */
  lows: number;
  highs: number;
  rains: number;
  left: readonly LeftOut[];
  questions: readonly WeatherQuestion[];
  /** What was settled without asking, and what is odd, in plain words. */
  notes: readonly string[];
}

/** Takes a file's text piece by piece. */
export interface WeatherReader {
  /** False once nothing that follows can matter: the file need not be read to its end. */
  push(text: string): boolean;
  /** @throws never: what is wrong stands in the reading */
  finish(): WeatherReading;
}

const LINES_NAMED = 5;

/** Counts what is left out by reason, with the first lines of each. */
export class LeftOutList {
  private readonly byReason = new Map<string, { count: number; lines: number[] }>();

  add(reason: string, line: number): void {
    let entry = this.byReason.get(reason);
    if (!entry) {
      entry = { count: 0, lines: [] };
      this.byReason.set(reason, entry);
    }
    entry.count += 1;
    if (entry.lines.length < LINES_NAMED && entry.lines.at(-1) !== line) entry.lines.push(line);
  }

  list(): LeftOut[] {
    return [...this.byReason].map(([reason, { count, lines }]) => ({ reason, count, lines }));
  }
}

/** A reading of which nothing can be used. */
export function unusable(problem: string, kind: WeatherReading["kind"], lines = 0): WeatherReading {
  return {
    record: null,
    problem,
    kind,
    station: null,
    lines,
    lows: 0,
    highs: 0,
    rains: 0,
    left: [],
    questions: [],
    notes: [],
  };
}
