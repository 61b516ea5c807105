import type { DayNumber } from "../calendar";
import { COLUMNS_WITHOUT_HEADINGS, columnsFrom, type ColumnKind, type Columns } from "./csvColumns";
import { DateOrderEvidence, dayFrom, readRawDate, realDay, type RawDate } from "./csvDates";
import { cellsOf, delimiterOf, linesOf, measured, withPlainMinus } from "./csvLines";
import { unitsOf } from "./csvUnits";
import {
  countKnown,
  DayValues,
  isTooLong,
  LOW_ABOVE_HIGH,
  NOT_OF_THIS_WORLD,
  ofThisWorld,
  SWAPPED_SHARE,
} from "./dayValues";
import {
  LeftOutList,
  unusable,
  type StationPlace,
  type WeatherAnswers,
  type WeatherReading,
} from "./reading";
import { metres } from "../units";
import { fact, type Fact } from "../facts";

/** More lines than this are not one station's days. */
const MOST_ROWS = 1_000_000;
const MISSING = new Set(["", "na", "n/a", "nan", "null", "none", "-", "--", "m", "x"]);
/** Stand-ins for "not measured" in use, below or above what any thermometer shows. */
const MISSING_NUMBERS = new Set([-9999, -999, -99.9, -999.9, 9999, 999.9]);
/** Another such stand-in; but in tenths of a degree it is a winter's night like others. */
const DOUBTFUL = -99;
/** So many times as often as the numbers beside it, a number is no measurement. */
const TOO_OFTEN = 6;
const BESIDE = 5;
const TRACE = /^t(race)?$/i;
const HOURLY_SHARE = 0.5;

interface Rows {
  dates: (RawDate | null)[];
  lines: number[];
  lows: number[];
  highs: number[];
  rains: number[];
}

const STRAY_QUOTES = fact("weatherFiles.strayQuotationMarksTheRestOfTheir");

/** Reads the lines of a weather table, block by block of whole lines. */
export function csvReader(answers: WeatherAnswers) {
  const left = new LeftOutList();
  const evidence = new DateOrderEvidence();
  const rows: Rows = { dates: [], lines: [], lows: [], highs: [], rains: [] };
  let delimiter = "";
  let columns: Columns | null = null;
  let station: string | null = null;
  let name: string | null = null;
  let stands: StationPlace | null = null;
  let problem: Fact | null = null;
  let lines = 0;

  const readBlock = (text: string): void => {
    if (problem) return;
    const each = linesOf(text);
    if (delimiter === "") delimiter = delimiterOf(each);
    for (const line of each) {
      lines += 1;
      const { cells, isStray } = cellsOf(line, delimiter);
      if (isStray) left.add(STRAY_QUOTES, lines);
      readRow(cells);
      if (rows.dates.length > MOST_ROWS) {
        problem = fact("weatherFiles.thisTableHasMoreThanLinesWhichIs", { mostRows: MOST_ROWS });
        return;
      }
    }
  };

  const readRow = (cells: string[]): void => {
    if (cells.every((cell) => cell.trim() === "") || cells[0]?.startsWith("#")) return;
    if (!columns) {
      columns = headingsOrFirstRow(cells);
      if (columns !== COLUMNS_WITHOUT_HEADINGS) {
        problem = missingColumns(columns, cells);
        return;
      }
    }
    const { at } = columns;
    const cell = (kind: ColumnKind) => (at[kind] === undefined ? "" : (cells[at[kind]] ?? ""));
    if (at.station !== undefined) {
      station ??= cell("station").trim();
      if (cell("station").trim() !== station) {
        return left.add(fact("weatherFiles.linesOfOtherStationsThan", { station }), lines);
      }
    }
    name ||= cell("stationName").trim();
    stands ??= placeIn(columns, cell, delimiter);
    const date = dateOf(at, cell);
    if (!date) return left.add(fact("weatherFiles.linesWhoseDateCannotBeRead"), lines);
    evidence.see(date);
    rows.dates.push(date);
    rows.lines.push(lines);
    rows.lows.push(value(cell("minTemp"), cell("minQuality"), fact("weatherFiles.lows")));
    rows.highs.push(value(cell("maxTemp"), cell("maxQuality"), fact("weatherFiles.highs")));
    rows.rains.push(
      value(
        cell("precipitation"),
        cell("precipitationQuality"),
        fact("weatherFiles.amountsOfRain"),
      ),
    );
  };

  const value = (text: string, quality: string, what: Fact): number => {
    const plain = withPlainMinus(text);
    if (MISSING.has(plain.toLowerCase())) return NaN;
    if (what.code === "weatherFiles.amountsOfRain" && TRACE.test(plain)) return 0;
    // GHCN-Daily tables write flags as "measurement,quality,source"; a quality letter is a failed check.
    if (quality.includes(",") && (quality.split(",")[1] ?? "").trim() !== "") {
      left.add(fact("weatherFiles.thatFailedTheArchivesQualityChecks", { what }), lines);
      return NaN;
    }
    const number = measured(plain, delimiter);
    if (Number.isNaN(number)) {
      left.add(fact("weatherFiles.thatAreNoNumbers", { what }), lines);
      return NaN;
    }
    return MISSING_NUMBERS.has(number) ? NaN : number;
  };

  const finish = (): WeatherReading => {
    if (problem) return unusable(problem, "CSV", lines);
    if (!columns) return unusable(fact("weatherFiles.thisTableIsEmpty"), "CSV", lines);
    if (rows.dates.length === 0) {
      return {
        ...unusable(fact("weatherFiles.noLineOfThisTableHasADateThatCanBe"), "CSV", lines),
        left: left.list(),
      };
    }
    return assemble(rows, columns, {
      answers,
      evidence,
      left,
      station: name || station,
      stands,
      lines,
    });
  };
  return { readBlock, wantsMore: () => problem === null, finish };
}

