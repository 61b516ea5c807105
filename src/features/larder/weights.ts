import { GRAMS_IN, type Units } from "@/core/units";

export function gramsFrom(weight: number, units: Units): number {
  return Math.round(weight * GRAMS_IN[units] * 10) / 10;
}

export function weightFrom(grams: number, units: Units): number {
  return Math.round((grams / GRAMS_IN[units]) * 100) / 100;
}

/** As people tell a forecast: to the hundred grams from a kilogram on, to ten below, g. */
export function roughG(kg: number): number {
  return kg >= 1 ? Math.round(kg * 10) * 100 : Math.round(kg * 100) * 10;
}
