import { dateWords, type DayNumber } from "../calendar";

export type Units = "metric" | "imperial";

/** How the core says dates and amounts in its sentences; the interface supplies its own. */
export interface Wording {
  /** A date; the year is told when it differs from that of `besideDay`. */
  date(day: DayNumber, besideDay?: DayNumber): string;
  /** A temperature with its unit, from °C; to the degree unless digits are asked for. */
  temperature(tempC: number, digits?: number): string;
  /** A short distance with its unit, from cm. */
  distanceCm(centimetres: number): string;
  /** A weight with its unit, from grams; kilograms where there are many. */
  weightG(grams: number): string;
  number(value: number, digits?: number): string;
}

/** Plain English dates and the chosen units. */
export function plainWording(units: Units = "metric"): Wording {
  return {
    date: dateWords,
    temperature: (tempC, digits) => temperatureWords(tempC, units, digits),
    distanceCm: (cm) => distanceWords(cm, units, plainNumber),
    weightG: (grams) => weightWords(grams, units, plainNumber),
    number: plainNumber,
  };
}

function plainNumber(value: number, digits = 0): string {
  return String(Number(value.toFixed(digits)) + 0);
}

/** A number as it is said: to so many digits, in the reader's own way. */
type NumberWords = (value: number, digits?: number) => string;

/** A short distance in the chosen unit. */
export function distanceWords(centimetres: number, units: Units, number: NumberWords): string {
  if (units === "imperial") return `${number(inches(centimetres), 1)} in`;
  return `${number(centimetres, centimetres < 10 ? 1 : 0)} cm`;
}

const ML_PER_CUBIC_INCH = 16.387064;
const LITRES_PER_QUART = 0.946352946;

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

const SMALL_LITRES = 0.5;

export function cubicInches(millilitres: number): number {
  return millilitres / ML_PER_CUBIC_INCH;
}

export function millilitres(inches3: number): number {
  return inches3 * ML_PER_CUBIC_INCH;
}

const GRAMS_PER_POUND = 453.59237;

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

export function fahrenheit(tempC: number): number {
  return tempC * 1.8 + 32;
}

export function celsius(tempF: number): number {
  return (tempF - 32) / 1.8;
}

/** A length in the chosen unit, to the decimal. */
export function lengthWords(lengthM: number, units: Units): string {
  return units === "imperial"
    ? `${Number(feet(lengthM).toFixed(1))} ft`
    : `${Number(lengthM.toFixed(2))} m`;
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

/**
 * A chance as growers say it.
 *
 * @example chanceWords(0.2) // "1 year in 5"
 */
export function chanceWords(chance: number): string {
  if (chance < 0.005) return "almost never";
  if (chance > 0.995) return "almost every year";
  if (chance > 0.55) return `${Math.round(chance * 10)} years in 10`;
  return `1 year in ${Math.round(1 / chance)}`;
}
