import { keyOf } from "@/core/facts";
import { bedsAsWalked, type Garden } from "@/core/garden";
import { isForTonight, type Task } from "@/core/tasks";
import { told } from "@/ui/wording";

/** One stop of the walk: a bed, or a place that is at none. */
export interface Stop {
  key: string;
  name: string;
  /** What it lies in, where that is a shelter. */
  within: string | null;
  tasks: Task[];
}

/** A day's round as one goes through it. */
export interface Walk {
  tonight: Task[];
  /** Trays, shelters, the store and the whole garden, before one goes out to the beds. */
  first: Stop[];
  beds: Stop[];
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
