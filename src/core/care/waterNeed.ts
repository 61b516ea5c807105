import { extraterrestrialRadiationMJ } from "../sky";

/** Water that 1 MJ evaporates, mm: the inverse of the latent heat of vaporisation, FAO-56 eq. 20. */
const MM_PER_MJ = 0.408;

/**
 * Reference evapotranspiration of a day, mm.
 *
 * @source Hargreaves and Samani, FAO Irrigation and Drainage Paper 56, eq. 52
 *
 * @example referenceEvapotranspirationMm(45, dayNumber("2026-07-15"), 14.8, 26.6) // about 5
 */
export function referenceEvapotranspirationMm(
  latitudeDeg: number,
  day: number,
  minTempC: number,
  maxTempC: number,
): number {
  const meanC = (minTempC + maxTempC) / 2;
  const rangeC = Math.max(0, maxTempC - minTempC);
  const outsideMm = MM_PER_MJ * Math.max(0, extraterrestrialRadiationMJ(latitudeDeg, day));
  return Math.max(0, 0.0023 * (meanC + 17.8) * Math.sqrt(rangeC) * outsideMm);
}
