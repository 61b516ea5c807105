"use client";

import { useRef, type KeyboardEvent, type PointerEvent } from "react";
import type { HorizonPoint } from "@/core/sky";
import { useDrag } from "@/ui/chart/index";
import { directionWords } from "./horizonEdit";
import { place as say } from "@/words/en/place";

interface Props {
  point: HorizonPoint;
  x: number;
  y: number;
  /** Where in the sky a pointer is. */
  at: (event: PointerEvent) => HorizonPoint;
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
  const last = useRef<HorizonPoint | null>(null);
  const drag = useDrag({
    onMove(_dx, _dy, event) {
      last.current = at(event);
      onPreview(last.current);
    },
    onEnd(moved) {
      if (moved && last.current) onMove(last.current);
      last.current = null;
    },
    onCancel() {
      last.current = null;
      onCancel();
    },
  });
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
      aria-label={say.skylinePoint({ direction: directionWords(point.azimuthDeg) })}
      aria-valuemin={0}
      aria-valuemax={89}
      aria-valuenow={point.elevationDeg}
      aria-valuetext={say.highAt({
        elevationDeg: point.elevationDeg,
        azimuthDeg: point.azimuthDeg,
      })}
      className="skyline-point"
      style={{ cursor: "move" }}
      onKeyDown={onKeyDown}
      {...drag}
    >
      <circle cx={x} cy={y} r={22} fill="transparent" />
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
