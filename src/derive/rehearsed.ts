"use client";

import { useMemo } from "react";
import { create } from "zustand";
import type { CommandCall } from "@/core/commands";
import { sameForWinters, type Garden } from "@/core/garden";
import type { PlantingOdds, RehearsalAsked, WorthItem, WorthKind } from "@/core/winter";
import { useGarden } from "@/store";
import type { RehearsalRun, RehearsalState } from "@/workers";

/** A rehearsal of the grower's own plan, and what it rests on. */
interface Rehearsed {
  garden: Garden;
  asked: RehearsalAsked;
  run: RehearsalRun;
}

/** A change that is tried against the plan. */
export interface Tried {
  id: string;
  /** What it is, in words. */
  title: string;
  calls: readonly CommandCall[];
}

export interface RehearsalStore {
  rehearsed: Rehearsed | null;
  state: RehearsalState | null;
  /** Up to four changes side by side, and the run that tries them all on the same winters. */
  tried: readonly Tried[];
  trial: RehearsalRun | null;
  trialState: RehearsalState | null;
  /** What is worth what: what is left out in turn, and the run that leaves it out. */
  worth: { kind: WorthKind; items: readonly WorthItem[] } | null;
  worthRun: RehearsalRun | null;
  worthState: RehearsalState | null;
  /** The winter that is looked at; null for the garden's own days. */
  looked: { winter: number; totalKg: number; coldestC: number } | null;
}

export const MOST_TRIED = 4;
export const USUAL_WINTERS = 100;

export const useRehearsal = create<RehearsalStore>(() => ({
  rehearsed: null,
  state: null,
  tried: [],
  trial: null,
  trialState: null,
  worth: null,
  worthRun: null,
  worthState: null,
  looked: null,
}));

/** Whether what was rehearsed is still the plan. */
export function isStillThePlan(rehearsed: Rehearsed | null, garden: Garden): boolean {
  return rehearsed !== null && sameForWinters(rehearsed.garden, garden);
}

/** The odds of each planting by its id, and over how many winters. */
export interface Odds {
  odds: ReadonlyMap<string, PlantingOdds>;
  winters: number;
}

/** The odds where they are still those of the plan. */
export function useOdds(): Odds | null {
  const rehearsed = useRehearsal((store) => store.rehearsed);
  const report = useRehearsal((store) => store.state?.reports[0]);
  const own = useGarden((state) => state.garden);
  const odds = useMemo(
    () =>
      report && report.winters > 0
        ? {
            odds: new Map(report.plantings.map((one) => [one.plantingId, one])),
            winters: report.winters,
          }
        : null,
    [report],
  );
  return isStillThePlan(rehearsed, own) ? odds : null;
}
