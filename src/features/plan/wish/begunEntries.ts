import { isoDate, type DayNumber } from "@/core/calendar";
import type { Planting } from "@/core/garden";
import type { LogEntry } from "@/core/log";
import type { Way } from "@/core/schedule";

/**
 * The entries of the log for a planting that was begun before today: that it was sown or set out then, and,
 * where it is in its bed by now, that it stands there.
 *
 * @returns none where it is still to come
 */
export function begunEntries(
  planting: Planting,
  { timeline }: Way,
  today: DayNumber,
  newId: (kind: "log") => string,
): LogEntry[] {
  const entry = { taskId: null, note: "" };
  const plantingId = planting.id;
  const { sowDay, plantOutDay } = timeline;
  const inBedDay = plantOutDay ?? sowDay;
  const entries: LogEntry[] = [];
  if (planting.bought === null && sowDay < today) {
    const what = { kind: "sown", plantingId, lotId: null, seeds: null } as const;
    entries.push({ ...entry, id: newId("log"), on: isoDate(sowDay), what });
  }
  if (plantOutDay !== null && plantOutDay < today) {
    const what = { kind: "plantedOut", plantingId, plants: null } as const;
    entries.push({ ...entry, id: newId("log"), on: isoDate(plantOutDay), what });
  }
  if (inBedDay < today) {
    const what = { kind: "seen", bedId: planting.bedId, plantingId, pestId: null } as const;
    entries.push({ ...entry, id: newId("log"), on: isoDate(today), what });
  }
  return entries;
}
