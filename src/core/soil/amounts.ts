import soilJson from "@data/soil.json";
import { fact, type Fact } from "../facts";

/** A fertiliser or amendment as its bag tells it: shares of nitrogen, phosphate and potash, 0 to 1. */
export interface Product {
  nitrogen: number;
  phosphate: number;
  potash: number;
}

/** Litres of compost (or mulch) for a depth over an area. */
export function depthLitres(areaM2: number, depthCm: number): number {
  return areaM2 * depthCm * 10;
}

/** Barrow loads of so many litres, rounded up. */
export function barrowLoads(litres: number, barrowLitres: number = soilJson.barrowLitres): number {
  return litres <= 0 ? 0 : Math.ceil(litres / barrowLitres - 1e-9);
}

/**
 * What is wrong with the three numbers on a bag; null when nothing is.
 *
 * @param product shares, 0 to 1
 */
export function productProblem({ nitrogen, phosphate, potash }: Product): Fact | null {
  const shares = [nitrogen, phosphate, potash];
  if (shares.some((share) => !(share >= 0))) return fact("soil.theNumbersOnTheBagAre0OrMore");
  if (shares.reduce((sum, share) => sum + share, 0) > 1) {
    return fact("soil.togetherTheThreeNumbersPass100Look");
  }
  return nitrogen > 0 ? null : fact("soil.thisProductHasNoNitrogenSoItCannot");
}

/** What a product brings when it is weighed out for its nitrogen. */
export interface WeighedOut {
  /** Of the product, g. */
  grams: number;
  phosphateGrams: number;
  potashGrams: number;
}

/**
 * Grams of a product for a wanted nitrogen rate.
 *
 * @param nitrogenGPerM2 wanted, g/m²
 * @throws RangeError for a product without nitrogen, or a negative rate
 *
 * @example weighedOut({ nitrogen: 0.05, phosphate: 0.03, potash: 0.02 }, 6.4, 8).grams // 1024
 */
export function weighedOut(product: Product, areaM2: number, nitrogenGPerM2: number): WeighedOut {
  if (product.nitrogen <= 0) throw new RangeError("The product has no nitrogen.");
  if (nitrogenGPerM2 < 0) throw new RangeError("A rate is not negative.");
  const grams = (areaM2 * nitrogenGPerM2) / product.nitrogen;
  return {
    grams,
    phosphateGrams: grams * product.phosphate,
    potashGrams: grams * product.potash,
  };
}

/**
 * Nitrogen that straw and the like bind at first when they are dug in, g.
 *
 * @param dryKg dry matter
 */
export function nitrogenBoundG(dryKg: number): number {
  return dryKg * soilJson.nitrogenBoundGPerKgStraw;
}

/** Usual nitrogen for a crop by how much it feeds, g/m². */
export function usualNitrogenGPerM2(demand: "light" | "medium" | "heavy"): number {
  return soilJson.nitrogenGPerM2[demand];
}

/** Depth of compost that growers spread in a year, cm: little on beds kept up, more on new ones. */
export const USUAL_COMPOST_CM: Readonly<Record<"keptUp" | "new", number>> = soilJson.compostCm;

/** What growers spread on a new bed, cm. */
export const NEW_BED_COMPOST_CM = soilJson.newBedCompostCm;

/** Nitrogen that cereals sown before winter want, g/m². */
export const CEREAL_NITROGEN_G_PER_M2 = soilJson.cerealNitrogenGPerM2;
