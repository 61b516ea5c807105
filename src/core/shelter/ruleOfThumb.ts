import { coverLight } from "./coverLight";
import type { DayNumber } from "../calendar";
import type { Climate } from "../climate";
import type { Material } from "./materialSchema";
import { materials, type CoverIds } from "./materials";

/** Removable covers are worn once the mean of day and night falls below this (estimate). */
const WORN_BELOW_MEAN_C = 12;
/** A closed house is vented so that it hardly passes this (common practice for cool crops). */
const VENT_TARGET_C = 20;

/** Daily light in the open on a bright spring day, for which the day gains are given (estimate). */
const BRIGHT_DAY_DLI_MOL = 35;

/** Nights of frost get the whole night gain, mild ones a part: the gap to the sky is smaller (estimate). */
const MILD_NIGHT = { minTempC: 12, gainShare: 0.4 };

/** What a crop feels and gets on a usual day under its covers. */
export interface CropDay {
  minTempC: number;
  maxTempC: number;
  dliMol: number;
}

/**
 * A usual day at the crop, by the growers' rule of thumb: each layer adds its degrees at night and
 * by day, and takes its share of the light. Removable layers come off in mild weather; standing
 * ones are vented as the outside warms.
 */
export function cropDay(climate: Climate, covers: CoverIds, day: DayNumber): CropDay {
  return cropDayOf(covers, {
    minTempC: climate.minTempC(day),
    maxTempC: climate.maxTempC(day),
    dliMol: climate.dliMol(day),
  });
}

/** The same for a day of given weather. */
export function cropDayOf(covers: CoverIds, outside: CropDay): CropDay {
  const { minTempC: outsideMinC, maxTempC: outsideMaxC } = outside;
  const cool = (outsideMinC + outsideMaxC) / 2 < WORN_BELOW_MEAN_C;
  let minTempC = outsideMinC;
  let maxTempC = outsideMaxC;
  let { dliMol } = outside;
  // The sun warms a closed space in proportion to what it brings: little in December.
  const sunShare = Math.min(1, dliMol / BRIGHT_DAY_DLI_MOL);
  const nightShare = nightShareAt(outsideMinC);
  for (const material of layers(covers)) {
    if (material.removable && !cool) continue;
    dliMol *= coverLight(material);
    minTempC += material.nightGainC * nightShare;
    maxTempC += Math.min(material.dayGainC * sunShare, Math.max(0, VENT_TARGET_C - maxTempC));
  }
  // A warm night in a vented house does not overtake the day.
  return { minTempC: Math.min(minTempC, maxTempC), maxTempC, dliMol };
}

/** Share of the full night gain at a night's minimum outside: whole in frost, less when it is mild. */
function nightShareAt(outsideMinC: number): number {
  const coolness = Math.min(1, Math.max(0, 1 - outsideMinC / MILD_NIGHT.minTempC));
  return MILD_NIGHT.gainShare + (1 - MILD_NIGHT.gainShare) * coolness;
}

/** Degrees that the covers add to one night's minimum, by the growers' rule. */
export function thumbGainAtC(covers: CoverIds, outsideMinC: number): number {
  return nightGainC(covers) * nightShareAt(outsideMinC);
}

/** Degrees that the covers add to a cold night's minimum at the crop. */
export function nightGainC(covers: CoverIds): number {
  return layers(covers).reduce((sum, material) => sum + material.nightGainC, 0);
}

function layers(covers: CoverIds): Material[] {
  return covers.flatMap((id) => materials.get(id) ?? []);
}
