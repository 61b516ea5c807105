import {
  axesOf,
  boundsOf,
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
  /** Whether the plot lies on its side: what is up on it points to the right. */
  turned: boolean;
  /** Where a point of the plot is drawn, px. */
  at(point: Point): Point;
  /** The point of the plot under a pixel, m. */
  pointAt(px: number, py: number): Point;
  /** A shift on the screen as one on the plot, m. */
  shift(dx: number, dy: number): Point;
}

/** How far somebody has zoomed in on the map, and moved it. */
export interface MapView {
  k: number;
  x: number;
  y: number;
}
export const WHOLE_MAP: MapView = { k: 1, x: 0, y: 0 };

/** A part of the plot, m. */
interface Bounds {
  left: number;
  right: number;
  bottom: number;
  top: number;
}

const MARGIN_PX = 14;
/** Around beds there is room for their names, m. */
const AROUND_M = 0.9;
/** A plot is laid on its side where it comes out so much larger. */
const TURNED_FROM = 1.1;

/** What of a plot the map shows: the beds and shelters in it, with a path around them. */
export function shownOf(plot: Plot, outlines: readonly Outline[]): Bounds {
  const bounds = boundsOf(outlines);
  if (!bounds) return wholePlot(plot);
  return {
    left: bounds.left - AROUND_M,
    right: bounds.right + AROUND_M,
    bottom: bounds.bottom - AROUND_M,
    top: bounds.top + AROUND_M,
  };
}

export function wholePlot({ lengthM, widthM }: Plot): Bounds {
  return { left: 0, right: lengthM, bottom: 0, top: widthM };
}

/** The largest scale at which a part of the plot fits, in the middle of the drawing, upright or on its side. */
export function mapScale(
  { left, right, bottom, top }: Bounds,
  width: number,
  height: number,
  view: MapView = WHOLE_MAP,
): MapScale {
  const [wideM, highM] = [right - left, top - bottom];
  const fit = (w: number, h: number) =>
    Math.max(2, Math.min((width - 2 * MARGIN_PX) / w, (height - 2 * MARGIN_PX) / h));
  const turned = fit(highM, wideM) > TURNED_FROM * fit(wideM, highM);
  const pxPerM = (turned ? fit(highM, wideM) : fit(wideM, highM)) * view.k;
  const middle = { x: (left + right) / 2, y: (bottom + top) / 2 };
  const [midX, midY] = [(width / 2) * view.k + view.x, (height / 2) * view.k + view.y];
  // Metres count up from the plot's foot, pixels down from the top.
  const toScreen = ({ x, y }: Point): Point => (turned ? { x: y, y: x } : { x, y: -y });
  const shift = (dx: number, dy: number): Point => {
    const [a, b] = [dx / pxPerM, dy / pxPerM];
    return turned ? { x: b, y: a } : { x: a, y: -b };
  };
  return {
    pxPerM,
    turned,
    at(point) {
      const { x, y } = toScreen({ x: point.x - middle.x, y: point.y - middle.y });
      return { x: midX + x * pxPerM, y: midY + y * pxPerM };
    },
    pointAt(px, py) {
      const { x, y } = shift(px - midX, py - midY);
      return { x: middle.x + x, y: middle.y + y };
    },
    shift,
  };
}

/** How far words along a bed are turned on the screen, never upside down, degrees clockwise. */
export function wordsTurn({ angleDeg }: Outline, { turned }: MapScale): number {
  const degrees = turned ? 90 - angleDeg : -angleDeg;
  return degrees <= -90 ? degrees + 180 : degrees > 90 ? degrees - 180 : degrees;
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
  const drawn = corners.map(scale.at).map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`);
  return `M${drawn.join("L")}Z`;
}

/** Beds snap to this when they are moved by hand. */
const SNAP_M = 0.05;

/** An outline moved by pixels, to the nearest 5 cm. */
export function movedBy(outline: Outline, scale: MapScale, dx: number, dy: number): Outline {
  const snapped = (value: number) => Math.round(value / SNAP_M) * SNAP_M;
  const by = scale.shift(dx, dy);
  return {
    ...outline,
    xM: round(snapped(outline.xM + by.x)),
    yM: round(snapped(outline.yM + by.y)),
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
  const pulled = scale.shift(dx, dy);
  const pulledM = sign * (pulled.x * axis.x + pulled.y * axis.y);
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
  const at = scale.pointAt(x, y);
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
