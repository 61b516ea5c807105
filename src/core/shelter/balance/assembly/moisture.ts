import type { Same } from "./lanes";
import {
  AIR_J_PER_M3K,
  LEAF_CONVECTION_W_PER_M2K,
  LEAF_HUMIDITY,
  LEAF_RESISTANCE_S_PER_M,
} from "./values";

/** Psychrometric constant, Pa/K. */
const GAMMA_PA_PER_K: Same = 66;
/** The polynomials hold from −50 °C on. */
const COLDEST_C: Same = -50;

/**
 * Saturated vapour pressure over water, Pa.
 *
 * @source Lowe (1977), Journal of Applied Meteorology 16
 */
export function saturatedPa(tempC: f64): f64 {
  const t = Math.max(tempC, COLDEST_C);
  const third = 2.650648471e-4 + t * (3.031240396e-6 + t * (2.034080948e-8 + t * 6.136820929e-11));
  return 100 * (6.107799961 + t * (4.436518521e-1 + t * (1.428945805e-2 + t * third)));
}

/** Its slope, Pa/K: the same polynomial's. */
export function saturationSlope(tempC: f64): f64 {
  const t = Math.max(tempC, COLDEST_C);
  const third =
    3 * 2.650648471e-4 +
    t * (4 * 3.031240396e-6 + t * (5 * 2.034080948e-8 + t * (6 * 6.136820929e-11)));
  return 100 * (4.436518521e-1 + t * (2 * 1.428945805e-2 + t * third));
}

/** By how much evaporation or condensation adds to convection at a wet surface: 1 + f·Δ/γ. */
export function wetting(tempC: f64, factor: Same): f64 {
  return 1 + (factor * saturationSlope(tempC)) / GAMMA_PA_PER_K;
}

/**
 * Heat that leaves take to evaporate water, W for each square metre of bed, never more than the sun
 * they take in. Leaves close their stomata in the dark.
 *
 * @param sunW          sun that the leaves take in, W/m² of bed
 * @param leafAreaIndex leaf for each square metre of bed
 * @source Penman–Monteith as in FAO Irrigation and Drainage Paper 56, eq. 3 and 5: half of the leaf
 *         takes part, each with 100 s/m
 */
export function transpirationW(sunW: f64, tempC: f64, leafAreaIndex: Same): f64 {
  if (leafAreaIndex <= 0) return 0;
  const slope = saturationSlope(tempC);
  const passesWPerK = 2 * LEAF_CONVECTION_W_PER_M2K * leafAreaIndex;
  const leafSPerM = LEAF_RESISTANCE_S_PER_M / (0.5 * leafAreaIndex);
  const airSPerM = AIR_J_PER_M3K / passesWPerK;
  const lacksPa = (1 - LEAF_HUMIDITY) * saturatedPa(tempC);
  const evaporatesW =
    (slope * sunW + passesWPerK * lacksPa) / (slope + GAMMA_PA_PER_K * (1 + leafSPerM / airSPerM));
  return sunW > 0 ? Math.min(evaporatesW, sunW) : 0;
}
