"use client";

import { startTransition, useEffect, useState } from "react";

/**
 * How much of a long list is drawn: at first what fills a screen, so that it can be read and tapped, then
 * more from frame to frame, giving way to whoever taps.
 *
 * @param count  how many there are
 * @param first  how many are drawn at once
 * @param atOnce how many come with each step
 */
export function useDrawnSoFar(count: number, first: number, atOnce: number): number {
  const [drawn, setDrawn] = useState(first);
  const isThrough = drawn >= count;
  useEffect(() => {
    if (isThrough) return;
    const timer = setTimeout(() => startTransition(() => setDrawn(drawn + atOnce)));
    return () => clearTimeout(timer);
  }, [isThrough, drawn, atOnce]);
  return Math.min(drawn, count);
}
