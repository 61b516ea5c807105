"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import { clearPending, markPending } from "./pendingChange";

const REST_MS = 600;

/** A value under the hand, shown at once and kept when the hand rests. */
export interface Settling<T> {
  /** What is under the hand; null when nothing is. */
  pending: T | null;
  /** Shows a value; it is kept after a moment's rest, unless another comes first. */
  nudge: (value: T) => void;
  /** Shows a value and keeps nothing yet: for a drag under way. */
  preview: (value: T | null) => void;
  /** Keeps a value now. */
  settle: (value: T) => void;
}

/**
 * Gathers quick changes (arrow keys, a drag) into one that is kept, so that undo takes back the move
 * and not its last step.
 *
 * @param keep keeps a value; what is shown goes back to the kept one when it is done
 */
export function useSettling<T>(keep: (value: T) => Promise<void>): Settling<T> {
  const [pending, setPending] = useState<T | null>(null);
  const timer = useRef<number | undefined>(undefined);
  const latest = useRef<T | null>(null);
  // What keeps may change while a value rests: the newest one is asked.
  const keeper = useRef(keep);
  useEffect(() => {
    keeper.current = keep;
  });
  const show = useCallback((value: T | null) => {
    clearTimeout(timer.current);
    latest.current = value;
    setPending(value);
  }, []);
  const drop = useCallback(() => show(null), [show]);
  const settle = useCallback(
    (value: T) => {
      clearPending(drop);
      show(value);
      void keeper.current(value).finally(() => {
        // Something newer may be under the hand by now: that stays.
        if (latest.current === value) show(null);
      });
    },
    [drop, show],
  );
  const nudge = useCallback(
    (value: T) => {
      show(value);
      markPending(drop);
      timer.current = window.setTimeout(() => settle(value), REST_MS);
    },
    [drop, settle, show],
  );
  useEffect(
    () => () => {
      clearPending(drop);
      clearTimeout(timer.current);
    },
    [drop],
  );
  return { pending, nudge, preview: show, settle };
}
