import { isoDate, type DayNumber } from "../calendar";
import { daysFromSeries, withoutStuckDays, type DayOfPair, type Point } from "../log";
import { celsius } from "../units";
import { cellsOf, delimiterOf, linesOf, measured } from "./csvLines";
import { DateOrderEvidence, dayFrom, readRawDate, type RawDate } from "./csvDates";
import { fact, type Fact } from "../facts";

/** What came of reading a thermometer's table. */
export interface ThermometerReading {
  days: DayOfPair[];
  /** Why nothing could be used; null when something could. */
  problem: Fact | null;
  left: { reason: Fact; count: number; dates: string[] }[];
  /** What was settled without asking, in plain words. */
  notes: Fact[];
}

interface Columns {
  date: number;
  insideMin: number;
  insideMax: number;
  outsideMin: number;
  outsideMax: number;
  /** Readings of a logger rather than a day's low and high. */
  inside: number;
  outside: number;
  unit: "celsius" | "fahrenheit" | null;
}

const MOST_ROWS = 400_000;
/** As far as a reading is taken, °C. */
const [LEAST_C, MOST_C] = [-60, 70];
const TIME = /(\d{1,2}):(\d{2})/;
/** Warmer nights than this many spreads over the usual are no nights of this place. */
const PLAUSIBLE_C = 18;

/**
 * Reads a table of a thermometer pair: a line a day (date, low and high inside and outside) or a
 * logger's (date and time, inside, outside). °C or °F by the headings; where they do not say, by what
 * is plausible here.
 *
 * @param usualMinC   usual low outside by day, to tell °F from °C
 * @param assumedUnit what the garden's settings use
 */
export function readThermometerTable(
  text: string,
  usualMinC: (day: DayNumber) => number,
  assumedUnit: "celsius" | "fahrenheit",
): ThermometerReading {
  const lines = linesOf(text.replace(/^\uFEFF/, "")).filter((line) => line.trim() !== "");
  const delimiter = delimiterOf(lines);
  const [headings, ...rows] = lines
    .slice(0, MOST_ROWS)
    .map((line) => cellsOf(line, delimiter).cells);
  if (!headings || rows.length === 0) {
    return nothing(fact("weatherFiles.thereIsNoTableInItALineOfHeadings"));
  }
  const columns = columnsOf(headings);
  if (columns.date < 0) {
    return nothing(fact("weatherFiles.itHasNoColumnForTheDateHeadItDate"));
  }
  const daily = columns.insideMin >= 0 && columns.outsideMin >= 0;
  const logged = columns.inside >= 0 && columns.outside >= 0;
  if (!daily && !logged) {
    return nothing(fact("weatherFiles.itNeedsTheTemperaturesOfBothSides"));
  }
  const evidence = new DateOrderEvidence();
  const dates = rows.map((row) => readRawDate(row[columns.date] ?? ""));
  dates.forEach((date) => date && evidence.see(date));
  const order = evidence.order();
  const dayFirst = (order ?? "dayFirst") === "dayFirst";
  const notes = order === null ? [fact("weatherFiles.datesLike03042026WereReadWithThe")] : [];
  const undated = dates.filter((date) => date === null).length;
  const dayOf = (date: RawDate | null) => (date ? dayFrom(date, dayFirst) : null);
  const outsideColumn = daily ? columns.outsideMin : columns.outside;
  const unit =
    columns.unit ??
    plausibleUnit(rows, dates.map(dayOf), outsideColumn, usualMinC, assumedUnit, notes);
  const told = (row: readonly string[], column: number): number | null => {
    const value = column < 0 ? null : numberIn(row[column]);
    if (value === null) return null;
    return unit === "fahrenheit" ? Math.round(celsius(value) * 100) / 100 : value;
  };
  const read = daily
    ? withoutStuckDays(dailyPairs(rows, dates.map(dayOf), columns, told))
    : daysFromSeries(
        pointsOf(rows, dates.map(dayOf), columns.date, (row) => told(row, columns.inside)),
        pointsOf(rows, dates.map(dayOf), columns.date, (row) => told(row, columns.outside)),
      );
  const left = [...read.left];
  const days = read.days.filter((day) => {
    const reason = notOfThisWorld(day);
    if (reason === null) return true;
    const known = left.find((one) => one.reason.code === reason.code);
    if (!known) left.push({ reason, count: 1, dates: [day.on] });
    else known.count = known.dates.push(day.on);
    return false;
  });
  if (undated > 0)
    left.push({ reason: fact("weatherFiles.theDateCouldNotBeRead"), count: undated, dates: [] });
  return {
    days,
    problem: days.length === 0 ? nothingLeft(left) : null,
    left,
    notes,
  };
}

/** Why a day's readings cannot be; null when they can. */
function notOfThisWorld(day: DayOfPair): Fact | null {
  const { insideMinC, insideMaxC, outsideMinC, outsideMaxC } = day;
  const all = [insideMinC, insideMaxC, outsideMinC, outsideMaxC];
  if (all.some((tempC) => tempC !== null && (tempC < LEAST_C || tempC > MOST_C))) {
    return fact("weatherFiles.aTemperatureThatNoThermometerInA");
  }
  const isCrossed = (low: number, high: number | null) => high !== null && high < low;
  return isCrossed(insideMinC, insideMaxC) || isCrossed(outsideMinC, outsideMaxC)
    ? fact("weatherFiles.theHighestLiesBelowTheLowestTheTwo")
    : null;
}

