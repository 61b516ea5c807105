"use client";

import { useMemo } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { tasksOn, type Task } from "@/core/tasks";
import type { LocalWording } from "@/ui/wording";

interface Known {
  task: Task;
  text: string;
}
/** The tasks told last, by place: a cache beside the view, so that it never shows by itself. */
const known = new WeakMap<Site, ReadonlyMap<string, Known>>();

/**
 * A day's tasks. Those that are as before keep their identity, so that a tick draws one row anew and
 * not hundreds.
 */
export function useTasks(
  site: Site,
  garden: Garden,
  day: DayNumber,
  wording: LocalWording,
): readonly Task[] {
  return useMemo(
    () => asBefore(site, tasksOn(site, garden, day, wording)),
    [site, garden, day, wording],
  );
}

function asBefore(site: Site, tasks: readonly Task[]): Task[] {
  const before = known.get(site);
  const now = new Map<string, Known>();
  for (const task of tasks) {
    const text = JSON.stringify(task);
    const old = before?.get(task.id);
    now.set(task.id, old?.text === text ? old : { task, text });
  }
  known.set(site, now);
  return tasks.map((task) => now.get(task.id)?.task ?? task);
}
