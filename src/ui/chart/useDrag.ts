"use client";

import { useRef, type PointerEvent } from "react";

/** Handlers for an element that is dragged with mouse, pen or finger. */
export interface DragHandlers {
  onPointerDown(event: PointerEvent): void;
  onPointerMove(event: PointerEvent): void;
  onPointerUp(event: PointerEvent): void;
  onPointerCancel(event: PointerEvent): void;
}

interface Drag {
  /** Called with the distance to the right and down from where the drag began, in pixels. */
  onMove(dx: number, dy: number): void;
  /** Called when it is let go; `moved` is false for a mere press. */
  onEnd(moved: boolean): void;
  /** Called when the system takes the pointer away. */
  onCancel(): void;
}

const STARTS_AFTER_PX = 3;

/** Dragging along the time axis or over a map; the element keeps the pointer until it is let go. */
export function useDrag({ onMove, onEnd, onCancel }: Drag): DragHandlers {
  const start = useRef<{ x: number; y: number; moved: boolean } | null>(null);
  return {
    onPointerDown(event) {
      if (event.button !== 0) return;
      event.currentTarget.setPointerCapture(event.pointerId);
      start.current = { x: event.clientX, y: event.clientY, moved: false };
    },
    onPointerMove(event) {
      if (!start.current) return;
      const dx = event.clientX - start.current.x;
      const dy = event.clientY - start.current.y;
      if (!start.current.moved && Math.hypot(dx, dy) < STARTS_AFTER_PX) return;
      start.current.moved = true;
      onMove(dx, dy);
    },
    onPointerUp() {
      if (!start.current) return;
      const { moved } = start.current;
      start.current = null;
      onEnd(moved);
    },
    onPointerCancel() {
      start.current = null;
      onCancel();
    },
  };
}
