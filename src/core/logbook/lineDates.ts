import { civilDate, dayNumberOf, isoDate, type DayNumber } from "../calendar";

/** The months as they are written, January first. */
export const MONTHS =
  "january february march april may june july august september october november december".split(
    " ",
  );

/** The day and month nearest to today, of this year, the last or the next; null when it is no day. */
export function dateNear(dayOfMonth: number, month: number, today: DayNumber): DayNumber | null {
  const { year } = civilDate(today);
  const days = [year - 1, year, year + 1].flatMap((one) => dateOf(one, month, dayOfMonth) ?? []);
  return days.sort((a, b) => Math.abs(a - today) - Math.abs(b - today))[0] ?? null;
}

function dateOf(year: number, month: number, dayOfMonth: number): DayNumber | null {
  if (month < 1 || month > 12 || dayOfMonth < 1) return null;
  const day = dayNumberOf(year, month, dayOfMonth);
  return civilDate(day).dayOfMonth === dayOfMonth ? day : null;
}

/** `20.9.`, `20.9.2026`, after "on" also `20.9`. */
const DOTTED = /(^|[\s,;])(on\s+)?(\d{1,2})\.(\d{1,2})(\.(\d{4}|\d{2})?)?(?=$|[\s,;])/giu;
/** `20/9`, `9/20`, `20/9/2026`. */
const SLASHED = /(^|[\s,;])(on\s+)?(\d{1,2})\/(\d{1,2})(?:\/(\d{4}|\d{2}))?(?=$|[\s,;.])/giu;

/**
 * A line with the dates that are written in numbers as ISO dates, so that none of them is taken for
 * an amount. Dates with points have the day first; with slashes it goes by the reader's region, unless
 * only one way round is a day.
 *
 * @param dayFirst   "20/9" rather than "9/20"
 * @param countsOnly "34/50" may be plants that are up, of those that were sown: then a slash is a date
 *                   only after "on"
 *
 * @example withIsoDates("1 kg kale on 20.9.", today, true, false) // "1 kg kale on 2026-09-20"
 */
export function withIsoDates(
  line: string,
  today: DayNumber,
  dayFirst: boolean,
  countsOnly: boolean,
): string {
  const dotted = line.replace(
    DOTTED,
    (
      all,
      before: string,
      on: string | undefined,
      day: string,
      month: string,
      end?: string,
      year?: string,
    ) => {
      // "20.9" by itself is a number.
      if (on === undefined && end === undefined) return all;
      const found = dayFor(Number(day), Number(month), year, today);
      return found === null ? all : `${before}${on ?? ""}${isoDate(found)}`;
    },
  );
  return dotted.replace(
    SLASHED,
    (all, before: string, on: string | undefined, first: string, second: string, year?: string) => {
      if (countsOnly && on === undefined && year === undefined) return all;
      const [a, b] = [Number(first), Number(second)];
      const ways = dayFirst
        ? [[a, b] as const, [b, a] as const]
        : [[b, a] as const, [a, b] as const];
      for (const [day, month] of ways) {
        const found = dayFor(day, month, year, today);
        if (found !== null) return `${before}${on ?? ""}${isoDate(found)}`;
      }
      return all;
    },
  );
}

const CENTURY = 2000;

function dayFor(
  day: number,
  month: number,
  year: string | undefined,
  today: DayNumber,
): DayNumber | null {
  if (year === undefined) return dateNear(day, month, today);
  return dateOf(year.length === 2 ? CENTURY + Number(year) : Number(year), month, day);
}
