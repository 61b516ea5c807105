import { dayNumberOf, type DayNumber } from "../calendar";

/** A garden has one place, and a few are looked at beside it. */
const MOST_LATITUDES = 8;
/** The years for which values are kept; others are worked out each time. */
const FROM_DAY = dayNumberOf(1990, 1, 1);
const DAYS = 60 * 366;

/**
 * What the sky gives a day at a latitude, worked out once for each: rehearsed winters ask for the same days
 * of the same place a hundred times over.
 *
 * @param compute gives the same for the same, and never NaN
 */
export function ofDays(
  compute: (latitudeDeg: number, day: DayNumber) => number,
): (latitudeDeg: number, day: DayNumber) => number {
  const tables = new Map<number, Float64Array>();
  let latest: { latitudeDeg: number; table: Float64Array } | null = null;
  const tableOf = (latitudeDeg: number) => {
    if (latest && latest.latitudeDeg === latitudeDeg) return latest.table;
    let table = tables.get(latitudeDeg);
    if (!table) {
      const [oldest] = tables.keys();
      if (tables.size >= MOST_LATITUDES && oldest !== undefined) tables.delete(oldest);
      table = new Float64Array(DAYS).fill(NaN);
      tables.set(latitudeDeg, table);
    }
    latest = { latitudeDeg, table };
    return table;
  };
  return (latitudeDeg, day) => {
    const at = day - FROM_DAY;
    if (!Number.isInteger(at) || at < 0 || at >= DAYS) return compute(latitudeDeg, day);
    const table = tableOf(latitudeDeg);
    const known = table[at] ?? NaN;
    if (!Number.isNaN(known)) return known;
    return (table[at] = compute(latitudeDeg, day));
  };
}
