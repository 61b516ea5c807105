"use client";

import { create } from "zustand";
import type { DayNumber } from "@/core/calendar";

/** What the frame shows of a winter of practice. */
export interface PracticeShown {
  latitudeDeg: number;
  fromDay: DayNumber;
  /** The evening; what comes after it is not known. */
  day: DayNumber;
  lowsC: readonly number[];
  isOver: boolean;
}

/** The winter of practice on the screen; null where none is. */
export const usePractised = create<{ shown: PracticeShown | null }>(() => ({ shown: null }));
