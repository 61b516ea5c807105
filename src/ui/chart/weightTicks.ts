import { GRAMS_IN, type Units } from "@/core/units";

const GRAMS_PER_KG = 1000;
const MOST_STEPS = 5;
/** In kilograms or pounds. */
const STEPS = [0.1, 0.25, 0.5, 1, 2, 2.5, 5, 10, 20, 25, 50, 100, 250, 500, 1000, 2500];

/** Weights that are round in the reader's unit, from nothing to a top; kg. */
export function weightTicks(topKg: number, units: Units): number[] {
  const kgInUnit = GRAMS_IN[units] / GRAMS_PER_KG;
  const top = topKg / kgInUnit;
  const step = STEPS.find((one) => top / one <= MOST_STEPS) ?? top;
  return Array.from({ length: Math.floor(top / step) + 1 }, (_, at) => at * step * kgInUnit);
}
