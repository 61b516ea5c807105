import type { Outline, Plot, Point } from "@/core/layout";

/** Metres of the plot to pixels of the drawing, and distances back. */
export interface MapScale {
  pxPerM: number;
  /** Where the plot's left and upper edges lie. */
  left: number;
  top: number;
  x(metres: number): number;
  y(metres: number): number;
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

/** An outline turned, kept within half a turn. */
export function turnedBy(outline: Outline, degrees: number): Outline {
  return { ...outline, angleDeg: (((outline.angleDeg + degrees) % 180) + 180) % 180 };
}

function round(value: number): number {
  return Math.round(value * 1000) / 1000;
}
