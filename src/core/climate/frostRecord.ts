import {
  civilDate,
  dayNumberOf,
  isoDate,
  seasonOf,
  type DayNumber,
  type Season,
} from "../calendar";
import { lastDayOf, type DailyRecord } from "./dailyRecord";
import { empiricalOdds, type EmpiricalOdds } from "./empiricalOdds";
import { daysOfYear } from "./seasonalCurve";

/** A season with more of its nights missing than this tells nothing about frost. */
const MOST_MISSING = 0.1;
/** With fewer seasons than this the odds are widened, and that is said. */
export const FEW_SEASONS = 10;
/** Any year does: days of all seasons are told by their place in this one. */
const REFERENCE_YEAR = 2001;

/** First and last frost of every complete season of a record. */
export interface FrostRecord {
  /** Complete seasons, by the years they span: "1998–99". */
  seasons: readonly string[];
  /** Seasons left out since more than a tenth of their nights is missing. */
  dropped: readonly string[];
  /** Odds of the first night at or below a threshold since midsummer, in days of the season. */
  first(thresholdC: number): EmpiricalOdds;
  /** Odds that the last such night is over, in days of the season. */
  last(thresholdC: number): LastFrostOdds;
}

/** By when the last frost of a season is over. */
export interface LastFrostOdds {
  seasons: number;
  /**
   * Day of the season after which none comes in a share of seasons.
   *
   * @returns null when so many seasons have none at all
   */
  dayAfterWhichNone(share: number): number | null;
  /** Share of seasons in which one is still to come after a day of the season. */
  chanceAfter(day: number): number;
}

/**
 * Looks through a record for the frosts of each season.
 *
 * @param latitudeDeg its sign tells where midsummer lies
 */
export function frostRecord(record: DailyRecord, latitudeDeg: number): FrostRecord {
  const { complete, dropped } = seasonsOf(record, latitudeDeg);
  const cached = <T>(make: (thresholdC: number) => T) => {
    const made = new Map<number, T>();
    return (thresholdC: number): T => {
      let odds = made.get(thresholdC);
      if (odds === undefined) {
        odds = make(thresholdC);
        made.set(thresholdC, odds);
      }
      return odds;
    };
  };
  return {
    seasons: complete.map(seasonName),
    dropped: dropped.map(seasonName),
    first: cached((thresholdC) =>
      empiricalOdds(
        complete.flatMap((season) => frostIn(record, season, thresholdC, 1) ?? []),
        complete.length,
      ),
    ),
    last: cached((thresholdC) => {
      const days = complete.flatMap((season) => frostIn(record, season, thresholdC, -1) ?? []);
      return lastOdds(days, complete.length);
    }),
  };
}

/** Counted back from the season's end, the last frost is the first: the same odds serve both. */
function lastOdds(days: readonly number[], seasons: number): LastFrostOdds {
  const backward = empiricalOdds(
    days.map((day) => -day),
    seasons,
  );
  return {
    seasons,
    dayAfterWhichNone(share) {
      const day = backward.dayAt(1 - share);
      return day === null ? null : -day;
    },
    chanceAfter: (day) => backward.chanceBy(-day - 1),
  };
}

function seasonsOf(record: DailyRecord, latitudeDeg: number) {
  const complete: Season[] = [];
  const dropped: Season[] = [];
  const endDay = lastDayOf(record);
  let season = seasonOf(latitudeDeg, record.firstDay);
  while (season.startDay <= endDay) {
    let known = 0;
    for (let day = season.startDay; day <= season.endDay; day += 1) {
      if (!Number.isNaN(record.minTempC[day - record.firstDay] ?? NaN)) known += 1;
    }
    const length = season.endDay - season.startDay + 1;
    if (known >= length * (1 - MOST_MISSING)) complete.push(season);
    else dropped.push(season);
    season = seasonOf(latitudeDeg, season.endDay + 1);
  }
  return { complete, dropped };
}

/** Day of the season of its first (step 1) or last (step −1) night at or below a threshold. */
function frostIn(
  record: DailyRecord,
  season: Season,
  thresholdC: number,
  step: 1 | -1,
): number | null {
  const [from, to] = step > 0 ? [season.startDay, season.endDay] : [season.endDay, season.startDay];
  for (let day = from; step > 0 ? day <= to : day >= to; day += step) {
    // A gap is NaN and never cold; a threshold of −2.2 must meet a reading of −2.2.
    if ((record.minTempC[day - record.firstDay] ?? NaN) <= thresholdC + 0.001) {
      return dayOfSeason(season, day);
    }
  }
  return null;
}

/**
 * A day's place in its season, the same for the same date in every year: 29 February shares the
 * place of the 28th, so that leap years do not push spring back by a day.
 */
export function dayOfSeason(season: Season, day: DayNumber): number {
  const offset = day - season.startDay;
  return holdsLeapDayBefore(season, day) ? offset - 1 : offset;
}

/** The day of a season at a place in it; the inverse of `dayOfSeason`, rounded to whole days. */
export function dayAtPlace(season: Season, place: number): DayNumber {
  const day = season.startDay + Math.round(place);
  return holdsLeapDayBefore(season, day) ? day + 1 : day;
}

function holdsLeapDayBefore(season: Season, day: DayNumber): boolean {
  // A season touches two years at most; 29 February of either may lie in it.
  for (const year of [civilDate(season.startDay).year, civilDate(season.endDay).year]) {
    const leapDay = dayNumberOf(year, 2, 29);
    if (civilDate(leapDay).month !== 2) continue;
    if (leapDay >= season.startDay && leapDay <= season.endDay) return day >= leapDay;
  }
  return false;
}

/** A day of the season as month and day: "10-08". */
export function monthDayOfPlace(latitudeDeg: number, place: number): string {
  const season = seasonOf(latitudeDeg, dayNumberOf(REFERENCE_YEAR, 9, 1));
  return isoDate(dayAtPlace(season, place)).slice(5);
}

function seasonName(season: Season): string {
  const from = civilDate(season.startDay).year;
  const to = civilDate(season.endDay).year;
  return from === to ? String(from) : `${from}–${String(to % 100).padStart(2, "0")}`;
}

/**
 * Whether a record's summer falls on the turn of the year, so that it lies south of the equator;
 * for files that do not say where their station stands.
 */
export function looksSouthern(record: DailyRecord): boolean {
  const seasons = daysOfYear(record.firstDay, record.minTempC.length);
  const turnOfYear = { sum: 0, days: 0 };
  const middleOfYear = { sum: 0, days: 0 };
  for (let index = 0; index < seasons.length; index += 1) {
    const low = record.minTempC[index] ?? NaN;
    const day = seasons[index] ?? 0;
    if (Number.isNaN(low)) continue;
    const months = day <= 59 ? turnOfYear : day > 181 && day <= 243 ? middleOfYear : null;
    if (!months) continue;
    months.sum += low;
    months.days += 1;
  }
  if (turnOfYear.days === 0 || middleOfYear.days === 0) return false;
  return turnOfYear.sum / turnOfYear.days > middleOfYear.sum / middleOfYear.days;
}
