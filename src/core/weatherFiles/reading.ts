import type { DailyRecord } from "../climate";
import type { Fact } from "../facts";

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
  words: Fact;
  options: readonly { value: string; label: Fact }[];
  /** What was assumed so far. */
  assumed: string;
}

/** Lines or values that were left out, and why. */
export interface LeftOut {
  reason: Fact;
  count: number;
  /** Numbers of the first such lines. */
  lines: readonly number[];
}

/** Where a station stands. */
export interface StationPlace {
  latitudeDeg: number;
  longitudeDeg: number;
  /** Null where the file does not say. */
  elevationM: number | null;
}

/** What came of reading a weather file. */
export interface WeatherReading {
  /** Null when nothing could be used; `problem` says why. */
  record: DailyRecord | null;
  problem: Fact | null;
  kind: "GHCN-Daily" | "CSV" | null;
  /** The station as the file names it. */
  station: string | null;
  /** Where it stands, as far as the file says. */
  stands: StationPlace | null;
  lines: number;
  /** Days with a low, with a high, with an amount of rain. */
  lows: number;
  highs: number;
  rains: number;
  left: readonly LeftOut[];
  questions: readonly WeatherQuestion[];
  /** What was settled without asking, and what is odd, in plain words. */
  notes: readonly Fact[];
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
  private readonly byReason = new Map<string, { reason: Fact; count: number; lines: number[] }>();

  add(reason: Fact, line: number): void {
    const key = JSON.stringify(reason);
    let entry = this.byReason.get(key);
    if (!entry) {
      entry = { reason, count: 0, lines: [] };
      this.byReason.set(key, entry);
    }
    entry.count += 1;
    if (entry.lines.length < LINES_NAMED && entry.lines.at(-1) !== line) entry.lines.push(line);
  }

  list(): LeftOut[] {
    return [...this.byReason.values()];
  }
}

/** A reading of which nothing can be used. */
export function unusable(problem: Fact, kind: WeatherReading["kind"], lines = 0): WeatherReading {
  return {
    record: null,
    problem,
    kind,
    station: null,
    stands: null,
    lines,
    lows: 0,
    highs: 0,
    rains: 0,
    left: [],
    questions: [],
    notes: [],
  };
}
