"use client";

import { useCallback, useState } from "react";

/** The width and height of an element in pixels, kept up to date; 0 before it is drawn. */
export function useSize(): [(element: Element | null) => void, { width: number; height: number }] {
  const [size, setSize] = useState({ width: 0, height: 0 });
  const attach = useCallback((element: Element | null) => {
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => {
      if (!entry) return;
      const { width, height } = entry.contentRect;
      setSize((old) => (old.width === width && old.height === height ? old : { width, height }));
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [attach, size];
}
