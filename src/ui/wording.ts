"use client";

import { useMemo } from "react";
import type { Told } from "@/core/facts";
import type { Units } from "@/core/units";
import { gardenStore } from "@/store/index";
import { localWording, tell, tellMessage, type LocalWording } from "@/words";

export type { LocalWording } from "@/words";

export function useWording(units: Units): LocalWording {
  return useMemo(() => localWording(units), [units]);
}

const known = new Map<Units, LocalWording>();

/** How dates and amounts are said in this garden now. */
function wordingNow(): LocalWording {
  const { units } = gardenStore().getState().garden.settings;
  const wording = known.get(units) ?? localWording(units);
  known.set(units, wording);
  return wording;
}

/** A fact as a sentence, in this garden's units; a name or a sentence as it stands. */
export function told(what: Told): string {
  return tell(what, wordingNow());
}

/** What a schema found wrong as a sentence. */
export function toldMessage(message: string): string {
  return tellMessage(message, wordingNow());
}
