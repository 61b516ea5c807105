"use client";

import { useCallback, useState } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Task } from "@/core/tasks";
import type { LocalWording } from "@/ui/wording";
import { settle, type Settling } from "./settle";

interface Day {
  day: DayNumber;
  today: DayNumber;
  wording: LocalWording;
}

/**
 * Settles tasks so that a tap is answered within a frame or two: the row goes at once, and the garden
 * follows. What is refused comes back.
 */
export function useSettling({ day, today, wording }: Day) {
  /** Ids of the tasks that have been tapped and are not written yet. */
  const [leaving, setLeaving] = useState<ReadonlySet<string>>(NONE);
  const settleNow = useCallback(
    async (tasks: readonly Task[], settling: Settling): Promise<boolean> => {
      const ids = tasks.map(({ id }) => id);
      setLeaving((before) => new Set([...before, ...ids]));
      await nextFrame();
      const done = await settle(tasks, settling, { day, today, wording });
      setLeaving((before) => new Set([...before].filter((id) => !ids.includes(id))));
      return done;
    },
    [day, today, wording],
  );
  return { leaving, settleNow };
}

const NONE: ReadonlySet<string> = new Set();
/** A tab behind draws no frames: it does not wait for one longer than this. */
const LONGEST_FRAME_MS = 100;

/** Resolves once what was drawn is on the screen. */
function nextFrame(): Promise<void> {
  return new Promise((resolve) => {
    const timer = setTimeout(resolve, LONGEST_FRAME_MS);
    requestAnimationFrame(() =>
      setTimeout(() => {
        clearTimeout(timer);
        resolve();
      }),
    );
  });
}
