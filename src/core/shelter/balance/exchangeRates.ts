import shelterJson from "@data/shelter.json";
import type { Stack } from "./stack";

const { convection, wet: WET } = shelterJson;
/** Psychrometric constant, Pa/K. */
const GAMMA_PA_PER_K = 66;

/** Convection at the inside of a cover, W/m²K; more where it is wet. */
export function insideWPerM2K(coverC: number, isWet: boolean): number {
  return isWet ? convection.inside * wetting(coverC, WET.cover) : convection.inside;
}

/** Convection at bare soil in the open, with its evaporation, W/m²K. */
export function openSoilWPerM2K(surfaceC: number, windMps: number): number {
  return outsideWPerM2K(windMps) * wetting(surfaceC, WET.soil);
}

/** Convection at the outside of a cover, W/m²K (Garzoli & Blackwell 1981). */
export function outsideWPerM2K(windMps: number): number {
  return convection.outsideStill + convection.outsidePerMps * windMps;
}

/** Convection and evaporation at wet soil, W/m²K. */
export function soilWPerM2K(surfaceC: number): number {
  return convection.soil * wetting(surfaceC, WET.soil);
}

/** By how much evaporation or condensation adds to convection at a wet surface: 1 + f·Δ/γ. */
export function wetting(tempC: number, factor: number): number {
  const place = Math.round((tempC - VAPOUR_FROM_C) * VAPOUR_PER_C);
  return 1 + factor * (vapour[Math.max(0, Math.min(vapour.length - 1, place))] ?? 0);
}

/** Δ/γ by temperature, looked up instead of computed: a fifth of a degree is fine enough. */
const VAPOUR_FROM_C = -70;
const VAPOUR_PER_C = 5;
const vapour = Float64Array.from({ length: 160 * VAPOUR_PER_C }, (_, index) => {
  const tempC = VAPOUR_FROM_C + index / VAPOUR_PER_C;
  // Slope of saturated vapour pressure, Pa/K (FAO-56 eq. 13, in pascals).
  const pressure = 610.8 * Math.exp((17.27 * tempC) / (tempC + 237.3));
  return (4098 * pressure) / (tempC + 237.3) ** 2 / GAMMA_PA_PER_K;
});

/** Air changes an hour of the space below a cover. */
export function airChangesPerHour(
  { layers, ventChangesPerHour }: Stack,
  cover: number,
  windMps: number,
  vent: number,
  off: boolean,
): number {
  const layer = layers[cover];
  if (!layer) return 0;
  if (off) return OFF_CHANGES_PER_HOUR;
  // Inside a house there is no wind.
  const wind = cover === 0 ? windMps : 0;
  const { still, perMps } = layer.leakPerHour;
  return still + perMps * wind + (cover === 0 ? vent * ventChangesPerHour : 0);
}
/** A cover that is taken off parts the air no more. */
const OFF_CHANGES_PER_HOUR = 400;
