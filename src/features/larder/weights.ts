import type { Units } from "@/core/units";

/** Kilograms in what weights are typed in. */
export const KG_IN: Readonly<Record<Units, number>> = { metric: 1, imperial: 0.45359237 };

/** What weights are typed in. */
export function weightUnit(units: Units): string {
  return units === "imperial" ? "lb" : "kg";
}

const GRAMS_PER_KG = 1000;

export function gramsFrom(weight: number, units: Units): number {
  return Math.round(weight * KG_IN[units] * GRAMS_PER_KG * 10) / 10;
}

export function weightFrom(grams: number, units: Units): number {
  return Math.round((grams / GRAMS_PER_KG / KG_IN[units]) * 100) / 100;
}

/** As people tell a forecast: to the hundred grams from a kilogram on, to ten below, g. */
export function roughG(kg: number): number {
  return kg >= 1 ? Math.round(kg * 10) * 100 : Math.round(kg * 100) * 10;
}
