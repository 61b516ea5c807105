"use client";

import type { GardenAtSite } from "./gardenAtSite";
import type { ArgumentsOf, QuestionName } from "./questions";
import { useAsked, type Asked } from "./useAsked";

/** The answer to a question that the view is drawn without, from the worker once it is up. */
export function useLateAnswer<Q extends QuestionName>(
  name: Q,
  args: ArgumentsOf<Q>,
  now: GardenAtSite,
): Asked<Q> {
  return useAsked(name, args, now, false);
}
