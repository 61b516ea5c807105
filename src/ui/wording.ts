"use client";

import { useSyncExternalStore } from "react";
import { useStore } from "zustand";
import type { Told } from "@/core/facts";
import type { Units } from "@/core/units";
import { gardenStore, whenNeeded } from "@/store/index";
import {
  learnedCount,
  localWording,
  onLearned,
  tell,
  tellMessage,
  type LocalWording,
} from "@/words";

export type { LocalWording } from "@/words";

/** How dates and amounts are said in this garden. */
export function useWording(): LocalWording {
  useSentences();
  return wordingIn(useUnits());
}

/** The units this garden is told in. */
export function useUnits(): Units {
  return useStore(gardenStore(), ({ garden }) => garden.settings.units);
}

/** Every sentence there is: with the first form or change, or while the page rests. */
export const allSentences = whenNeeded(() => import("@/words/en/facts"));

const known = new Map<Units, LocalWording>();

function wordingIn(units: Units): LocalWording {
  const wording = known.get(units) ?? localWording(units);
  known.set(units, wording);
  return wording;
}

/** The same outside of a component. */
function wordingNow(): LocalWording {
  return wordingIn(gardenStore().getState().garden.settings.units);
}

/** A fact as a sentence, in this garden's units; a name or a sentence as it stands. */
export function told(what: Told): string {
  return tell(what, wordingNow());
}

/** What a schema found wrong as a sentence. */
export function toldMessage(message: string): string {
  return tellMessage(message, wordingNow());
}

/** Draws anew when sentences have come that were not there at first, for what is shown from the start. */
export function useSentences(): void {
  useSyncExternalStore(onLearned, learnedCount, learnedCount);
}