function headingsOrFirstRow(cells: string[]): Columns {
  if (readRawDate(cells[0] ?? "")) return COLUMNS_WITHOUT_HEADINGS;
  return columnsFrom(cells);
}

function missingColumns({ at }: Columns, headings: string[]): Fact | null {
  const dated =
    at.date !== undefined ||
    (at.year !== undefined && at.month !== undefined && at.day !== undefined);
  const wanted = [
    ...(dated ? [] : [fact("weatherFiles.aDate")]),
    ...(at.minTemp === undefined ? [fact("weatherFiles.theDaysLowSuchAsTmin")] : []),
  ];
  if (wanted.length === 0) return null;
  const found = headings
    .map((heading) => heading.trim())
    .filter((heading) => heading !== "")
    .slice(0, 8)
    .join(", ");
  return fact("weatherFiles.noColumnLooksLikeTheFirstLineReads", { wanted, found });
}

function dateOf(at: Columns["at"], cell: (kind: ColumnKind) => string): RawDate | null {
  if (at.date !== undefined) return readRawDate(cell("date"));
  const [year, month, day] = [cell("year"), cell("month"), cell("day")].map(Number);
  if (!year || !month || !day || realDay(year, month, day) === null) return null;
  return { first: day, second: month, year, settled: true };
}

/** Where the station stands by a row's own cells; null where they do not say or cannot be. */
function placeIn(
  { isElevationInFeet }: Columns,
  cell: (kind: ColumnKind) => string,
  delimiter: string,
): StationPlace | null {
  const latitudeDeg = measured(cell("latitude"), delimiter);
  const longitudeDeg = measured(cell("longitude"), delimiter);
  const isOnEarth = Math.abs(latitudeDeg) <= 90 && Math.abs(longitudeDeg) <= 180;
  if (!isOnEarth) return null;
  const height = measured(cell("elevation"), delimiter);
  const elevationM = isElevationInFeet ? metres(height) : height;
  const isHeight = elevationM >= LOWEST_M && elevationM <= HIGHEST_M;
  return { latitudeDeg, longitudeDeg, elevationM: isHeight ? elevationM : null };
}

/** Archives write −999.9 and 9999 where they know no height. */
const [LOWEST_M, HIGHEST_M] = [-430, 6000];

interface Circumstances {
  answers: WeatherAnswers;
  evidence: DateOrderEvidence;
  left: LeftOutList;
  station: string | null;
  stands: StationPlace | null;
  lines: number;
}

