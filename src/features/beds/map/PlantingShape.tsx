"use client";

import { useRef } from "react";
import { cornersOf, patchesOf, type Outline } from "@/core/layout";
import type { StandingPlants } from "@/core/plantings";
import { useDrag } from "@/ui/chart/index";
import { patchOutline, pathOf, type MapScale } from "./mapScale";
import type { Moving } from "./useMoving";
import { beds as say } from "@/words/en/beds";

interface Props {
  outline: Outline;
  group: StandingPlants;
  scale: MapScale;
  moving: Moving;
  onPress: () => void;
}

/** The part of a bed that a planting takes, to be dragged to another; plants are drawn below it. */
export function PlantingShape({ outline, group, scale, moving, onPress }: Props) {
  const from = useRef({ x: 0, y: 0 });
  const drag = useDrag({
    onMove: (dx, dy) => moving.carry(group.planting, from.current.x + dx, from.current.y + dy),
    onEnd: (moved) => (moved ? moving.drop() : onPress()),
    onCancel: moving.cancel,
  });
  return (
    <path
      {...drag}
      onPointerDown={(event) => {
        const box = event.currentTarget.ownerSVGElement?.getBoundingClientRect();
        from.current = { x: event.clientX - (box?.left ?? 0), y: event.clientY - (box?.top ?? 0) };
        drag.onPointerDown(event);
      }}
      d={patchesOf(group.planting, outline.widthM)
        .map((patch) => pathOf(scale, cornersOf(patchOutline(outline, patch))))
        .join("")}
      fill="transparent"
      style={{ cursor: "grab" }}
    >
      <title>{say.dragItToAnotherBed({ crop: group.growing.crop.name })}</title>
    </path>
  );
}
