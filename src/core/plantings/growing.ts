import { dayNumber } from "../calendar";
import { varietyOf } from "../crops";
import {
  bedsInOrder,
  cropsOf,
  type Bed,
  type Garden,
  type Planting,
  type Settings,
} from "../garden";
import { exposureOver } from "./exposure";
import type { PlanSettings } from "../growth";
import type { Growing } from "../schedule";
import type { Stand } from "./spacing";
import type { Spot } from "../growth";

/** The part of a garden's settings that plans go by. */
export function planSettingsOf(garden: { settings: Settings }): PlanSettings {
  return garden.settings;
}

/** How a planting is grown: its crop, way and covers; null when its crop or bed is gone. */
export function growingOf(garden: Garden, planting: Planting): Growing | null {
  const crop = cropsOf(garden).get(planting.cropId);
  const bed = garden.beds.get(planting.bedId);
  const variety = crop && varietyOf(crop, planting.varietyId);
  if (!crop || !variety || !bed) return null;
  return {
    crop,
    variety,
    method: planting.method,
    stage: planting.stage,
    ...exposureOver(garden, bed),
    clearDay: planting.clearOn === null ? null : dayNumber(planting.clearOn),
  };
}

/** How a planting stands in its bed. */
export function standOf(planting: Planting, bed: Pick<Bed, "widthM">): Stand {
  const { lengthM, rowCm, inRowCm, arrangement, potCm, plantsPerStation, spacingFactor } = planting;
  return {
    lengthM,
    widthM: bed.widthM,
    rowCm,
    inRowCm,
    arrangement,
    potCm,
    plantsPerStation,
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
  const young = planting.stage === "baby" ? ", young leaves" : "";
  return `${crop.name}${variety ? `, ${variety.name}` : ""}${young}`;
}
