"use client";

import { useMemo } from "react";
import type { DayNumber } from "@/core/calendar";
import { derive, keepEqual, newTable } from "@/core/derive";
import type { Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { tasksOn, type Task } from "@/core/tasks";
import type { LocalWording } from "@/ui/wording";

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
  const known = derive([site], newTable<Task>);
  const now = tasks.map((task) => keepEqual(known.get(task.id), task));
  known.clear();
  for (const task of now) known.set(task.id, task);
  return now;
}
