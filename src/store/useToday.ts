"use client";

import { useSyncExternalStore } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import { calendarDay, todayOf } from "./today";

/** A sleeping device lets timers sleep too, so the day is looked at again this often, ms. */
const LOOK_AGAIN_MS = 60_000;
const WAKING = ["visibilitychange", "focus", "pageshow"] as const;

/** The garden's today; a page that is left open over midnight wakes up in the new day. */
export function useToday(garden: Garden): DayNumber {
  useSyncExternalStore(onNewDay, calendarDay, calendarDay);
  return todayOf(garden);
}

const listeners = new Set<() => void>();
let timer: ReturnType<typeof setInterval> | undefined;

function onNewDay(listener: () => void): () => void {
  listeners.add(listener);
  if (listeners.size === 1) {
    timer = setInterval(noticeNewDay, LOOK_AGAIN_MS);
    for (const event of WAKING) window.addEventListener(event, noticeNewDay, true);
  }
  return () => {
    listeners.delete(listener);
    if (listeners.size > 0) return;
    clearInterval(timer);
    for (const event of WAKING) window.removeEventListener(event, noticeNewDay, true);
  };
}

/** Lets every view look at the calendar; those are drawn anew for which it is another day. */
export function noticeNewDay(): void {
  for (const listener of listeners) listener();
}
