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
const GRAMS_PER_POUND = 453.59237;

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

const M2_PER_SQUARE_FOOT = METRES_PER_FOOT * METRES_PER_FOOT;

export function squareFeet(areaM2: number): number {
  return areaM2 / M2_PER_SQUARE_FOOT;
}

/** Grams per square metre of a rate in pounds for so many square feet, 100 or 1,000 as growers say it. */
export function gramsPerM2(pounds: number, forSquareFeet: 100 | 1000): number {
  return (pounds * GRAMS_PER_POUND) / (forSquareFeet * M2_PER_SQUARE_FOOT);
}

/** Pounds for so many square feet of a rate in grams per square metre. */
export function poundsPer(forSquareFeet: 100 | 1000, rateGPerM2: number): number {
  return (rateGPerM2 * forSquareFeet * M2_PER_SQUARE_FOOT) / GRAMS_PER_POUND;
}

export function kilograms(pounds: number): number {
  return (pounds * GRAMS_PER_POUND) / 1000;
}

/** Grams in what weights are typed in: kilograms or pounds. */
export const GRAMS_IN: Readonly<Record<Units, number>> = {
  metric: 1000,
  imperial: GRAMS_PER_POUND,
};

/** What weights are typed in. */
export const WEIGHT_UNIT = { metric: "kg", imperial: "lb" } as const;

export function pounds(grams: number): number {
  return grams / GRAMS_PER_POUND;
}

const LITRES_PER_GALLON = 3.785411784;

export function gallons(litres: number): number {
  return litres / LITRES_PER_GALLON;
}

export function litresFromGallons(volumeGallons: number): number {
  return volumeGallons * LITRES_PER_GALLON;
}

const LITRES_PER_CUBIC_FOOT = 28.316846592;

export function cubicFeet(litres: number): number {
  return litres / LITRES_PER_CUBIC_FOOT;
}

export function ounces(grams: number): number {
  return grams / GRAMS_PER_OUNCE;
}
