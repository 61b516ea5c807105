import {
  axesOf,
  onDrawing,
  patchesOf,
  WHOLE_WIDTH,
  type Outline,
  type Patch,
  type Plot,
  type Point,
} from "@/core/layout";

/** Metres of the plot to pixels of the drawing, and distances back. */
export interface MapScale {
  pxPerM: number;
  /** Where the plot's left and upper edges lie. */
  left: number;
  top: number;
  x(metres: number): number;
  y(metres: number): number;
  /** Pixels to metres. */
  metresX(px: number): number;
  metresY(px: number): number;
}

const MARGIN_PX = 14;

/** The largest scale at which the whole plot fits, in the middle of the drawing. */
export function mapScale(plot: Plot, width: number, height: number): MapScale {
  const pxPerM = Math.max(
    2,
    Math.min((width - 2 * MARGIN_PX) / plot.lengthM, (height - 2 * MARGIN_PX) / plot.widthM),
  );
  const left = (width - plot.lengthM * pxPerM) / 2;
  const top = (height - plot.widthM * pxPerM) / 2;
  return {
    pxPerM,
    left,
    top,
    x: (metres) => left + metres * pxPerM,
    // Metres count up from the plot's foot, pixels down from the top.
    y: (metres) => top + (plot.widthM - metres) * pxPerM,
    metresX: (px) => (px - left) / pxPerM,
    metresY: (px) => plot.widthM - (px - top) / pxPerM,
  };
}

/** A part of a bed, as long as it is and as wide as the bed. */
export function partOf(outline: Outline, part: { fromM: number; lengthM: number }): Outline {
  const [patch] = patchesOf({ ...part, across: WHOLE_WIDTH }, outline.widthM);
  return patch ? patchOutline(outline, patch) : outline;
}

/** A patch of a bed's ground on the drawing. */
export function patchOutline(outline: Outline, { fromM, toM, leftM, rightM }: Patch): Outline {
  const middle = onDrawing(outline, (fromM + toM) / 2, (leftM + rightM) / 2);
  return {
    ...outline,
    xM: middle.x,
    yM: middle.y,
    lengthM: toM - fromM,
    widthM: rightM - leftM,
  };
}

/** A closed path around corners. */
export function pathOf(scale: MapScale, corners: readonly Point[]): string {
  return `M${corners.map(({ x, y }) => `${scale.x(x).toFixed(1)},${scale.y(y).toFixed(1)}`).join("L")}Z`;
}

/** Beds snap to this when they are moved by hand. */
const SNAP_M = 0.05;

/** An outline moved by pixels, to the nearest 5 cm. */
export function movedBy(outline: Outline, scale: MapScale, dx: number, dy: number): Outline {
  const snapped = (value: number) => Math.round(value / SNAP_M) * SNAP_M;
  return {
    ...outline,
    xM: round(snapped(outline.xM + dx / scale.pxPerM)),
    yM: round(snapped(outline.yM - dy / scale.pxPerM)),
  };
}

/** An end or a side of a bed. */
export type BedEnd = "near" | "far" | "left" | "right";
/** Beds are sized by hand to this. */
const SIZE_STEP_M = 0.1;
const LEAST_SIDE_M = 0.2;

/** An outline whose end or side is pulled by pixels; the end opposite stays where it is. */
export function grownBy(
  outline: Outline,
  scale: MapScale,
  end: BedEnd,
  dx: number,
  dy: number,
): Outline {
  const [along, across] = axesOf(outline.angleDeg);
  const lengthwise = end === "near" || end === "far";
  const axis = lengthwise ? along : across;
  // The axis across points to the left.
  const sign = end === "far" || end === "left" ? 1 : -1;
  const pulledM = sign * ((dx * axis.x - dy * axis.y) / scale.pxPerM);
  const before = lengthwise ? outline.lengthM : outline.widthM;
  const side = Math.max(LEAST_SIDE_M, Math.round((before + pulledM) / SIZE_STEP_M) * SIZE_STEP_M);
  const shift = (sign * (side - before)) / 2;
  return {
    ...outline,
    xM: round(outline.xM + shift * axis.x),
    yM: round(outline.yM + shift * axis.y),
    ...(lengthwise ? { lengthM: round(side) } : { widthM: round(side) }),
  };
}

/** An outline turned so that its far end points to a place, as seen from its middle; to 5°. */
export function turnedTo(outline: Outline, to: Point): Outline {
  const degrees = Math.atan2(to.y, to.x) * (180 / Math.PI);
  const stepped = Math.round(degrees / TURN_STEP_DEG) * TURN_STEP_DEG;
  return { ...outline, angleDeg: ((stepped % 180) + 180) % 180 };
}
const TURN_STEP_DEG = 5;

/** An outline turned, kept within half a turn. */
export function turnedBy(outline: Outline, degrees: number): Outline {
  return { ...outline, angleDeg: (((outline.angleDeg + degrees) % 180) + 180) % 180 };
}

function round(value: number): number {
  return Math.round(value * 1000) / 1000;
}

/** How far beside a bed a finger still means it, px. */
const FINGER_PX = 22;

/** The bed that lies nearest to a point of the map, within a finger's width; null when none does. */
export function nearestBed(
  outlines: ReadonlyMap<string, Outline>,
  scale: MapScale,
  x: number,
  y: number,
): string | null {
  const at = { x: scale.metresX(x), y: scale.metresY(y) };
  let nearest: { id: string; awayPx: number } | null = null;
  for (const [id, outline] of outlines) {
    const [along, across] = axesOf(outline.angleDeg);
    const [dx, dy] = [at.x - outline.xM, at.y - outline.yM];
    const beside = (axis: Point, sideM: number) =>
      Math.max(0, Math.abs(dx * axis.x + dy * axis.y) - sideM / 2);
    const awayPx =
      Math.hypot(beside(along, outline.lengthM), beside(across, outline.widthM)) * scale.pxPerM;
    if (awayPx <= FINGER_PX && awayPx < (nearest?.awayPx ?? Infinity)) nearest = { id, awayPx };
  }
  return nearest?.id ?? null;
}
