import { dayNumber } from "../calendar";
import { varietyOf, type Crop } from "../crops";
import { derive } from "../derive";
import { bedsInOrder, cropsOf, type Bed, type Garden, type Planting } from "../garden";
import { exposureOver } from "./exposure";
import type { Exposure, Spot } from "../growth";
import type { Growing } from "../schedule";
import type { Stand } from "./spacing";

/** How a planting is grown: its crop, way and covers; null when its crop or bed is gone. */
export function growingOf(garden: Garden, planting: Planting): Growing | null {
  const crop = cropsOf(garden).get(planting.cropId);
  const bed = garden.beds.get(planting.bedId);
  if (!crop || !bed) return null;
  return derive([planting, crop, exposureOver(garden, bed)], growingFrom);
}

function growingFrom(planting: Planting, crop: Crop, exposure: Required<Exposure>): Growing | null {
  const { varietyId, method, stage, clearOn, bought } = planting;
  const variety = varietyOf(crop, varietyId);
  if (!variety) return null;
  const clearDay = clearOn === null ? null : dayNumber(clearOn);
  const boughtAgeDays = bought?.ageDays ?? null;
  return { crop, variety, method, stage, ...exposure, clearDay, boughtAgeDays };
}

/** How a planting stands in its bed. */
export function standOf(planting: Planting, bed: Pick<Bed, "widthM">): Stand {
  const { lengthM, rowCm, inRowCm, arrangement, potCm } = planting;
  const { plantsPerStation, seedsPerHole, spacingFactor } = planting;
  return {
    lengthM,
    widthM: bed.widthM,
    rowCm,
    inRowCm,
    arrangement,
    potCm,
    plantsPerStation,
    seedsPerHole,
    spacingFactor,
  };
}

/** The beds of a garden as spots for a wish, as one walks past them. */
export function spotsOf(garden: Garden): Spot[] {
  return bedsInOrder(garden).map((bed) => ({
    bedId: bed.id,
    bedName: bed.name,
    ...exposureOver(garden, bed),
  }));
}

/** A planting's crop and variety in words: "Spinach, winter type". */
export function plantingName(garden: Garden, planting: Planting): string {
  const crop = cropsOf(garden).get(planting.cropId);
  if (!crop) return planting.cropId;
  const variety = varietyOf(crop, planting.varietyId);
  return variety ? growingName({ crop, variety, stage: planting.stage }) : crop.name;
}

/** The same for what is known to grow. */
export function growingName({
  crop,
  variety,
  stage,
}: Pick<Growing, "crop" | "variety" | "stage">): string {
  return `${crop.name}, ${variety.name}${stage === "baby" ? ", baby leaf" : ""}`;
}
