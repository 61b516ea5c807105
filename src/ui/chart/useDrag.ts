"use client";

import { useRef, type PointerEvent } from "react";

/** What an element is given that is dragged with mouse, pen or finger. */
export interface DragHandlers {
  ref: (element: Element | null) => (() => void) | undefined;
  onPointerDown(event: PointerEvent): void;
  onPointerMove(event: PointerEvent): void;
  onPointerUp(event: PointerEvent): void;
  onPointerCancel(event: PointerEvent): void;
}

interface Drag {
  /** `x`: only to the sides, so a finger that goes up or down still scrolls. Every way otherwise. */
  axis?: "x";
  /**
   * Called with the distance to the right and down from where the drag began, in pixels.
   *
   * @param event tells where the pointer is
   */
  onMove(dx: number, dy: number, event: PointerEvent): void;
  /**
   * Called when it is let go; `moved` is false for a mere press. Along the x axis a press is a click
   * besides.
   */
  onEnd(moved: boolean): void;
  /** Called when the system takes the pointer away. */
  onCancel(): void;
}

/** A pointer that has gone no further is a press; a finger is never quite still. */
const STARTS_AFTER_PX = { mouse: 3, touch: 8 };

/**
 * Dragging along the time axis or over a map; the element keeps the pointer until it is let go.
 *
 * `touch-action` says nothing on shapes inside an SVG: the browser would begin to scroll and take the
 * finger away. So the touch itself is claimed where it begins. That also leaves out the click which
 * a browser sends after a tap, and which would land on whatever the tap has just opened.
 */
export function useDrag({ axis, onMove, onEnd, onCancel }: Drag): DragHandlers {
  const start = useRef<{ id: number; x: number; y: number; moved: boolean } | null>(null);
  const isOurs = (event: PointerEvent) => start.current?.id === event.pointerId;
  return {
    ref: axis === "x" ? claimSideways : claimTouches,
    onPointerDown(event) {
      if (event.button !== 0 || start.current) return;
      const element = event.currentTarget;
      element.setPointerCapture(event.pointerId);
      // A claimed touch does not move the focus by itself.
      if (event.pointerType === "touch" && element.hasAttribute("tabindex")) {
        (element as SVGElement).focus({ preventScroll: true });
      }
      start.current = { id: event.pointerId, x: event.clientX, y: event.clientY, moved: false };
    },
    onPointerMove(event) {
      if (!start.current || !isOurs(event)) return;
      const dx = event.clientX - start.current.x;
      const dy = event.clientY - start.current.y;
      const least = STARTS_AFTER_PX[event.pointerType === "touch" ? "touch" : "mouse"];
      if (!start.current.moved && Math.hypot(dx, dy) < least) return;
      start.current.moved = true;
      onMove(dx, dy, event);
    },
    onPointerUp(event) {
      if (!start.current || !isOurs(event)) return;
      const { moved } = start.current;
      start.current = null;
      onEnd(moved);
    },
    onPointerCancel(event) {
      if (!isOurs(event)) return;
      start.current = null;
      onCancel();
    },
  };
}

/** Claims a touch with its first move, when that goes to a side; a tap stays a click. */
function claimSideways(element: Element | null): (() => void) | undefined {
  if (!element) return undefined;
  let from: { x: number; y: number } | null = null;
  let isOurs = false;
  const begin = (event: Event) => {
    const touch = (event as TouchEvent).touches[0];
    from = touch ? { x: touch.clientX, y: touch.clientY } : null;
    isOurs = false;
  };
  const claim = (event: Event) => {
    const touch = (event as TouchEvent).touches[0];
    if (!from || !touch || !event.cancelable) return;
    isOurs ||= Math.abs(touch.clientX - from.x) >= Math.abs(touch.clientY - from.y);
    if (isOurs) event.preventDefault();
  };
  element.addEventListener("touchstart", begin, { passive: true });
  element.addEventListener("touchmove", claim, { passive: false });
  return () => {
    element.removeEventListener("touchstart", begin);
    element.removeEventListener("touchmove", claim);
  };
}

function claimTouches(element: Element | null): (() => void) | undefined {
  if (!element) return undefined;
  const claim = (event: Event) => {
    if (event.cancelable) event.preventDefault();
  };
  // React listens passively to touches, which cannot claim them.
  element.addEventListener("touchstart", claim, { passive: false });
  return () => element.removeEventListener("touchstart", claim);
}
