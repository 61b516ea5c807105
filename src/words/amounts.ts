import {
  cubicFeet,
  cubicInches,
  fahrenheit,
  feet,
  gallons,
  inches,
  ounces,
  pounds,
  poundsPer,
  squareFeet,
  type Units,
} from "@/core/units";
import { table } from "./table";

const say = table({
  perGram: ({ count }: { count: string }) => `${count} per g`,
  perOunce: ({ count }: { count: string }) => `${count} per oz`,
  perM2: ({ weight }: { weight: string }) => `${weight} per m²`,
  per100SqFt: ({ weight }: { weight: string }) => `${weight} lb per 100 sq ft`,
  perSqFt: ({ weight }: { weight: string }) => `${weight} oz per sq ft`,
  per1000SqFt: ({ weight }: { weight: string }) => `${weight} lb per 1,000 sq ft`,
  squareFeet: ({ area }: { area: string }) => `${area} sq ft`,
  gallons: ({ volume }: { volume: string }) => `${volume} gal`,
});

/** A number as it is said: to so many digits, in the reader's own way. */
type NumberWords = (value: number, digits?: number) => string;

const SMALL_LITRES = 0.5;
const LITRES_PER_QUART = 0.946352946;
const POUND_FROM_OZ = 16;
const TENTH_OZ_FROM = 0.1;

const INCHES_PER_FOOT = 12;
/** Nearer than this to half an inch, or to a centimetre, a length was typed so. */
const TYPED_IN = 0.004;
const TYPED_M = 0.0002;

/**
 * A length on the ground, as it reads back: feet, feet and inches where somebody measured in half
 * inches, else feet to a tenth; metres to the centimetre where they are whole ones.
 */
export function lengthWords(
  metres: number,
  units: Units,
  number: NumberWords,
  digits: number,
): string {
  if (units === "metric") {
    const isWhole = Math.abs(metres * 100 - Math.round(metres * 100)) < TYPED_M * 100;
    return `${number(metres, isWhole ? Math.max(2, digits) : digits)} m`;
  }
  const halves = Math.round(feet(metres) * INCHES_PER_FOOT * 2);
  const isMeasured = Math.abs(feet(metres) * INCHES_PER_FOOT - halves / 2) < TYPED_IN;
  const wholeFeet = Math.trunc(halves / 2 / INCHES_PER_FOOT);
  const restInches = halves / 2 - wholeFeet * INCHES_PER_FOOT;
  if (!isMeasured || restInches === 0 || metres < 0) return `${number(feet(metres), 1)} ft`;
  if (wholeFeet === 0) return `${number(restInches, 1)} in`;
  return `${number(wholeFeet)} ft ${number(restInches, 1)} in`;
}

const METRES_PER_MILE = 1609.344;
const MILES_FROM_M = 8000;

/** A way over land. */
export function wayWords(metres: number, units: Units, number: NumberWords): string {
  if (units === "imperial") {
    return metres >= MILES_FROM_M
      ? `${number(metres / METRES_PER_MILE)} mi`
      : `${number(feet(metres))} ft`;
  }
  return metres >= 10_000 ? `${number(metres / 1000)} km` : `${number(metres)} m`;
}

/** A short distance in the chosen unit. */
export function distanceWords(centimetres: number, units: Units, number: NumberWords): string {
  if (units === "imperial") {
    const quarters = Math.round(inches(centimetres) * 4) / 4;
    const isMeasured = Math.abs(inches(centimetres) - quarters) < TYPED_IN && quarters > 0;
    return `${isMeasured ? number(quarters, 2) : number(inches(centimetres), 1)} in`;
  }
  return `${number(centimetres, centimetres < 10 ? 1 : 0)} cm`;
}

/** An area of ground. */
export function areaWords(m2: number, units: Units, number: NumberWords): string {
  if (units === "imperial") {
    const area = squareFeet(m2);
    return say.squareFeet({ area: number(area, area < 10 ? 1 : 0) });
  }
  return `${number(m2, 1)} m²`;
}

