"use client";

import { useRef, type KeyboardEvent, type PointerEvent } from "react";
import type { HorizonPoint } from "@/core/sky";
import { directionWords } from "./horizonEdit";

interface Props {
  point: HorizonPoint;
  x: number;
  y: number;
  /** Where in the sky a pointer is. */
  at: (event: PointerEvent<Element>) => HorizonPoint;
  onPreview: (to: HorizonPoint) => void;
  onNudge: (to: HorizonPoint) => void;
  onMove: (to: HorizonPoint) => void;
  onRemove: () => void;
  onCancel: () => void;
}

const KEYS: Record<string, readonly [number, number]> = {
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  PageUp: [0, 5],
  PageDown: [0, -5],
};

/** A point of the skyline: dragged anywhere, moved by arrow keys, taken out with Delete. */
export function SkylinePoint(props: Props) {
  const { point, x, y, at, onPreview, onNudge, onMove, onRemove, onCancel } = props;
  const dragging = useRef<{ moved: boolean } | null>(null);
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === "Delete" || event.key === "Backspace") {
      event.preventDefault();
      return onRemove();
    }
    const step = KEYS[event.key];
    if (!step) return;
    event.preventDefault();
    onNudge({
      azimuthDeg: point.azimuthDeg + step[0],
      elevationDeg: point.elevationDeg + step[1],
    });
  };
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={`Skyline point, ${directionWords(point.azimuthDeg)}`}
      aria-valuemin={0}
      aria-valuemax={89}
      aria-valuenow={point.elevationDeg}
      aria-valuetext={`${point.elevationDeg}° high at ${point.azimuthDeg}°`}
      className="skyline-point"
      style={{ cursor: "move", touchAction: "none" }}
      onKeyDown={onKeyDown}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        dragging.current = { moved: false };
      }}
      onPointerMove={(event) => {
        if (!dragging.current) return;
        dragging.current.moved = true;
        onPreview(at(event));
      }}
      onPointerUp={(event) => {
        const { moved } = dragging.current ?? { moved: false };
        dragging.current = null;
        if (moved) onMove(at(event));
      }}
      onPointerCancel={() => {
        dragging.current = null;
        onCancel();
      }}
    >
      <circle cx={x} cy={y} r={16} fill="transparent" />
      <circle
        cx={x}
        cy={y}
        r={6.5}
        fill="var(--paper)"
        stroke="var(--ember-text)"
        strokeWidth="2.5"
      />
    </g>
  );
}
