import { cubicInches, fahrenheit, inches, ounces, type Units } from "@/core/units";

/** A number as it is said: to so many digits, in the reader's own way. */
type NumberWords = (value: number, digits?: number) => string;

const SMALL_LITRES = 0.5;
const LITRES_PER_QUART = 0.946352946;
const GRAMS_PER_POUND = 453.59237;

/** A short distance in the chosen unit. */
export function distanceWords(centimetres: number, units: Units, number: NumberWords): string {
  if (units === "imperial") return `${number(inches(centimetres), 1)} in`;
  return `${number(centimetres, centimetres < 10 ? 1 : 0)} cm`;
}

/** A volume in the chosen unit: cells in mL or cubic inches, mixes in litres or quarts. */
export function volumeWords(litres: number, units: Units, number: NumberWords): string {
  const small = litres < SMALL_LITRES;
  if (units === "imperial") {
    return small
      ? `${number(cubicInches(litres * 1000), 1)} cu in`
      : `${number(litres / LITRES_PER_QUART, 1)} qt`;
  }
  return small ? `${number(litres * 1000)} mL` : `${number(litres, litres < 10 ? 1 : 0)} L`;
}

/** A weight in the chosen unit, with as many digits as a scale shows. */
export function weightWords(grams: number, units: Units, number: NumberWords): string {
  if (units === "imperial") {
    return grams >= GRAMS_PER_POUND
      ? `${number(grams / GRAMS_PER_POUND, 1)} lb`
      : `${number(ounces(grams), 2)} oz`;
  }
  if (grams >= 1000) return `${number(grams / 1000, 2)} kg`;
  return `${number(grams, grams < 10 ? 1 : 0)} g`;
}

/** A temperature in the chosen unit with a true minus sign. */
export function temperatureWords(tempC: number, units: Units, digits = 0): string {
  const value = Number((units === "imperial" ? fahrenheit(tempC) : tempC).toFixed(digits));
  return `${value < 0 ? "−" : ""}${Math.abs(value)} °${units === "imperial" ? "F" : "C"}`;
}
