import { derive, newTable } from "../derive";
import growthJson from "@data/growth.json";
import type { DayNumber } from "../calendar";
import { potSwing } from "./containerSpace";
import type { GrowingSpace } from "./growingSpace";

const SOIL = growthJson.soil;

/** How a seed row is kept cool. */
export interface SoilCare {
  shaded?: boolean;
  mulched?: boolean;
}

/** The soil at sowing depth on a usual day, °C. */
export interface SoilDay {
  meanC: number;
  /** In the afternoon of a sunny day. */
  warmestC: number;
}

/**
 * Usual mean temperature of the topsoil by the day of the year, °C; 0 for 1 January.
 *
 * The soil follows the air at the crop by a quarter of the difference a day; bare ground in the sun
 * is somewhat warmer than the air, and ground at freezing is held there by its water. What covers add
 * to it is the difference between two runs of the energy balance, with them and without.
 *
 * @source Zheng, Hunt & Running (1993), eq. 1, without leaves; warming by sun: estimate
 */
export function soilMeansC(space: GrowingSpace): Float64Array {
  return derive([space], soilMeansIn);
}

function soilMeansIn(space: GrowingSpace): Float64Array {
  const { soilGainC, potLagHours } = space;
  // In a container it follows the air from one day to the next.
  if (potLagHours !== undefined) return potMeansC(space);
  return soilGainC
    ? openMeansC(space).map((openC, day) => openC + (soilGainC[day] ?? 0))
    : throughYear(space, coveredPullC);
}

function potMeansC(space: GrowingSpace): Float64Array {
  return Float64Array.from(space.firstIndexOf, (index) =>
    index < 0 ? 0 : coveredPullC(space, index),
  );
}

/** The same for every stack of covers under one skyline: for all that share its sky. */
function openMeansC(space: GrowingSpace): Float64Array {
  // A short stretch does not tell the whole year: only what does is kept for others.
  if (space.firstIndexOf.includes(-1)) return throughYear(space, openPullC);
  const known = derive([space.skyShare], newTable<Float64Array>);
  const means = known.get("open") ?? throughYear(space, openPullC);
  known.set("open", means);
  return means;
}

function throughYear(
  space: GrowingSpace,
  pullC: (space: GrowingSpace, index: number) => number,
): Float64Array {
  const { firstIndexOf } = space;
  const kept = new Float64Array(firstIndexOf.length);
  let soilC = NaN;
  // Usual years follow each other: what the second leaves is where the first should have begun.
  for (let lap = 0; lap < 2; lap += 1) {
    for (let day = 0; day < firstIndexOf.length; day += 1) {
      const index = firstIndexOf[day] ?? -1;
      if (index < 0) continue;
      const towardC = pullC(space, index);
      soilC = soilC !== soilC ? towardC : soilC + SOIL.dailyResponse * (towardC - soilC);
      kept[day] = soilC >= 0 ? soilC : soilC * SOIL.frozenKeeps;
    }
  }
  return kept;
}

/** Where the air under the covers and the light that reaches the soil draw it, °C. */
function coveredPullC({ minTempC, maxTempC, dliMol }: GrowingSpace, index: number): number {
  const airC = ((minTempC[index] ?? 0) + (maxTempC[index] ?? 0)) / 2;
  return airC + SOIL.sunWarmingCPerMol * (dliMol[index] ?? 0);
}

/** Where the open air and light would draw it: what covers add is told by the balance. */
function openPullC(space: GrowingSpace, index: number): number {
  const { climate, firstDay, skyShare, dayOfYear } = space;
  const day = firstDay + index;
  const airC = (climate.minTempC(day) + climate.maxTempC(day)) / 2;
  const light = climate.dliMol(day) * (skyShare[dayOfYear[index] ?? 0] ?? 1);
  return airC + SOIL.sunWarmingCPerMol * light;
}

/**
 * The soil at a depth on one day: its mean, and its warmest hour. The daily wave fades with depth.
 *
 * @source Campbell & Norman (1998), ch. 2: damping by exp(−z/D)
 */
export function soilOn(
  space: GrowingSpace,
  day: DayNumber,
  depthCm: number,
  care: SoilCare = {},
): SoilDay {
  const index = Math.min(space.minTempC.length - 1, Math.max(0, day - space.firstDay));
  const swing = ((space.maxTempC[index] ?? 0) - (space.minTempC[index] ?? 0)) / 2;
  const keeps = (care.shaded ? SOIL.shadeKeeps : 1) * (care.mulched ? SOIL.mulchKeeps : 1);
  const takesC = (care.shaded ? SOIL.shadeTakesC : 0) + (care.mulched ? SOIL.mulchTakesC : 0);
  // In the dark months there is little sun to shade from.
  const sun = Math.min(1, (space.dliMol[index] ?? 0) / FULL_SUN_MOL);
  const meanC = (soilMeansC(space)[space.dayOfYear[index] ?? 0] ?? 0) - takesC * sun;
  const { potLagHours } = space;
  const fade =
    potLagHours === undefined
      ? SOIL.surfaceSwing * Math.exp(-depthCm / SOIL.dampingDepthCm)
      : potSwing(potLagHours);
  return { meanC, warmestC: meanC + swing * fade * keeps };
}

/** Daily light of a bright summer day, mol/m². */
const FULL_SUN_MOL = 40;
