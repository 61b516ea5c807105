"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import { newSettler, type Settler } from "./settler";

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
  const latest = useRef<T | null>(null);
  // What keeps may change while a value rests: the newest one is asked.
  const keeper = useRef(keep);
  useEffect(() => {
    keeper.current = keep;
  });
  const show = useCallback((value: T | null) => {
    latest.current = value;
    setPending(value);
  }, []);
  const settler = useRef<Settler<T> | null>(null);
  const settle = useCallback(
    (value: T) => {
      settler.current?.forget();
      show(value);
      void keeper.current(value).finally(() => {
        // Something newer may be under the hand by now: that stays.
        if (latest.current === value) show(null);
      });
    },
    [show],
  );
  const preview = useCallback(
    (value: T | null) => {
      settler.current?.forget();
      show(value);
    },
    [show],
  );
  const nudge = useCallback((value: T) => settler.current?.nudge(value), []);
  useEffect(() => {
    const own = newSettler<T>(show, settle, REST_MS);
    settler.current = own;
    return own.forget;
  }, [show, settle]);
  return { pending, nudge, preview, settle };
}
