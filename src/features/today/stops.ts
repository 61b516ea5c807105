import { keyOf } from "@/core/facts";
import { bedsAsWalked, type Garden } from "@/core/garden";
import type { DayNumber } from "@/core/calendar";
import { isForTonight, pilesOf, type Pile, type Task } from "@/core/tasks";
import { told } from "@/ui/wording";

/** One stop of the walk: a bed, or a place that is at none. */
export interface Stop {
  key: string;
  name: string;
  /** What it lies in, where that is a shelter. */
  within: string | null;
  tasks: Task[];
}

/** A round as one goes through it. */
export interface Walk {
  tonight: Task[];
  /** Trays, shelters, the store and the whole garden, before one goes out to the beds. */
  first: Stop[];
  beds: Stop[];
}

/** What may wait equally long, as stops of a walk. */
export interface PileOfStops {
  pile: Pile;
  stops: Stop[];
  count: number;
  minutes: number;
}

/** A day's tasks: tonight's, then by how long they may wait, each pile in the order of the walk. */
export interface DaysWalk {
  tonight: Task[];
  piles: PileOfStops[];
}

const PILES: readonly Pile[] = ["today", "week", "passing"];

export function daysWalkOf(garden: Garden, tasks: readonly Task[], day: DayNumber): DaysWalk {
  const tonight = tasks.filter(isForTonight);
  const byPile = pilesOf(
    garden,
    tasks.filter((task) => !isForTonight(task)),
    day,
  );
  const piles = PILES.map((pile): PileOfStops => {
    const { tasks: inPile, minutes } = byPile[pile];
    const { first, beds } = walkOf(garden, inPile);
    return { pile, stops: [...first, ...beds], count: inPile.length, minutes };
  });
  return { tonight, piles };
}

/** Puts a day's tasks into the stops of the walk. */
export function walkOf(garden: Garden, tasks: readonly Task[]): Walk {
  const tonight: Task[] = [];
  const first = new Map<string, Stop>();
  const byBed = new Map<string, Task[]>();
  for (const task of tasks) {
    if (isForTonight(task)) {
      tonight.push(task);
      continue;
    }
    if (task.bedId !== null) {
      const there = byBed.get(task.bedId);
      if (there) there.push(task);
      else byBed.set(task.bedId, [task]);
      continue;
    }
    const key = keyOf(task.place);
    const stop: Stop = first.get(key) ?? {
      key,
      name: told(task.place),
      within: null,
      tasks: [],
    };
    stop.tasks.push(task);
    first.set(key, stop);
  }
  const beds = bedsAsWalked(garden).flatMap((bed): Stop[] => {
    const there = byBed.get(bed.id);
    if (!there) return [];
    const within = garden.shelters.get(bed.shelterId ?? "")?.name ?? null;
    return [{ key: bed.id, name: bed.name, within, tasks: there }];
  });
  return { tonight, first: [...first.values()], beds };
}
