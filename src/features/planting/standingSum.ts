import { plantedProblem } from "@/core/containers";
import type { Crop } from "@/core/crops";
import type { Garden, Planting } from "@/core/garden";
import { acrossProblem } from "@/core/layout";
import { amountsFor, standOf } from "@/core/plantings";
import { planting as say } from "@/words/en/planting";
import { localWording } from "@/words";

/**
 * How many plants the typed distances give, as a sum: "4 rows × 19 stations × 4 plants = 304 plants".
 * Null while something is typed that is no number.
 */
export function sumOf(planting: Planting, garden: Garden, crop: Crop): string | null {
  const bed = garden.beds.get(planting.bedId);
  if (!bed) return null;
  const { lengthM, rowCm, inRowCm, plantsPerStation: together, spacingFactor, potCm } = planting;
  const typed = [lengthM, rowCm, inRowCm, together, spacingFactor, potCm ?? 1];
  if (!typed.every((value) => Number.isFinite(value) && value > 0)) return null;
  const { across } = planting;
  if (!Object.values(across).every((value) => typeof value !== "number" || Number.isFinite(value)))
    return null;
  const { container } = bed;
  if (
    container
      ? plantedProblem(planting, { ...bed, container })
      : acrossProblem(planting, bed.widthM)
  )
    return say.plantsDoNotFit;
  const stand = standOf(planting, bed);
  const amounts = amountsFor(stand, crop, planting.method);
  if (stand.shape) {
    const pieces = stand.shape.pieces.length;
    const plants = localWording(garden.settings.units).number(amounts.plants);
    const stations = amounts.stations / pieces;
    return say.standingSumPieces({ pieces, kind: across.kind, stations, together, plants });
  }
  const isWide = rowCm * spacingFactor > bed.widthM * 100 + 0.1;
  const isLong = inRowCm * spacingFactor > lengthM * 100 + 0.1;
  if (planting.arrangement !== "pots" && (isWide || isLong)) return say.plantsDoNotFit;
  const plants = localWording(garden.settings.units).number(amounts.plants);
  return planting.arrangement === "rows"
    ? say.standingSum({ rows: amounts.rows, stations: amounts.stationsPerRow, together, plants })
    : say.standingSumStaggered({ stations: amounts.stations, together, plants });
}
