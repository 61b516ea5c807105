import type { Outline, Position } from "./schema";

/** What is to be laid out: its size, and where it lies already, if anywhere. */
export interface Laid {
  id: string;
  lengthM: number;
  widthM: number;
  position: Position | null;
}

const PATH_M = 0.5;
const END_PATH_M = 0.8;
const WIDEST_ROW_M = 22;
/** Beds stand upright, as one sees them walking up the garden. */
export const UPRIGHT_DEG = 90;

/**
 * Lays rectangles side by side from the left, in rows from the bottom up, with paths between.
 *
 * @returns their outlines in the same order, the first row's lower left corner at the given place
 */
export function inRows(
  items: readonly Pick<Laid, "lengthM" | "widthM">[],
  leftM: number,
  bottomM: number,
): Outline[] {
  let [x, bottom, rowHeight] = [leftM, bottomM, 0];
  return items.map(({ lengthM, widthM }) => {
    if (x > leftM && x + widthM - leftM > WIDEST_ROW_M) {
      x = leftM;
      bottom += rowHeight + END_PATH_M;
      rowHeight = 0;
    }
    const outline = {
      xM: x + widthM / 2,
      yM: bottom + lengthM / 2,
      angleDeg: UPRIGHT_DEG,
      lengthM,
      widthM,
    };
    x += widthM + PATH_M;
    rowHeight = Math.max(rowHeight, lengthM);
    return outline;
  });
}

/** The outline of a shelter around the beds in it, with its wall's distance. */
export function around(
  bounds: { left: number; right: number; bottom: number; top: number },
  marginM = 0.3,
): Outline {
  const lengthM = bounds.top - bounds.bottom + 2 * marginM;
  const widthM = bounds.right - bounds.left + 2 * marginM;
  return {
    xM: (bounds.left + bounds.right) / 2,
    yM: (bounds.bottom + bounds.top) / 2,
    angleDeg: UPRIGHT_DEG,
    lengthM,
    widthM,
  };
}
