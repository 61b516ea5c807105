"use client";

import { startTransition, useCallback, useEffect, useState } from "react";
import type { DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import type { Task } from "@/core/tasks";
import { whenStartIsKept } from "@/derive";
import type { PicturedDay } from "./PictureMaker";

/** Days to be drawn for the next start, as soon as they are worked out and the page rests. */
export interface ToPicture {
  garden: Garden;
  days: readonly PicturedDay[];
}

/** What is to be drawn now, if anything, and what says that it is done. */
export function usePictures(today: DayNumber): [ToPicture | null, () => void] {
  const [wanted, setWanted] = useState<ToPicture | null>(null);
  useEffect(
    () =>
      whenStartIsKept((garden, answers) => {
        const days = answers
          .filter(({ name }) => name === "tasks")
          .map(({ key, value }) => ({ ...(JSON.parse(key) as Asked), tasks: value as Task[] }))
          .filter((one) => one.day === one.today && one.day >= today);
        if (days[0]?.day === today) startTransition(() => setWanted({ garden, days }));
      }),
    [today],
  );
  return [wanted, useCallback(() => setWanted(null), [])];
}

interface Asked {
  day: DayNumber;
  today: DayNumber;
}
