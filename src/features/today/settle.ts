import { isoDate, type DayNumber } from "@/core/calendar";
import type { Task } from "@/core/tasks";
import { gardenStore, noticeNewDay, todayOf } from "@/store";
import { tell, tellRefusal } from "@/ui/viewState";
import type { LocalWording } from "@/ui/wording";
import { taskTitle } from "./taskWords";

/** How a task is settled: done, left undone, or put off by some days. */
export type Settling = { as: "done" } | { as: "skipped" } | { as: "putOff"; days: number };

/** Settles tasks on a day and tells what came of it, with the way back. */
export async function settle(
  tasks: readonly Task[],
  settling: Settling,
  { day, today, wording }: { day: DayNumber; today: DayNumber; wording: LocalWording },
): Promise<boolean> {
  const garden = gardenStore().getState().garden;
  if (todayOf(garden) !== today) {
    // A tap just after midnight, before the view has woken up, would be kept under yesterday.
    noticeNewDay();
    tell("A new day has begun. Its tasks are shown now: tick the ones you mean.", "refused");
    return false;
  }
  const untilDay = settling.as === "putOff" ? day + settling.days : day;
  const done = await gardenStore().dispatch("round.settle", {
    tasks: tasks.map(({ id, kind, subject, place, bedId, plantingId, tray, pieces }) => ({
      id,
      kind,
      subject,
      place,
      bedId,
      plantingId,
      tray,
      pieces: [...pieces],
    })),
    on: isoDate(day),
    as: settling.as,
    ...(settling.as === "putOff" ? { untilOn: isoDate(untilDay) } : {}),
    today: isoDate(today),
  });
  if (!done.ok) {
    tellRefusal(done);
    return false;
  }
  const [first] = tasks;
  const what = tasks.length === 1 && first ? taskTitle(first) : `${tasks.length} tasks`;
  const words = {
    done: `Done: ${what}.`,
    skipped: `Left undone: ${what}.`,
    putOff: `Put off to ${wording.date(untilDay, day)}: ${what}.`,
  }[settling.as];
  tell(words, "done", true);
  return true;
}
