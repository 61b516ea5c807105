import { containerCount } from "@/core/containers";
import type { Bed } from "@/core/garden";
import { cornersOf, onDrawing, type Outline } from "@/core/layout";
import { patchOutline, pathOf, type MapScale } from "./mapScale";

/** Between containers that stand side by side some ground shows, m. */
const GAP_M = 0.015;

/** A bed as it is drawn: its sides, or each of its containers from above. */
export function bedPath(scale: MapScale, bed: Bed, outline: Outline): string {
  const { container } = bed;
  if (!container) return pathOf(scale, cornersOf(outline));
  const count = containerCount({ lengthM: outline.lengthM, container });
  const eachM = outline.lengthM / count;
  return Array.from({ length: count }, (_, index) => {
    const fromM = index * eachM;
    if (container.outline === "round") {
      const { x, y } = scale.at(onDrawing(outline, fromM + eachM / 2, outline.widthM / 2));
      return circlePath(x, y, (eachM / 2 - GAP_M) * scale.pxPerM);
    }
    const patch = { fromM: fromM + GAP_M, toM: fromM + eachM - GAP_M, leftM: 0 };
    return pathOf(scale, cornersOf(patchOutline(outline, { ...patch, rightM: outline.widthM })));
  }).join("");
}

function circlePath(x: number, y: number, radius: number): string {
  const r = Math.max(1, radius).toFixed(1);
  const across = (2 * Number(r)).toFixed(1);
  const [left, middle] = [(x - Number(r)).toFixed(1), y.toFixed(1)];
  return `M${left},${middle}a${r},${r} 0 1 0 ${across},0a${r},${r} 0 1 0 -${across},0Z`;
}
