import type { DayNumber } from "../calendar";
import type { Garden, Planting } from "../garden";
import { plantingName, plantingStates } from "../plantings";
import type { Site } from "../growth";
import { spreadOf, type DateSpread } from "../schedule";
import { hardeningPlan } from "../trays";
import type { Work } from "../log";
import type { Task, TaskAhead } from "../tasks";

/** A dated piece of work or of news from the plan. */
export interface PlanEvent {
  /** Stable for the same planting and kind, so that a second import updates the first. */
  uid: string;
  kind: "sow" | "harden" | "plantOut" | "ready";
  day: DayNumber;
  /** What is sown, planted or ready: "Spinach, winter type". */
  subject: string;
  bedName: string;
  planting: Planting;
  /** Of what is ready: when it is full-grown; null for the rest, and for what never is. */
  fullSizeDay: DayNumber | null;
  /** Of what is ready: how that day strays from year to year, where it was asked for. */
  spread: DateSpread | null;
}

/** A task of the days ahead as a calendar takes it. */
export interface TaskEvent {
  uid: string;
  day: DayNumber;
  /** The last day of its window, or of the days on which it is done daily. */
  untilDay: DayNumber;
  task: Task;
}

/** Work that the plan's own events tell of already. */
export const IN_PLAN: ReadonlySet<Work> = new Set(["sow", "sowTray", "plantOut", "hardenOff"]);

/** The tasks of the days ahead that are not told by the plan's events, each once. */
export function taskEvents(ahead: readonly TaskAhead[]): TaskEvent[] {
  return ahead
    .filter(({ task }) => !IN_PLAN.has(task.kind))
    .map(({ task, days }) => {
      const [day = task.fromDay] = days;
      return {
        uid: `${task.id.toLowerCase()}@late-ember`,
        day,
        untilDay: Math.max(day, days.at(-1) ?? day),
        task,
      };
    });
}

/**
 * Sow, harden off, plant out and ready for every planting, in the order of their days.
 *
 * @param tellsSpread whether each ready day comes with how it strays, which takes longer
 */
export function planEvents(site: Site, garden: Garden, tellsSpread = false): PlanEvent[] {
  const events: PlanEvent[] = [];
  for (const { planting, bed, growing, timeline } of plantingStates(garden, site)) {
    const days = {
      // Bought plants were sown by somebody else.
      sow: planting.bought ? null : timeline.sowDay,
      harden:
        timeline.plantOutDay === null
          ? null
          : hardeningPlan(growing.crop, timeline.plantOutDay, []).beginDay,
      plantOut: timeline.plantOutDay,
      ready: timeline.readyDay,
    };
    for (const kind of ["sow", "harden", "plantOut", "ready"] as const) {
      const day = days[kind];
      if (day === null) continue;
      events.push({
        uid: `${planting.id}-${kind.toLowerCase()}@late-ember`,
        kind,
        day,
        subject: plantingName(garden, planting),
        bedName: bed.name,
        planting,
        fullSizeDay: kind === "ready" ? timeline.fullSizeDay : null,
        spread:
          kind === "ready" && tellsSpread
            ? (spreadOf(site, garden.settings, growing, timeline)?.usable ?? null)
            : null,
      });
    }
  }
  return events.sort((a, b) => a.day - b.day || (a.uid < b.uid ? -1 : 1));
}
