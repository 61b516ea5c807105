import { isoDate, type DayNumber } from "@/core/calendar";
import type { Task } from "@/core/tasks";
import { gardenStore, noticeNewDay, todayOf } from "@/store";
import { tell, tellRefusal } from "@/ui/viewState";
import type { LocalWording } from "@/ui/wording";
import { taskTitle } from "./taskWords";
import { today as say } from "@/words/en/today";

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
    tell(say.aNewDayHasBegunAndItsTasksAreShown, "refused");
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
  const what =
    tasks.length === 1 && first ? taskTitle(first) : say.tasks({ tasksCount: tasks.length });
  const words = {
    done: say.done4({ what }),
    skipped: say.skipped({ what }),
    putOff: say.snoozedTo({ date: wording.date(untilDay, day), what }),
  }[settling.as];
  tell(words, "done", true);
  return true;
}
