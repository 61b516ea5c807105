"use client";

import { useRef, type KeyboardEvent } from "react";
import type { Bed } from "@/core/garden";
import { type Outline, exactM } from "@/core/layout";
import type { StandingPlants } from "@/core/plantings";
import { useDrag } from "@/ui/chart/index";
import { useWording, type LocalWording } from "@/ui/wording";
import { PlantingShape } from "./PlantingShape";
import type { Moving } from "./useMoving";
import { bedPath } from "./bedPath";
import { movedBy, turnedBy, type MapScale } from "./mapScale";
import type { Laying } from "./useLaying";
import { beds as say } from "@/words/en/beds";

interface Props {
  bed: Bed;
  outline: Outline;
  scale: MapScale;
  plants: readonly StandingPlants[];
  directSunH: number | null;
  /** Id of the hatch for beds under covers of their own. */
  coverPattern: string | null;
  /** Containers that stand elsewhere on the day: their place is kept for them. */
  away: boolean;
  selected: boolean;
  /** Beds are being laid out: dragged, turned, sized. */
  layingOut: boolean;
  laying: Laying;
  moving: Moving;
  onSelect: () => void;
}

const KEY_STEP_M = 0.1;
const LARGE_STEP_M = 1;
const TURN_DEG = 5;

const KEYS: Record<string, readonly [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/**
 * A bed on the map: chosen; its plantings dragged to other beds; while beds are laid out, dragged
 * itself, moved by arrow keys, turned by R and Shift R.
 */
export function BedShape(props: Props) {
  const wording = useWording();
  const { bed, outline, scale, plants, directSunH, coverPattern, selected, laying } = props;
  const { layingOut, moving, away } = props;
  const from = useRef(outline);
  const last = useRef<Outline | null>(null);
  const drag = useDrag({
    onMove(dx, dy) {
      last.current = movedBy(from.current, scale, dx, dy);
      laying.preview({ id: bed.id, outline: last.current });
    },
    onEnd(moved) {
      props.onSelect();
      if (moved && last.current) laying.settle({ id: bed.id, outline: last.current });
      last.current = null;
    },
    onCancel: () => laying.preview(null),
  });
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === "Enter" || event.key === " ") {
      event.preventDefault();
      return props.onSelect();
    }
    if (!layingOut) return;
    const step = KEYS[event.key];
    if (step) {
      event.preventDefault();
      const metres = event.shiftKey ? LARGE_STEP_M : KEY_STEP_M;
      // Where the plot lies on its side, an arrow still moves the bed the way it points.
      const by = scale.shift(step[0] * metres * scale.pxPerM, -step[1] * metres * scale.pxPerM);
      return laying.nudge({
        id: bed.id,
        outline: { ...outline, xM: rounded(outline.xM + by.x), yM: rounded(outline.yM + by.y) },
      });
    }
    if (event.key.toLowerCase() === "r" && !event.ctrlKey && !event.metaKey) {
      event.preventDefault();
      laying.nudge({
        id: bed.id,
        outline: turnedBy(outline, event.shiftKey ? -TURN_DEG : TURN_DEG),
      });
    }
  };
  const path = bedPath(scale, bed, outline);
  return (
    <g
      {...(layingOut ? drag : {})}
      onPointerDown={(event) => {
        if (!layingOut) return;
        from.current = outline;
        drag.onPointerDown(event);
      }}
      onClick={() => layingOut || props.onSelect()}
      onKeyDown={onKeyDown}
      className="bed"
      role="button"
      tabIndex={0}
      aria-pressed={selected}
      aria-label={`${bedWords(bed, plants, directSunH, wording)}${layingOut ? ". Arrow keys move it, R turns it" : ""}.`}
      style={{ cursor: layingOut ? "move" : "pointer" }}
    >
      <title>{bedWords(bed, plants, directSunH, wording)}</title>
      {coverPattern && <path d={path} fill={`url(#${coverPattern})`} />}
      <path
        d={path}
        className="bed-edge"
        fill="transparent"
        stroke={selected ? "var(--ember)" : "var(--text)"}
        strokeWidth={selected ? 2.6 : 1.1}
        strokeDasharray={away ? "4 3" : undefined}
      />
      {!layingOut &&
        plants.map((group) => (
          <PlantingShape
            key={group.planting.id}
            {...{ outline, group, scale, moving }}
            onPress={props.onSelect}
          />
        ))}
    </g>
  );
}

function rounded(metres: number): number {
  return exactM(metres);
}

function bedWords(
  bed: Bed,
  plants: readonly StandingPlants[],
  directSunH: number | null,
  wording: LocalWording,
): string {
  const there = plants.map(({ growing, grown, isReady }) =>
    isReady
      ? say.ready({ crop: growing.crop.name })
      : say.grown2({ crop: growing.crop.name, grown: Math.round(grown * 100) }),
  );
  const sun =
    directSunH === null ? "" : say.hoursOfDirectSun({ number: wording.number(directSunH, 1) });
  return `${bed.name}: ${there.length === 0 ? "empty" : there.join("; ")}${sun}`;
}
