"use client";

import { useCallback, type RefCallback } from "react";

const CONTROLS = 'button:not([disabled]), a[href], input[type="checkbox"]:not([disabled])';
const STEPS: Readonly<Record<string, [rows: number, controls: number]>> = {
  ArrowDown: [1, 0],
  ArrowUp: [-1, 0],
  ArrowRight: [0, 1],
  ArrowLeft: [0, -1],
};

/**
 * Makes a list one stop of the Tab key: arrow keys move from row to row and within a row, Home and End
 * to the first and the last. What is typed into keeps its own keys and its own stop.
 *
 * @param rows what a row is, as a selector: "li", "tbody tr"
 * @returns for the list's `ref`: the stop is remembered as long as the list stands
 */
export function useOneTabStop(rows: string): RefCallback<HTMLElement> {
  return useCallback(
    (root) => {
      if (!root) return;
      let stop: HTMLElement | null = null;
      const settle = () => {
        const all = [...root.querySelectorAll<HTMLElement>(CONTROLS)];
        if (!stop || !root.contains(stop)) stop = all[0] ?? null;
        for (const control of all) {
          const index = control === stop ? 0 : -1;
          if (control.tabIndex !== index) control.tabIndex = index;
        }
      };
      const onFocus = ({ target }: FocusEvent) => {
        if (!(target instanceof HTMLElement) || !target.matches(CONTROLS)) return;
        stop = target;
        settle();
      };
      const onKeyDown = (event: KeyboardEvent) => {
        const from = event.target;
        if (!(from instanceof HTMLElement) || !from.matches(CONTROLS)) return;
        if (event.altKey || event.ctrlKey || event.metaKey) return;
        const next = nextControl(root, rows, from, event.key);
        if (!next) return;
        event.preventDefault();
        next.focus();
      };
      // Rows come and go while one scrolls, ticks and types.
      const watch = new MutationObserver(settle);
      watch.observe(root, { childList: true, subtree: true });
      root.addEventListener("focusin", onFocus);
      root.addEventListener("keydown", onKeyDown);
      settle();
      return () => {
        watch.disconnect();
        root.removeEventListener("focusin", onFocus);
        root.removeEventListener("keydown", onKeyDown);
      };
    },
    [rows],
  );
}

function nextControl(
  root: HTMLElement,
  selector: string,
  from: HTMLElement,
  key: string,
): HTMLElement | null {
  const rows = [...root.querySelectorAll<HTMLElement>(selector)]
    .map((row) => [...row.querySelectorAll<HTMLElement>(CONTROLS)])
    .filter((controls) => controls.length > 0);
  const at = rows.findIndex((controls) => controls.includes(from));
  const column = rows[at]?.indexOf(from) ?? -1;
  if (at < 0) return null;
  if (key === "Home") return rows[0]?.[0] ?? null;
  if (key === "End") return rows.at(-1)?.[0] ?? null;
  const [down, right] = STEPS[key] ?? [0, 0];
  if (right !== 0) return rows[at]?.[column + right] ?? null;
  if (down === 0) return null;
  const beside = rows[at + down];
  return beside?.[Math.min(column, beside.length - 1)] ?? null;
}
