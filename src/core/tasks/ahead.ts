import type { DayNumber } from "../calendar";
import type { Garden } from "../garden";
import type { Site } from "../growth";
import { plannedTasksOn, tasksOn } from "./tasks";
import type { Task } from "./task";

/** A task of the days ahead, with the days on which it is asked for. */
export interface TaskAhead {
  task: Task;
  /** The first day, and for daily work each day after it. */
  days: DayNumber[];
}

/** The date at the end of the ids of work that is asked for anew each day. */
export const ASKED_ANEW = /-\d{4}-\d{2}-\d{2}$/;

/**
 * What the days ahead ask for, each work once: with the first night's decisions, and otherwise as far as
 * the plan tells. On later days what was due before is taken as done.
 *
 * @param days how many days are looked at, the first included
 */
export function tasksAhead(
  site: Site,
  garden: Garden,
  fromDay: DayNumber,
  days: number,
): TaskAhead[] {
  const found = new Map<string, TaskAhead>();
  for (let day = fromDay; day < fromDay + days; day += 1) {
    const tasks =
      day === fromDay
        ? tasksOn(site, garden, day)
        : plannedTasksOn(site, garden, day, fromDay).filter(({ isLate }) => !isLate);
    for (const task of tasks) {
      const key = task.id.replace(ASKED_ANEW, "");
      const known = found.get(key);
      if (!known) found.set(key, { task, days: [day] });
      else if (known.task.id !== task.id) known.days.push(day);
    }
  }
  return [...found.values()];
}
