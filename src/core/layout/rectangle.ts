import type { Outline } from "./schema";

/** A point on the drawing, metres. */
export interface Point {
  x: number;
  y: number;
}

const RADIANS_PER_DEGREE = Math.PI / 180;
/** Beds may touch: less than a millimetre is no overlap. */
const TOUCH_M = 0.001;

/** The corners of a rectangle, one after the other. */
export function cornersOf({ xM, yM, angleDeg, lengthM, widthM }: Outline): Point[] {
  const [along, across] = axesOf(angleDeg);
  return [
    [-1, -1],
    [1, -1],
    [1, 1],
    [-1, 1],
  ].map(([a = 0, b = 0]) => ({
    x: xM + (a * lengthM * along.x + b * widthM * across.x) / 2,
    y: yM + (a * lengthM * along.y + b * widthM * across.y) / 2,
  }));
}

/** Unit vectors along a rectangle's length and across it. */
export function axesOf(angleDeg: number): [Point, Point] {
  const angle = angleDeg * RADIANS_PER_DEGREE;
  const along = { x: Math.cos(angle), y: Math.sin(angle) };
  return [along, { x: -along.y, y: along.x }];
}

/**
 * Whether two rectangles share ground: not when some direction separates them (the separating axes of
 * two rectangles are their own sides' directions).
 */
export function overlap(a: Outline, b: Outline): boolean {
  const reachM = (Math.hypot(a.lengthM, a.widthM) + Math.hypot(b.lengthM, b.widthM)) / 2;
  // Most pairs of a large garden are this far apart.
  if (Math.hypot(a.xM - b.xM, a.yM - b.yM) > reachM) return false;
  const [cornersA, cornersB] = [cornersOf(a), cornersOf(b)];
  return ![...axesOf(a.angleDeg), ...axesOf(b.angleDeg)].some((axis) => {
    const [fromA, toA] = extent(cornersA, axis);
    const [fromB, toB] = extent(cornersB, axis);
    return toA <= fromB + TOUCH_M || toB <= fromA + TOUCH_M;
  });
}

/** Whether a rectangle lies wholly in another. */
export function within(inner: Outline, outer: Outline): boolean {
  const axes = axesOf(outer.angleDeg);
  const outerCorners = cornersOf(outer);
  return axes.every((axis) => {
    const [from, to] = extent(outerCorners, axis);
    const [innerFrom, innerTo] = extent(cornersOf(inner), axis);
    return innerFrom >= from - TOUCH_M && innerTo <= to + TOUCH_M;
  });
}

function extent(corners: readonly Point[], axis: Point): [number, number] {
  // A ring drawn by hand can have more corners than a call takes arguments.
  let [from, to] = [Infinity, -Infinity];
  for (const corner of corners) {
    const place = corner.x * axis.x + corner.y * axis.y;
    from = Math.min(from, place);
    to = Math.max(to, place);
  }
  return [from, to];
}

/** The least upright box around rectangles; null around none. */
export function boundsOf(
  rectangles: readonly Outline[],
): { left: number; right: number; bottom: number; top: number } | null {
  const corners = rectangles.flatMap(cornersOf);
  if (corners.length === 0) return null;
  const [left, right] = extent(corners, { x: 1, y: 0 });
  const [bottom, top] = extent(corners, { x: 0, y: 1 });
  return { left, right, bottom, top };
}

/**
 * The rectangle around a ring of points that has the direction of the ring's longest side, and the
 * share of it that the ring fills. Sides are rounded to the centimetre, the angle to a tenth.
 */
export function rectangleAround(ring: readonly Point[]): { outline: Outline; filled: number } {
  let longest = { length: 0, angleDeg: 0 };
  let twiceArea = 0;
  ring.forEach((point, index) => {
    const next = ring[(index + 1) % ring.length] ?? point;
    const length = Math.hypot(next.x - point.x, next.y - point.y);
    twiceArea += point.x * next.y - next.x * point.y;
    if (length <= longest.length) return;
    const angleDeg = Math.atan2(next.y - point.y, next.x - point.x) / RADIANS_PER_DEGREE;
    longest = { length, angleDeg };
  });
  const angleDeg = (Math.round((((longest.angleDeg % 180) + 180) % 180) * 10) / 10) % 180;
  const [along, across] = axesOf(angleDeg);
  const [fromAlong, toAlong] = extent(ring, along);
  const [fromAcross, toAcross] = extent(ring, across);
  const a = (fromAlong + toAlong) / 2;
  const b = (fromAcross + toAcross) / 2;
  const [lengthM, widthM] = [toAlong - fromAlong, toAcross - fromAcross];
  return {
    outline: {
      xM: hundredth(a * along.x + b * across.x),
      yM: hundredth(a * along.y + b * across.y),
      angleDeg,
      lengthM: hundredth(lengthM),
      widthM: hundredth(widthM),
    },
    filled: lengthM * widthM > 0 ? Math.abs(twiceArea) / 2 / (lengthM * widthM) : 0,
  };
}

function hundredth(m: number): number {
  return Math.round(m * 100) / 100;
}

/**
 * A point of a rectangle's own ground on the drawing: along it from its near end, and across from its
 * left side, as one sees it who stands at the near end.
 */
export function onDrawing(rectangle: Outline, alongM: number, acrossM: number): Point {
  const [along, across] = axesOf(rectangle.angleDeg);
  const a = alongM - rectangle.lengthM / 2;
  // The second axis points to the left.
  const b = rectangle.widthM / 2 - acrossM;
  return {
    x: rectangle.xM + a * along.x + b * across.x,
    y: rectangle.yM + a * along.y + b * across.y,
  };
}
