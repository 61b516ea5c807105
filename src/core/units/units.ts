export type Units = "metric" | "imperial";

const ML_PER_CUBIC_INCH = 16.387064;

export function cubicInches(millilitres: number): number {
  return millilitres / ML_PER_CUBIC_INCH;
}

export function millilitres(inches3: number): number {
  return inches3 * ML_PER_CUBIC_INCH;
}

export function fahrenheit(tempC: number): number {
  return tempC * 1.8 + 32;
}

export function celsius(tempF: number): number {
  return (tempF - 32) / 1.8;
}

const METRES_PER_FOOT = 0.3048;
const GRAMS_PER_OUNCE = 28.349523125;

export function feet(metres: number): number {
  return metres / METRES_PER_FOOT;
}

export function metres(lengthFeet: number): number {
  return lengthFeet * METRES_PER_FOOT;
}

export function centimetres(lengthInches: number): number {
  return lengthInches * 2.54;
}

export function inches(lengthCm: number): number {
  return lengthCm / 2.54;
}

export function ounces(grams: number): number {
  return grams / GRAMS_PER_OUNCE;
}
