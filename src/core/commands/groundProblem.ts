import { plantedProblem } from "../containers";
import { fact, type Fact } from "../facts";
import type { Bed, Planting } from "../garden";
import { acrossProblem } from "../layout";

/** Why a planting cannot lie so in its bed: past its sides, or in a part of a container; null where it can. */
export function groundProblem(planting: Planting, bed: Bed): Fact | null {
  const { container, name, widthM } = bed;
  if (container) return plantedProblem(planting, { ...bed, container });
  const problem = acrossProblem(planting, widthM);
  return problem === null ? null : fact("layout.acrossProblem", { problem, bed: name, widthM });
}
