"use client";

import type { GardenAtSite } from "./gardenAtSite";
import type { ArgumentsOf, QuestionName } from "./questions";
import { useAsked, type Asked } from "./useAsked";

/**
 * The answer to a question that takes longer than a frame: the last one stays until the next has come
 * from the worker. The first one, where none is kept and the worker is not up, is worked out at once.
 */
export function useAnswer<Q extends QuestionName>(
  name: Q,
  args: ArgumentsOf<Q>,
  now: GardenAtSite,
): Asked<Q> {
  return useAsked(name, args, now, true);
}
