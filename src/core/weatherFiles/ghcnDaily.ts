import { civilDate, dayNumberOf, type DayNumber } from "../calendar";
import { lastDayOf, type DailyRecord } from "../climate";
import {
  countKnown,
  DayValues,
  LOW_ABOVE_HIGH,
  NOT_OF_THIS_WORLD,
  ofThisWorld,
  SWAPPED_SHARE,
  type Element,
} from "./dayValues";
import { LeftOutList, unusable, type WeatherReading } from "./reading";
import { fact } from "../facts";

/**
 * GHCN-Daily's fixed columns: a line is one month of one element, 31 values of five characters, each
 * with flags for measurement, quality and source.
 *
 * @source NOAA National Centers for Environmental Information, GHCN-Daily readme, format of ".dly" files
 */
const LINE = /^([A-Z]{2}[A-Za-z0-9_-]{9})(\d{4})(\d{2})([A-Z0-9]{4})/;
const HEAD_LENGTH = 21;
const VALUE_LENGTH = 8;
const MISSING = -9999;
const TENTHS = 10;
const WHOLE = /^\s*-?\d+\s*$/;
const ELEMENTS: Record<string, Element> = {
  TMIN: "minTempC",
  TMAX: "maxTempC",
  PRCP: "precipitationMm",
};
const DAYS_OF_LINE = 31;

/** Whether a line has GHCN-Daily's columns. */
export function isGhcnDailyLine(line: string): boolean {
  return LINE.test(line) && line.length >= HEAD_LENGTH + 5;
}

/** Reads the lines of a GHCN-Daily file, one after the other. */
export function ghcnDailyReader() {
  const values = new DayValues();
  const left = new LeftOutList();
  const others = new Set<string>();
  /** The line of each day's low, to name it by. */
  const lineOfLow = new Map<DayNumber, number>();
  let station: string | null = null;
  let lines = 0;

  const readLine = (line: string): void => {
    lines += 1;
    if (line.trim() === "") return;
    const head = LINE.exec(line);
    if (!head) return left.add(fact("weatherFiles.linesWithoutAStationYearMonthAnd"), lines);
    const [, id = "", year, month, element = ""] = head;
    station ??= id;
    if (id !== station)
      return left.add(fact("weatherFiles.linesOfOtherStationsThan", { station }), lines);
    const kind = ELEMENTS[element];
    if (!kind) {
      others.add(element);
      return;
    }
    const firstOfMonth = dayNumberOf(Number(year), Number(month), 1);
    const monthNumber = Number(month);
    if (monthNumber < 1 || monthNumber > 12)
      return left.add(fact("weatherFiles.linesOfA13thMonth"), lines);
    for (let day = 0; day < DAYS_OF_LINE; day += 1) {
      const start = HEAD_LENGTH + day * VALUE_LENGTH;
      const text = line.slice(start, start + 5);
      if (text.trim() === "") continue;
      if (!WHOLE.test(text)) {
        left.add(fact("weatherFiles.valuesThatAreNoNumbers"), lines);
        continue;
      }
      if (Number(text) === MISSING) continue;
      if (civilDate(firstOfMonth + day).month !== monthNumber) {
        left.add(fact("weatherFiles.valuesOnDaysThatTheMonthDoesNot"), lines);
        continue;
      }
      const quality = line[start + 6] ?? " ";
      if (quality !== " ") {
        left.add(fact("weatherFiles.valuesThatFailedTheArchivesQuality"), lines);
        continue;
      }
      const value = ofThisWorld(kind, Number(text) / TENTHS);
      if (Number.isNaN(value)) {
        left.add(NOT_OF_THIS_WORLD, lines);
        continue;
      }
      if (!values.set(kind, firstOfMonth + day, value)) {
        left.add(fact("weatherFiles.valuesForDaysThatHadOneAlreadyThe"), lines);
      } else if (kind === "minTempC") {
        lineOfLow.set(firstOfMonth + day, lines);
      }
    }
  };

  const finish = (): WeatherReading => {
    const record = values.record();
    if (record && isSwapped(record, (day) => left.add(LOW_ABOVE_HIGH, lineOfLow.get(day) ?? 0))) {
      return unusable(fact("weatherFiles.onMostDaysTheLowIsAboveTheHighTmin"), "GHCN-Daily", lines);
    }
    if (!record) {
      return unusable(fact("weatherFiles.thisGhcnDailyFileHoldsNoTminTmaxOr"), "GHCN-Daily", lines);
    }
    const notes =
      others.size === 0
        ? []
        : [fact("weatherFiles.notNeededAndPassedOver", { sort: [...others].sort() })];
    return {
      record,
      problem: null,
      kind: "GHCN-Daily",
      station,
      stands: null,
      lines,
      lows: countKnown(record.minTempC),
      highs: countKnown(record.maxTempC),
      rains: countKnown(record.precipitationMm),
      left: left.list(),
      questions: [],
      notes,
    };
  };
  return { readLine, finish };
}

/**
 * Takes out the temperatures of days whose low is above the high.
 *
 * @returns whether that is so on most days
 */
function isSwapped(record: DailyRecord, tell: (day: DayNumber) => void): boolean {
  const { firstDay, minTempC, maxTempC } = record;
  let [both, crossed] = [0, 0];
  minTempC.forEach((low, index) => {
    const high = maxTempC[index] ?? NaN;
    if (Number.isNaN(low + high)) return;
    both += 1;
    if (low <= high) return;
    crossed += 1;
    tell(firstDay + index);
    minTempC[index] = NaN;
    maxTempC[index] = NaN;
  });
  return both > 0 && crossed / both > SWAPPED_SHARE;
}

const WRITTEN: readonly [string, Element][] = [
  ["TMAX", "maxTempC"],
  ["TMIN", "minTempC"],
  ["PRCP", "precipitationMm"],
];

/**
 * A record as a GHCN-Daily file; gaps are −9999.
 *
 * @param stationId eleven characters: two letters, then letters, digits or hyphens
 */
export function writeGhcnDaily(record: DailyRecord, stationId: string): string {
  const lines: string[] = [];
  const lastDay = lastDayOf(record);
  let { year, month } = civilDate(record.firstDay);
  for (;;) {
    const first = dayNumberOf(year, month, 1);
    if (first > lastDay) break;
    for (const [name, element] of WRITTEN) {
      let line = `${stationId}${year}${String(month).padStart(2, "0")}${name}`;
      let known = false;
      for (let day = first; day < first + DAYS_OF_LINE; day += 1) {
        const inMonth = civilDate(day).month === month;
        const value = inMonth ? (record[element][day - record.firstDay] ?? NaN) : NaN;
        known ||= !Number.isNaN(value);
        const tenths = Number.isNaN(value) ? MISSING : Math.round(value * TENTHS) + 0;
        line += `${String(tenths).padStart(5)}  ${Number.isNaN(value) ? " " : "M"}`;
      }
      if (known) lines.push(line);
    }
    if (month === 12) year += 1;
    month = (month % 12) + 1;
  }
  return `${lines.join("\n")}\n`;
}