function nothing(problem: Fact): ThermometerReading {
  return { days: [], problem, left: [], notes: [] };
}

function nothingLeft(left: readonly { reason: Fact }[]): Fact {
  const [first] = left;
  return first
    ? fact("weatherFiles.noNightOfItCanBeUsed", { reason: first.reason })
    : fact("weatherFiles.noLineOfItHasADateAndBoth");
}

/** Which column holds what, by the words in its heading. */
function columnsOf(headings: readonly string[]): Columns {
  const words = headings.map((heading) => heading.toLowerCase());
  const isInside = (word: string) =>
    /inside|indoor|under|\bin\b|^in[_ ]|crop|frame|house/.test(word);
  const isOutside = (word: string) => /outside|outdoor|open|\bout\b|^out[_ ]|ambient/.test(word);
  const isLow = (word: string) => /min|low/.test(word);
  const isHigh = (word: string) => /max|high/.test(word);
  const find = (is: (word: string) => boolean) => words.findIndex(is);
  const units = words.filter((word) => isInside(word) || isOutside(word));
  return {
    date: find((word) => /date|time|day|datum/.test(word)),
    insideMin: find((word) => isInside(word) && isLow(word)),
    insideMax: find((word) => isInside(word) && isHigh(word)),
    outsideMin: find((word) => isOutside(word) && isLow(word)),
    outsideMax: find((word) => isOutside(word) && isHigh(word)),
    inside: find((word) => isInside(word) && !isLow(word) && !isHigh(word)),
    outside: find((word) => isOutside(word) && !isLow(word) && !isHigh(word)),
    unit: units.some((word) => /°\s*f|fahrenheit|[_\s([]f[)\]]?$/.test(word))
      ? "fahrenheit"
      : units.some((word) => /°\s*c|celsius|[_\s([]c[)\]]?$/.test(word))
        ? "celsius"
        : null,
  };
}

function numberIn(text: string | undefined): number | null {
  // Behind a comma as delimiter a decimal comma can only stand in quotation marks.
  const value = measured(text ?? "", "");
  return Number.isNaN(value) ? null : value;
}

/** °C or °F by which of the two this place could have had. */
function plausibleUnit(
  rows: readonly (readonly string[])[],
  days: readonly (DayNumber | null)[],
  column: number,
  usualMinC: (day: DayNumber) => number,
  assumed: "celsius" | "fahrenheit",
  notes: Fact[],
): "celsius" | "fahrenheit" {
  const lows = new Map<DayNumber, number>();
  rows.forEach((row, index) => {
    const day = days[index];
    const value = numberIn(row[column]);
    if (day === undefined || day === null || value === null) return;
    lows.set(day, Math.min(lows.get(day) ?? Infinity, value));
  });
  const awayC = (as: (value: number) => number) => {
    const away = [...lows].map(([day, value]) => Math.abs(as(value) - usualMinC(day)));
    return away.sort((a, b) => a - b)[Math.floor(away.length / 2)] ?? 0;
  };
  const other = assumed === "celsius" ? "fahrenheit" : "celsius";
  const away = { celsius: awayC((value) => value), fahrenheit: awayC(celsius) };
  if (away[assumed] <= PLAUSIBLE_C || away[other] >= away[assumed]) return assumed;
  notes.push(
    other === "fahrenheit"
      ? fact("weatherFiles.theTemperaturesWereReadAsFAsCThey")
      : fact("weatherFiles.theTemperaturesWereReadAsCAsFThey"),
  );
  return other;
}

function dailyPairs(
  rows: readonly (readonly string[])[],
  days: readonly (DayNumber | null)[],
  columns: Columns,
  told: (row: readonly string[], column: number) => number | null,
): DayOfPair[] {
  const pairs = new Map<DayNumber, DayOfPair>();
  rows.forEach((row, index) => {
    const day = days[index];
    const insideMinC = told(row, columns.insideMin);
    const outsideMinC = told(row, columns.outsideMin);
    if (day === undefined || day === null || insideMinC === null || outsideMinC === null) return;
    pairs.set(day, {
      on: isoDate(day),
      insideMinC,
      outsideMinC,
      insideMaxC: told(row, columns.insideMax),
      outsideMaxC: told(row, columns.outsideMax),
    });
  });
  return [...pairs.values()];
}

function pointsOf(
  rows: readonly (readonly string[])[],
  days: readonly (DayNumber | null)[],
  dateColumn: number,
  value: (row: readonly string[]) => number | null,
): Point[] {
  return rows.flatMap((row, index) => {
    const day = days[index];
    const time = TIME.exec(row[dateColumn] ?? "");
    const tempC = value(row);
    if (day === undefined || day === null || !time || tempC === null) return [];
    return [{ atMin: (day * 24 + Number(time[1])) * 60 + Number(time[2]), tempC }];
  });
}
