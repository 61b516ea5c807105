"use client";

import { useEffect, useRef, type KeyboardEvent, type MouseEvent, type PointerEvent } from "react";
import { DAYS_PER_WEEK, type DayNumber } from "@/core/calendar";
import { useDrag, type TimeScale } from "@/ui/chart/index";
import { newSettler, type Settler } from "@/ui/inputs/index";
import type { StrandItem } from "./useStrands";

interface Knot {
  item: StrandItem;
  x: TimeScale;
  onSelect: (id: string) => void;
  /** Enter or the space bar; `isAdding` where it is to be chosen with others. */
  onTap: (id: string, isAdding: boolean) => void;
  /** The sowing day under the hand; null when it is let be. */
  onPreview: (id: string, sowDay: DayNumber | null) => void;
  onMove: (id: string, sowDay: DayNumber) => void;
}

const KEYS_REST_MS = 900;

/** Dragging the knot, and moving it by arrow keys; keys are kept together as one move. */
export function useKnot({ item, x, onSelect, onTap, onPreview, onMove }: Knot) {
  const wasDragged = useRef(false);
  const from = useRef(0);
  const daysFor = (dx: number) => Math.round(x.invert(x(from.current) + dx));
  const last = useRef<DayNumber | null>(null);
  const drag = useDrag({
    axis: "x",
    onMove(dx) {
      last.current = daysFor(dx);
      onPreview(item.id, last.current);
    },
    onEnd(moved) {
      // A mere press is a click on the row, which selects it; the click after a drag is none.
      wasDragged.current = moved;
      if (moved) onSelect(item.id);
      if (moved && last.current !== null) onMove(item.id, last.current);
      last.current = null;
    },
    onCancel: () => onPreview(item.id, null),
  });
  // Who is told may change while keys rest: the newest one is.
  const told = useRef({ onPreview, onMove, id: item.id });
  useEffect(() => {
    told.current = { onPreview, onMove, id: item.id };
  });
  const keys = useRef<Settler<DayNumber> | null>(null);
  useEffect(() => {
    const own = newSettler<DayNumber>(
      (sowDay) => told.current.onPreview(told.current.id, sowDay),
      (sowDay) => told.current.onMove(told.current.id, sowDay),
      KEYS_REST_MS,
    );
    keys.current = own;
    return own.forget;
  }, []);
  return {
    handlers: {
      ...drag,
      onPointerDown(event: PointerEvent) {
        from.current = item.timeline.sowDay;
        wasDragged.current = false;
        drag.onPointerDown(event);
      },
      onClick(event: MouseEvent) {
        if (wasDragged.current) event.stopPropagation();
      },
      onBlur: () => keys.current?.settle(),
      onKeyDown(event: KeyboardEvent) {
        if (event.key === "Enter" || event.key === " ") {
          event.preventDefault();
          keys.current?.settle();
          onTap(item.id, event.ctrlKey || event.metaKey);
          return;
        }
        if (event.key === "Escape" && typeof keys.current?.resting() === "number") {
          // The move is given up, and nothing else with it.
          event.preventDefault();
          keys.current.drop();
          return;
        }
        const step = {
          ArrowLeft: -1,
          ArrowRight: 1,
          PageDown: -DAYS_PER_WEEK,
          PageUp: DAYS_PER_WEEK,
        }[event.key];
        if (step === undefined) return;
        event.preventDefault();
        onSelect(item.id);
        keys.current?.nudge((keys.current.resting() ?? item.timeline.sowDay) + step);
      },
    },
  };
}
