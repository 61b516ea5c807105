import { area, curveMonotoneX } from "d3-shape";
import type { StrandPoint } from "@/core/schedule";
import type { TimeScale } from "./timeAxis";

/**
 * The outline of a strand about a middle line, as an SVG path.
 *
 * @param fullThickness pixels across when the share is 1
 * @param least         pixels across that a living strand keeps, so that a seedling can be seen
 */
export function strandPath(
  points: readonly StrandPoint[],
  x: TimeScale,
  middleY: number,
  fullThickness: number,
  least: number,
): string {
  const half = (share: number) => (least + (fullThickness - least) * share) / 2;
  const shape = area<StrandPoint>()
    .x((point) => x(point.day))
    .y0((point) => middleY - half(point.share))
    .y1((point) => middleY + half(point.share))
    .curve(curveMonotoneX);
  return shape([...points]) ?? "";
}
