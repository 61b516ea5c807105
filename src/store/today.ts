import { MS_PER_DAY, dayNumber, type DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";

/** The garden's today: its own, or the calendar's where it has none. */
export function todayOf(garden: Garden, now: Date = new Date()): DayNumber {
  return garden.head.today === null ? calendarDayOf(now) : dayNumber(garden.head.today);
}

/** The grower's calendar day now. */
export function calendarDay(): DayNumber {
  return calendarDayOf(new Date());
}

function calendarDayOf(now: Date): DayNumber {
  // Local midnight, so that the day changes when the grower's does.
  return Math.floor((now.getTime() - now.getTimezoneOffset() * 60_000) / MS_PER_DAY);
}
