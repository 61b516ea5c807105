import { dayNumber, dayNumberOf, civilDate, isIsoDate, type DayNumber } from "@/core/calendar";

/**
 * A date as someone types it to find it: "2026-12-01", "1 dec", "1 December", "dec 1".
 *
 * @param monthNames the locale's month names, January first
 * @param nearDay    the year is chosen so that the date lies within half a year of this day
 * @returns null when the text is no date
 */
export function readDate(
  text: string,
  monthNames: readonly string[],
  nearDay: DayNumber,
): DayNumber | null {
  const typed = text.trim().toLowerCase();
  if (isIsoDate(typed)) return dayNumber(typed);
  const match =
    /^(\d{1,2})\.?\s*(\p{L}{3,})\.?$/u.exec(typed) ??
    swap(/^(\p{L}{3,})\.?\s*(\d{1,2})$/u.exec(typed));
  if (!match) return null;
  const dayOfMonth = Number(match[1]);
  const name = match[2] ?? "";
  const month = monthNames.findIndex((full) => full.toLowerCase().startsWith(name)) + 1;
  if (month === 0) return null;
  const year = civilDate(nearDay).year;
  const candidates = [year - 1, year, year + 1]
    .map((one) => dayNumberOf(one, month, dayOfMonth))
    .filter((day) => civilDate(day).month === month && civilDate(day).dayOfMonth === dayOfMonth);
  return candidates.sort((a, b) => Math.abs(a - nearDay) - Math.abs(b - nearDay))[0] ?? null;
}

function swap(match: RegExpExecArray | null): string[] | null {
  return match && [match[0], match[2] ?? "", match[1] ?? ""];
}
