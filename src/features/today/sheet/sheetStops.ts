import type { DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import type { TaskAhead } from "@/core/tasks";
import type { LocalWording } from "@/ui/wording";
import { walkOf } from "../stops";
import { taskTitle } from "../taskWords";
import { today as say } from "@/words/en/today";
import { told } from "@/ui/wording";
import { keyOf } from "@/core/facts";

/** A task as it stands on the sheet. */
export interface SheetLine {
  id: string;
  /** "Sat", "daily to Wed"; empty for what is due from the first day on. */
  days: string;
  title: string;
  howMuch: string | null;
  reason: string;
}

export interface SheetStop {
  name: string;
  lines: SheetLine[];
}

/** The tasks of some days in the order of the walk, tonight's first. */
export function sheetOf(
  garden: Garden,
  ahead: readonly TaskAhead[],
  fromDay: DayNumber,
  wording: LocalWording,
): SheetStop[] {
  const daysOf = new Map(ahead.map(({ task, days }) => [task.id, days]));
  const { tonight, first, beds } = walkOf(
    garden,
    ahead.map(({ task }) => task),
  );
  const line = (task: (typeof ahead)[number]["task"]): SheetLine => ({
    id: task.id,
    days: dayWords(daysOf.get(task.id) ?? [], fromDay, wording),
    title: taskTitle(task),
    howMuch: task.howMuch && told(task.howMuch),
    reason: told(task.reason),
  });
  const stops = [...first, ...beds].map(({ name, tasks }) => ({ name, lines: tasks.map(line) }));
  if (tonight.length === 0) return stops;
  const lines = tonight.map((task) => ({
    ...line(task),
    title:
      keyOf(task.place) === keyOf(task.subject)
        ? taskTitle(task)
        : `${told(task.place)}: ${taskTitle(task)}`,
  }));
  return [{ name: say.beforeDarkOnTheFirstDay, lines }, ...stops];
}

function dayWords(days: readonly DayNumber[], fromDay: DayNumber, wording: LocalWording): string {
  const [first = fromDay] = days;
  const last = days.at(-1) ?? first;
  const weekday = (day: DayNumber) => wording.narrowDate(day).split(/[\s,]/)[0] ?? "";
  if (days.length > 1) {
    const from = first === fromDay ? "" : `${weekday(first)} `;
    return say.dailyTo({ from, weekday: weekday(last) });
  }
  return first === fromDay ? "" : weekday(first);
}
