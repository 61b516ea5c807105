"use client";

import { useRef } from "react";
import type { Bed } from "@/core/garden";
import { axesOf, onDrawing, type Outline } from "@/core/layout";
import { useDrag } from "@/ui/chart/index";
import { grownBy, turnedTo, type BedEnd, type MapScale } from "./mapScale";
import type { Laying } from "./useLaying";
import { beds as say } from "@/words/en/beds";

interface Props {
  bed: Bed;
  outline: Outline;
  scale: MapScale;
  laying: Laying;
}

const HANDLE_PX = 7;
const TURN_AWAY_M = 0.7;

/** Handles of the chosen bed: its two ends and two sides for the size, and one to turn it. */
export function BedHandles({ bed, outline, scale, laying }: Props) {
  const { lengthM, widthM, angleDeg } = outline;
  const ends: { end: BedEnd; along: number; across: number }[] = [
    { end: "near", along: 0, across: widthM / 2 },
    { end: "far", along: lengthM, across: widthM / 2 },
    { end: "left", along: lengthM / 2, across: 0 },
    { end: "right", along: lengthM / 2, across: widthM },
  ];
  const turnAt = onDrawing(outline, lengthM + TURN_AWAY_M, widthM / 2);
  const [from, to] = [scale.at(onDrawing(outline, lengthM, widthM / 2)), scale.at(turnAt)];
  return (
    <g>
      <line x1={from.x} y1={from.y} x2={to.x} y2={to.y} stroke="var(--ember)" strokeWidth="1.5" />
      {ends.map(({ end, along, across }) => (
        <Handle
          key={end}
          at={onDrawing(outline, along, across)}
          {...{ bed, outline, scale, laying }}
          changed={(before, dx, dy) => grownBy(before, scale, end, dx, dy)}
          title={say.dragToSizeTheBed}
          square
          turn={angleDeg}
        />
      ))}
      <Handle
        at={turnAt}
        {...{ bed, outline, scale, laying }}
        changed={(before, dx, dy) => {
          const [along] = axesOf(before.angleDeg);
          const reach = before.lengthM / 2 + TURN_AWAY_M;
          const by = scale.shift(dx, dy);
          return turnedTo(before, { x: along.x * reach + by.x, y: along.y * reach + by.y });
        }}
        title={say.dragToRotateTheBed}
        turn={0}
      />
    </g>
  );
}

interface HandleProps extends Props {
  at: { x: number; y: number };
  changed: (from: Outline, dx: number, dy: number) => Outline;
  title: string;
  square?: boolean;
  turn: number;
}

function Handle({ at, bed, outline, scale, laying, changed, title, square, turn }: HandleProps) {
  const from = useRef(outline);
  const last = useRef<Outline | null>(null);
  const drag = useDrag({
    onMove(dx, dy) {
      last.current = changed(from.current, dx, dy);
      laying.preview({ id: bed.id, outline: last.current });
    },
    onEnd(moved) {
      if (moved && last.current) laying.settle({ id: bed.id, outline: last.current });
      last.current = null;
    },
    onCancel: () => laying.preview(null),
  });
  const { x, y } = scale.at(at);
  const look = { fill: "var(--surface)", stroke: "var(--ember)", strokeWidth: 2 };
  return (
    <g
      {...drag}
      onPointerDown={(event) => {
        from.current = outline;
        drag.onPointerDown(event);
      }}
      data-testid={square ? "size-handle" : "turn-handle"}
      style={{ cursor: square ? "crosshair" : "grab" }}
    >
      <title>{title}</title>
      {/* A finger is wider than the mark. */}
      <circle cx={x} cy={y} r={22} fill="transparent" />
      {square ? (
        <rect
          x={x - HANDLE_PX}
          y={y - HANDLE_PX}
          width={2 * HANDLE_PX}
          height={2 * HANDLE_PX}
          transform={`rotate(${-turn} ${x} ${y})`}
          {...look}
        />
      ) : (
        <circle cx={x} cy={y} r={HANDLE_PX} {...look} />
      )}
    </g>
  );
}
