import { inWholeContainers } from "../containers";
import type { Bed, Planting } from "../garden";
import { WHOLE_WIDTH } from "../layout";

/**
 * A planting as its bed can hold it: in containers it takes whole ones, and its plants stand as far
 * apart each way; in the ground it stays as it is.
 */
export function fittedTo(bed: Bed, planting: Planting): Planting {
  const { container } = bed;
  if (!container) return planting;
  const { inRowCm, across } = planting;
  return {
    ...planting,
    ...inWholeContainers(planting, { ...bed, container }),
    rowCm: inRowCm,
    across: across.kind === "edge" ? across : WHOLE_WIDTH,
  };
}