/** What an area gets or gives, from grams per square metre. */
export function rateWords(gramsPerM2: number, units: Units, number: NumberWords): string {
  if (units === "imperial") {
    const rate = poundsPer(100, gramsPerM2);
    // Shoots stand so thick that one weighs their seed for a foot of tray.
    if (rate >= 10) return say.perSqFt({ weight: number((rate * 16) / 100, rate < 30 ? 1 : 0) });
    if (rate < 1) return say.per1000SqFt({ weight: number(poundsPer(1000, gramsPerM2), 1) });
    return say.per100SqFt({ weight: number(rate, rate < 10 ? 1 : 0) });
  }
  const weight =
    gramsPerM2 >= 1000
      ? `${number(gramsPerM2 / 1000, 1)} kg`
      : `${number(gramsPerM2, gramsPerM2 < 10 ? 1 : 0)} g`;
  return say.perM2({ weight });
}

const G_PER_M2_IN_OZ_PER_YD2 = 33.9057;

/** The weight of cloth by its area, as row covers are sold. */
export function clothWords(
  gramsPerM2: readonly number[],
  units: Units,
  number: NumberWords,
): string {
  const each = gramsPerM2.map((weight) =>
    units === "imperial" ? number(weight / G_PER_M2_IN_OZ_PER_YD2, 2) : number(weight),
  );
  return `${each.join("–")} ${units === "imperial" ? "oz/yd²" : "g/m²"}`;
}

/** How many to a gram, or to an ounce. */
export function perWeightWords(perGram: number, units: Units, number: NumberWords): string {
  return units === "imperial"
    ? say.perOunce({ count: number(perGram / ounces(1)) })
    : say.perGram({ count: number(perGram, 1) });
}

/** Rain, or water over the ground. */
export function rainWords(mm: number, units: Units, number: NumberWords): string {
  if (units === "imperial") {
    const deep = inches(mm / 10);
    return `${number(deep, deep < 1 ? 2 : 1)} in`;
  }
  return `${number(mm, mm < 10 ? 1 : 0)} mm`;
}

/** Water to give, or that stands in a barrel. */
export function waterWords(litres: number, units: Units, number: NumberWords): string {
  if (units === "imperial") {
    const volume = gallons(litres);
    return say.gallons({ volume: number(volume, volume < 10 ? 1 : 0) });
  }
  return `${number(litres, litres < 10 ? 1 : 0)} L`;
}

const CUBIC_FEET_PER_YARD = 27;
const LITRES_PER_M3 = 1000;

/** Soil, compost and mulch. */
export function soilWords(litres: number, units: Units, number: NumberWords): string {
  if (units === "imperial") {
    const volume = cubicFeet(litres);
    return volume >= CUBIC_FEET_PER_YARD
      ? `${number(volume / CUBIC_FEET_PER_YARD, 1)} cu yd`
      : `${number(volume, volume < 10 ? 1 : 0)} cu ft`;
  }
  if (litres >= LITRES_PER_M3) return `${number(litres / LITRES_PER_M3, 1)} m³`;
  return `${number(litres, litres < 10 ? 1 : 0)} L`;
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

/** A weight in the chosen unit, with as many digits as a scale shows; never nothing for a little. */
export function weightWords(grams: number, units: Units, number: NumberWords): string {
  if (units === "imperial") {
    const weight = ounces(grams);
    if (weight >= POUND_FROM_OZ) {
      const heavy = pounds(grams);
      return `${number(heavy, heavy < 100 ? 1 : 0)} lb`;
    }
    return `${number(weight, weight < TENTH_OZ_FROM ? 3 : 2)} oz`;
  }
  if (grams >= 1000) return `${number(grams / 1000, grams < 10_000 ? 2 : 1)} kg`;
  return `${number(grams, grams < 0.1 ? 3 : grams < 1 ? 2 : grams < 10 ? 1 : 0)} g`;
}

/** A temperature in the chosen unit with a true minus sign. */
export function temperatureWords(tempC: number, units: Units, digits = 0): string {
  const value = Number((units === "imperial" ? fahrenheit(tempC) : tempC).toFixed(digits));
  return `${value < 0 ? "−" : ""}${Math.abs(value)} °${units === "imperial" ? "F" : "C"}`;
}
