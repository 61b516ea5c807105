import { dayNumber, type DayNumber } from "../calendar";
import type { Garden } from "../garden";
import type { LogEntry, Work } from "../log";
import type { Task } from "./task";

/** What cannot wait until tomorrow comes first. */
const TONIGHT: readonly Work[] = ["cover", "shut", "pickBeforeFrost", "carryIn"];

/** Whether a task is one of the evening's decisions. */
export function isForTonight({ kind }: Pick<Task, "kind">): boolean {
  return TONIGHT.includes(kind);
}

/** Whether the log settles a task for a day: done or left undone by then, or put off beyond it. */
export function isSettled(
  { logEntries }: Pick<Garden, "logEntries">,
  taskId: string,
  day: DayNumber,
): boolean {
  const entry = logEntries.get(taskId);
  if (!entry || dayNumber(entry.on) > day) return false;
  return entry.what.kind !== "putOff" || dayNumber(entry.what.untilOn) > day;
}

/** What of a day's round is settled already, the last one first. */
export function settledOn({ logEntries }: Garden, day: DayNumber): LogEntry[] {
  return [...logEntries.values()]
    .filter(({ taskId, on }) => taskId !== null && dayNumber(on) === day)
    .reverse();
}
