import { civilDate, dayNumberOf, isoDate, type DayNumber } from "@/core/calendar";
import { standingPlanting, type Standing } from "@/core/bedSpace";
import type { Fact } from "@/core/facts";
import type { Garden, Planting } from "@/core/garden";
import type { Site } from "@/core/growth";
import type { LogEntry } from "@/core/log";

/** One crop of the list, as it will be planted. */
export interface Listed {
  standing: Standing;
  planting: Planting;
  entries: LogEntry[];
}

/** The garden as it would be with what is listed so far: the next one finds its room beside these. */
export function withListed(garden: Garden, listed: readonly Listed[]): Garden {
  const plantings = new Map(garden.plantings);
  const logEntries = new Map(garden.logEntries);
  for (const { planting, entries } of listed) {
    plantings.set(planting.id, planting);
    for (const entry of entries) logEntries.set(entry.id, entry);
  }
  return { ...garden, plantings, logEntries };
}

/** One more for the list, or why it cannot be. */
export function listedOf(
  site: Site,
  garden: Garden,
  listed: readonly Listed[],
  standing: Standing,
  today: DayNumber,
  newId: (kind: "planting" | "log") => string,
): Listed | { refusal: Fact } {
  const ids = { planting: newId("planting"), begun: newId("log"), seen: newId("log") };
  const made = standingPlanting(site, withListed(garden, listed), standing, today, ids);
  return "refusal" in made ? made : { standing, ...made };
}

/** How far back one looks for when something was planted. */
const MONTHS_BACK = 24;

/** The months in which it may have come into the bed, this one first: the day that stands for each. */
export function monthsBack(today: DayNumber): { value: string; day: DayNumber }[] {
  const { year, month } = civilDate(today);
  return Array.from({ length: MONTHS_BACK }, (_, back) => {
    const index = month - 1 - back;
    const day = dayNumberOf(year + Math.floor(index / 12), (((index % 12) + 12) % 12) + 1, MIDDLE);
    return { value: isoDate(day), day: Math.min(day, today) };
  });
}

const MIDDLE = 15;
