"use client";

import { startTransition, useEffect, useState } from "react";

/** As many more rows as are drawn within a frame or two. */
const MORE_AT_ONCE = 12;

/**
 * How much of a long list is drawn: at first what fills a screen, so that it can be read and tapped, then
 * more from frame to frame, giving way to whoever taps.
 *
 * @param count how many there are
 * @param first how many are drawn at once
 */
export function useDrawnSoFar(count: number, first: number): number {
  const [drawn, setDrawn] = useState(first);
  const isThrough = drawn >= count;
  useEffect(() => {
    if (isThrough) return;
    const timer = setTimeout(() => startTransition(() => setDrawn(drawn + MORE_AT_ONCE)));
    return () => clearTimeout(timer);
  }, [isThrough, drawn]);
  return Math.min(drawn, count);
}
