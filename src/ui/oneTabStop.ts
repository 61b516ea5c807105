"use client";

import { useCallback, type RefCallback } from "react";
import { whenNeeded } from "@/store/index";
import type { Reachable } from "./tabStopKeys";

/** A list is seen and tapped before anybody goes through it by keys. */
const keysPart = whenNeeded(() => import("./tabStopKeys"));

/**
 * Makes a list one stop of the Tab key: arrow keys move from row to row and within a row, Home and End
 * to the first and the last. What is typed into keeps its own keys and its own stop.
 *
 * @param rows what a row is, as a selector: "li", "tbody tr"
 * @param controls what can be reached in it, as a selector; all but what stands in forms when left out
 * @returns for the list's `ref`: the stop is remembered as long as the list stands
 */
export function useOneTabStop(rows: string, controls?: string): RefCallback<Reachable> {
  return useCallback(
    (root) => {
      if (!root) return;
      let end: (() => void) | null = null;
      let isGone = false;
      // Without it each control is a stop of its own, and everything can still be reached.
      keysPart().then(
        ({ keepOneTabStop }) => {
          if (!isGone) end = keepOneTabStop(root, rows, controls);
        },
        () => undefined,
      );
      return () => {
        isGone = true;
        end?.();
      };
    },
    [rows, controls],
  );
}
