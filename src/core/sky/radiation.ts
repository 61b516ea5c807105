import { dayOfYear, type DayNumber } from "../calendar";
import { ofDays } from "./ofDays";

const SOLAR_CONSTANT_MJ_PER_M2_MIN = 0.082;
/** Photons in the 400–700 nm band per megajoule of sunlight: 0.45 of the energy × 4.57 µmol/J, rounded. */
const MOL_PER_MJ = 2.04;
/** Clear-sky share of extraterrestrial radiation at sea level (FAO-56 eq. 37). */
const CLEAR_SKY_SHARE = 0.75;

/**
 * Extraterrestrial radiation Ra on a level surface, MJ/m² per day.
 *
 * @source FAO Irrigation and Drainage Paper 56, eq. 21 to 25
 * @example extraterrestrialRadiationMJ(-20, dayNumber("2026-09-03")) // 32.2 (FAO-56 example 8)
 */
export const extraterrestrialRadiationMJ = ofDays(outsideRadiationMJ);

function outsideRadiationMJ(latitudeDeg: number, day: DayNumber): number {
  const yearAngle = (2 * Math.PI * dayOfYear(day)) / 365;
  const latitude = (latitudeDeg * Math.PI) / 180;
  const inverseDistance = 1 + 0.033 * Math.cos(yearAngle);
  const declination = 0.409 * Math.sin(yearAngle - 1.39);
  const sunsetAngle = Math.acos(
    Math.min(1, Math.max(-1, -Math.tan(latitude) * Math.tan(declination))),
  );
  return (
    ((24 * 60) / Math.PI) *
    SOLAR_CONSTANT_MJ_PER_M2_MIN *
    inverseDistance *
    (sunsetAngle * Math.sin(latitude) * Math.sin(declination) +
      Math.cos(latitude) * Math.cos(declination) * Math.sin(sunsetAngle))
  );
}

/**
 * Global radiation at the ground from the day's temperature range, MJ/m² per day.
 *
 * @param coefficient kRs: 0.16 inland, 0.19 by the coast
 * @source Hargreaves & Samani; FAO-56 eq. 50
 */
export function globalRadiationMJ(
  raMJ: number,
  minTempC: number,
  maxTempC: number,
  coefficient = 0.17,
): number {
  const range = Math.max(0, maxTempC - minTempC);
  return raMJ * Math.min(CLEAR_SKY_SHARE, coefficient * Math.sqrt(range));
}

/** Daily light integral of global radiation, mol of photosynthetic photons per m² per day. */
export function dailyLightIntegralMol(globalRadiation: number): number {
  return globalRadiation * MOL_PER_MJ;
}
