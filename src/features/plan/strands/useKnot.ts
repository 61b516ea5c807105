"use client";

import { useRef, type KeyboardEvent, type PointerEvent } from "react";
import { DAYS_PER_WEEK, type DayNumber } from "@/core/calendar";
import { useDrag, type TimeScale } from "@/ui/chart/index";
import { clearPending, markPending } from "@/ui/inputs/index";
import type { StrandItem } from "./useStrands";

interface Knot {
  item: StrandItem;
  x: TimeScale;
  onSelect: (id: string) => void;
  /** The sowing day under the hand; null when it is let be. */
  onPreview: (id: string, sowDay: DayNumber | null) => void;
  onMove: (id: string, sowDay: DayNumber) => void;
}

const KEYS_REST_MS = 900;

/** Dragging the knot, and moving it by arrow keys; keys are kept together as one move. */
export function useKnot({ item, x, onSelect, onPreview, onMove }: Knot) {
  const from = useRef(0);
  const pending = useRef<{ sowDay: DayNumber; timer: number } | null>(null);
  const daysFor = (dx: number) => Math.round(x.invert(x(from.current) + dx));
  const last = useRef<DayNumber | null>(null);
  const drag = useDrag({
    axis: "x",
    onMove(dx) {
      last.current = daysFor(dx);
      onPreview(item.id, last.current);
    },
    onEnd(moved) {
      // A mere press is a click on the row, which selects it.
      if (moved) onSelect(item.id);
      if (moved && last.current !== null) onMove(item.id, last.current);
      last.current = null;
    },
    onCancel: () => onPreview(item.id, null),
  });
  const drop = useRef(() => {
    if (pending.current) clearTimeout(pending.current.timer);
    pending.current = null;
    onPreview(item.id, null);
  });
  const keep = () => {
    if (!pending.current) return;
    clearPending(drop.current);
    clearTimeout(pending.current.timer);
    onMove(item.id, pending.current.sowDay);
    pending.current = null;
  };
  return {
    handlers: {
      ...drag,
      onPointerDown(event: PointerEvent) {
        from.current = item.timeline.sowDay;
        drag.onPointerDown(event);
      },
      onBlur: keep,
      onKeyDown(event: KeyboardEvent) {
        if (event.key === "Enter" || event.key === " ") {
          event.preventDefault();
          keep();
          onSelect(item.id);
          return;
        }
        if (event.key === "Escape" && pending.current) {
          clearPending(drop.current);
          drop.current();
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
        const sowDay = (pending.current?.sowDay ?? item.timeline.sowDay) + step;
        if (pending.current) clearTimeout(pending.current.timer);
        pending.current = { sowDay, timer: window.setTimeout(keep, KEYS_REST_MS) };
        markPending(drop.current);
        onPreview(item.id, sowDay);
      },
    },
  };
}
