import { dayNumber, isoDate, type DayNumber } from "../calendar";
import {
  OUTLOOK_FORMAT,
  OUTLOOK_VERSION,
  OutlookSchema,
  usualSpreadC,
  type Outlook,
} from "../climate";
import { problemsFrom } from "../gardenFile";
import type { WeatherAnswers, WeatherQuestion } from "./reading";
import { readWeather } from "./weatherReader";
import { fact, type Fact } from "../facts";

/** An outlook read from a table, or the reason why not. */
export type ReadOutlook =
  | { ok: true; outlook: Outlook; notes: Fact[] }
  | { ok: false; problem: Fact; question?: WeatherQuestion };

const MOST_DAYS = 16;

/**
 * Reads an outlook from a table in the shape of a weather record: date, tmax, tmin, precip. The
 * spread is the usual one for as many days ahead.
 *
 * @param today the first day that is still to come
 */
export function readOutlookTable(
  text: string,
  source: string,
  today: DayNumber,
  answers: WeatherAnswers = {},
): ReadOutlook {
  const reading = readWeather(text, answers);
  const [question] = reading.questions;
  if (!reading.record)
    return { ok: false, problem: reading.problem ?? fact("weatherFiles.nothingCouldBeRead") };
  if (question && answers[question.id] === undefined) {
    return { ok: false, problem: question.words, question };
  }
  const { record } = reading;
  const days = Array.from(record.minTempC, (low, index) => {
    const rain = record.precipitationMm[index] ?? NaN;
    return {
      date: isoDate(record.firstDay + index),
      minTempC: tenth(low),
      maxTempC: tenth(record.maxTempC[index] ?? NaN),
      spreadC: usualSpreadC(record.firstDay + index - today + 1),
      precipitationMm: Number.isNaN(rain) ? null : tenth(rain),
      cloudShare: null,
      windMps: null,
    };
  }).filter((day) => dayNumber(day.date) >= today && !Number.isNaN(day.minTempC + day.maxTempC));
  if (days.length === 0) {
    return {
      ok: false,
      problem: fact("weatherFiles.noDayOfThisTableFromOnHasBothAHigh", { isoDate: isoDate(today) }),
    };
  }
  const parsed = OutlookSchema.safeParse({
    format: OUTLOOK_FORMAT,
    version: OUTLOOK_VERSION,
    source,
    simulated: false,
    issuedOn: isoDate(today),
    days: days.slice(0, MOST_DAYS),
  });
  if (parsed.success) return { ok: true, outlook: parsed.data, notes: [...reading.notes] };
  const [problem] = problemsFrom(parsed.error);
  return {
    ok: false,
    problem: problem
      ? fact("gardenFile.at", { path: problem.path, message: problem.message })
      : fact("gardenFile.itCannotBeRead"),
  };
}

function tenth(value: number): number {
  return Math.round(value * 10) / 10 + 0;
}
