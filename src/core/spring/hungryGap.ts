import springJson from "@data/spring.json";
import { DAYS_PER_WEEK, type DayNumber } from "../calendar";

/** The weeks of spring in which the store is empty and little is ready yet. */
export interface HungryGap {
  fromDay: DayNumber;
  /** The last day of its last week. */
  untilDay: DayNumber;
  /** Short in all food groups, on the mean, kg. */
  shortKgAWeek: number;
}

/** Need and what is short of it in a week from a day, all food groups. */
export interface ShortWeek {
  weekOf: DayNumber;
  needKg: number;
  gapKg: number;
}

/**
 * The hungry gap after a midwinter: of the weeks on end of spring that are short by a fifth or more, those
 * that lack most; null where there are none.
 */
export function hungryGap(weeks: readonly ShortWeek[], midwinterDay: DayNumber): HungryGap | null {
  const { fromDays, untilDays, shortShare } = springJson;
  let worst: { from: number; until: number; kg: number } | null = null;
  let run: { from: number; until: number; kg: number } | null = null;
  weeks.forEach(({ weekOf, needKg, gapKg }, index) => {
    const isSpring = weekOf >= midwinterDay + fromDays && weekOf <= midwinterDay + untilDays;
    if (!isSpring || gapKg < shortShare * needKg || needKg <= 0) {
      run = null;
      return;
    }
    run = { from: run?.from ?? index, until: index, kg: (run?.kg ?? 0) + gapKg };
    if (run.kg > (worst?.kg ?? 0)) worst = run;
  });
  return gapOf(weeks, worst);
}

function gapOf(
  weeks: readonly ShortWeek[],
  run: { from: number; until: number; kg: number } | null,
): HungryGap | null {
  const [first, last] = run ? [weeks[run.from], weeks[run.until]] : [];
  if (!run || !first || !last) return null;
  return {
    fromDay: first.weekOf,
    untilDay: last.weekOf + DAYS_PER_WEEK - 1,
    shortKgAWeek: run.kg / (run.until - run.from + 1),
  };
}