function assemble(rows: Rows, columns: Columns, more: Circumstances): WeatherReading {
  const { answers, evidence, left, station, stands, lines } = more;
  const order = evidence.order();
  const dayFirst = (answers.dateOrder ?? order ?? "dayFirst") === "dayFirst";
  const sure = (values: readonly number[]) => values.filter((value) => value !== DOUBTFUL);
  const units = unitsOf(sure(rows.highs), sure(rows.rains), columns, answers);
  const lows = withoutDoubtful(rows.lows, units.inTenths);
  const highs = withoutDoubtful(rows.highs, units.inTenths);
  const rains = withoutDoubtful(rows.rains, false);
  const questions = [...units.questions];
  if (order === null) {
    questions.unshift({
      id: "dateOrder",
      words: fact("weatherFiles.datesLike0304CanBeReadTwoWaysHere"),
      options: [
        { value: "dayFirst", label: fact("weatherFiles.theFirst") },
        { value: "monthFirst", label: fact("weatherFiles.theSecond") },
      ],
      assumed: dayFirst ? "dayFirst" : "monthFirst",
    });
  }
  const values = new DayValues();
  let [both, crossed, repeated] = [0, 0, 0];
  rows.dates.forEach((date, index) => {
    const line = rows.lines[index] ?? 0;
    const day = date && dayFrom(date, dayFirst);
    if (day === null) return left.add(fact("weatherFiles.linesWhoseDateDoesNotExist"), line);
    const low = ofThisWorld("minTempC", units.temperature(lows[index] ?? NaN));
    const high = ofThisWorld("maxTempC", units.temperature(highs[index] ?? NaN));
    const rain = ofThisWorld("precipitationMm", units.precipitation(rains[index] ?? NaN));
    for (const [given, kept] of [
      [lows[index], low],
      [highs[index], high],
      [rains[index], rain],
    ]) {
      if (!Number.isNaN(given ?? NaN) && Number.isNaN(kept ?? NaN)) {
        left.add(NOT_OF_THIS_WORLD, line);
      }
    }
    if (!Number.isNaN(low + high)) both += 1;
    const turned = low > high;
    if (turned) {
      crossed += 1;
      left.add(LOW_ABOVE_HIGH, line);
    }
    const taken = setDay(values, day, turned ? NaN : low, turned ? NaN : high, rain);
    if (!taken) {
      repeated += 1;
      left.add(fact("weatherFiles.linesForDaysThatHadOneAlreadyThe"), line);
    }
  });
  const problem = oddTable(rows.dates.length, both, crossed, repeated);
  const record = values.record();
  if (problem || !record || isTooLong(record)) {
    return {
      ...unusable(problem ?? tooLongOrEmpty(record !== null), "CSV", lines),
      left: left.list(),
      questions,
    };
  }
  return {
    record,
    problem: null,
    kind: "CSV",
    station,
    stands,
    lines,
    lows: countKnown(record.minTempC),
    highs: countKnown(record.maxTempC),
    rains: countKnown(record.precipitationMm),
    left: left.list(),
    questions,
    notes: [...units.notes, ...columnNotes(columns)],
  };
}

function setDay(values: DayValues, day: DayNumber, low: number, high: number, rain: number) {
  const given = [
    ["minTempC", low],
    ["maxTempC", high],
    ["precipitationMm", rain],
  ] as const;
  return given
    .filter(([, value]) => !Number.isNaN(value))
    .map(([element, value]) => values.set(element, day, value))
    .every((taken) => taken);
}

/**
 * Values without −99 where it stands for "not measured": always, but for tenths of a degree, in which
 * it is a usual night unless it comes far more often than the numbers beside it.
 */
function withoutDoubtful(values: readonly number[], inTenths: boolean): readonly number[] {
  if (inTenths) {
    const often = (wanted: number) => values.filter((value) => value === wanted).length;
    const beside = [];
    for (let by = 1; by <= BESIDE; by += 1) beside.push(often(DOUBTFUL - by), often(DOUBTFUL + by));
    if (often(DOUBTFUL) <= TOO_OFTEN * Math.max(1, ...beside)) return values;
  }
  return values.map((value) => (value === DOUBTFUL ? NaN : value));
}

function oddTable(rows: number, both: number, crossed: number, repeated: number): Fact | null {
  if (both > 0 && crossed / both > SWAPPED_SHARE) {
    return fact("weatherFiles.inMostLinesTheLowIsAboveTheHighThe");
  }
  if (rows > 100 && repeated / rows > HOURLY_SHARE) {
    return fact("weatherFiles.mostDatesStandInSeveralLinesThis");
  }
  return null;
}

function tooLongOrEmpty(tooLong: boolean): Fact {
  return tooLong
    ? fact("weatherFiles.theDatesOfThisTableSpanMoreThan250")
    : fact("weatherFiles.noLineOfThisTableHasAValueThatCan");
}

function columnNotes({ at, unknown }: Columns): Fact[] {
  const notes: Fact[] = [];
  if (unknown.length > 0) {
    notes.push(fact("weatherFiles.columnsNotNeededAndPassedOver", { unknown }));
  }
  if (at.maxTemp === undefined) notes.push(fact("weatherFiles.thereAreNoHighsGrowthCannotBe"));
  if (at.precipitation === undefined)
    notes.push(fact("weatherFiles.thereIsNoRainInItAllDaysCountAsDry"));
  return notes;
}
