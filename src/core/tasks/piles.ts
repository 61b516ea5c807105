import workJson from "@data/work.json";
import type { DayNumber } from "../calendar";
import { isFact, type Told } from "../facts";
import type { Garden } from "../garden";
import { patchesM2, patchesOf } from "../layout";
import type { Work } from "../log";
import type { Task } from "./task";
import { isForTonight } from "./settled";

/**
 * How long a task may wait: `today` costs crops or a season when it is left, `week` has some days yet,
 * `passing` is done when one comes by.
 */
export type Pile = "today" | "week" | "passing";

interface KindOfWork {
  waits: "no" | "untilItsDay" | "someDays" | "passing";
  /** Walking up, tools in hand, and for each square metre of what is worked on. */
  minutes: number;
  minutesPerM2: number;
}
const KINDS = workJson.kinds as Readonly<Record<Work, KindOfWork>>;
const { lastDays: LAST_DAYS, monthsAtStakeDays, litresPerMinute } = workJson;

/** What waiting would cost, told as how long the task may wait. */
export function pileOf(task: Task, day: DayNumber): Pile {
  if (isForTonight(task)) return "today";
  const daysLeft = task.untilDay - day;
  switch (KINDS[task.kind].waits) {
    case "no":
      return "today";
    case "untilItsDay":
      // A sowing is measured by what it delays: days in summer, months at the cliff.
      if (task.kind === "sow" || task.kind === "sowTray") {
        return monthsAtStake(task.ifLeft) ? "today" : "week";
      }
      return daysLeft <= 0 ? "today" : "week";
    case "someDays":
      return "week";
    case "passing":
      if (task.kind === "harvest" && daysLeft <= LAST_DAYS.today) return "today";
      // A harvest that soon ends, or what was promised again for a day that is over.
      return task.isLate || (task.kind === "harvest" && daysLeft <= LAST_DAYS.week)
        ? "week"
        : "passing";
  }
}

/** Whether a week's wait costs a sowing far more than a week. */
function monthsAtStake(ifLeft: Told): boolean {
  if (isFact(ifLeft, "tasks.aWeekLaterItWouldNotBeReadyHere")) return true;
  return isFact(ifLeft, "tasks.aWeekLaterItWouldBeReadyOn") && ifLeft.costs >= monthsAtStakeDays;
}

/** Minutes that a task takes one pair of hands, by its kind and by the ground that is worked. */
export function minutesFor(garden: Garden, task: Task): number {
  const { minutes, minutesPerM2 } = KINDS[task.kind];
  const litres = litresOf(task.howMuch);
  if (task.kind === "water" && litres !== null) return minutes + litres / litresPerMinute;
  return minutes + minutesPerM2 * areaM2Of(garden, task);
}

function litresOf(howMuch: Told | null): number | null {
  // A millimetre over a square metre is a litre.
  return isFact(howMuch, "tasks.lPerMLInAll") ? howMuch.givenMm * howMuch.areaM2 : null;
}

function areaM2Of({ beds, plantings }: Garden, { bedId, plantingId }: Task): number {
  const planting = plantings.get(plantingId ?? "");
  const bed = beds.get(planting?.bedId ?? bedId ?? "");
  if (!bed) return 0;
  return planting ? patchesM2(patchesOf(planting, bed.widthM)) : bed.widthM * bed.lengthM;
}

/** A day's tasks by how long they may wait, each pile in the order it came in, with its minutes. */
export function pilesOf(
  garden: Garden,
  tasks: readonly Task[],
  day: DayNumber,
): Record<Pile, { tasks: Task[]; minutes: number }> {
  const piles = {
    today: { tasks: [] as Task[], minutes: 0 },
    week: { tasks: [] as Task[], minutes: 0 },
    passing: { tasks: [] as Task[], minutes: 0 },
  };
  for (const task of tasks) {
    const pile = piles[pileOf(task, day)];
    pile.tasks.push(task);
    pile.minutes += minutesFor(garden, task);
  }
  return piles;
}
