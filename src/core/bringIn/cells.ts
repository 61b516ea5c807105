import { readNumber } from "../typed";
import { celsius, GRAMS_IN, metres, type Units } from "../units";

const CM_PER_INCH = 2.54;
const GRAMS_PER_OUNCE = 28.349523125;
const NUMBER = /^([-+\u2212]?\d[\d.,' ]*)\s*([a-z°]*)\.?$/i;

/** A number with what unit stands behind it; null where it is none. */
export function numberWithUnit(cell: string): { value: number; unit: string | null } | null {
  const found = NUMBER.exec(cell.trim());
  if (!found) return null;
  const [, digits = "", unit = ""] = found;
  const value = readNumber(digits);
  return Number.isNaN(value) ? null : { value, unit: unit === "" ? null : unit.toLowerCase() };
}

/** Grams of a weight: by its own unit, its column's, or what the garden weighs in. */
export function gramsOf(cell: string, columnUnit: string | null, units: Units): number | null {
  const read = numberWithUnit(cell);
  if (!read) return null;
  switch (read.unit ?? columnUnit) {
    case "g":
    case "grams":
      return read.value;
    case "kg":
      return read.value * GRAMS_IN.metric;
    case "lb":
    case "lbs":
      return read.value * GRAMS_IN.imperial;
    case "oz":
      return read.value * GRAMS_PER_OUNCE;
    default:
      return read.unit === null ? read.value * GRAMS_IN[units] : null;
  }
}

/** Metres of a length: by its own unit, its column's, or what the garden measures in. */
export function metresOf(cell: string, columnUnit: string | null, units: Units): number | null {
  const read = numberWithUnit(cell);
  if (!read) return null;
  const unit = read.unit ?? columnUnit ?? (units === "imperial" ? "ft" : "m");
  if (unit === "m") return read.value;
  if (unit === "cm") return read.value / 100;
  if (["in", "inch", "inches"].includes(unit)) return (read.value * CM_PER_INCH) / 100;
  return unit === "ft" ? metres(read.value) : null;
}

/** °C of a temperature: by its own unit, its column's, or what the garden reads in. */
export function celsiusOf(cell: string, columnUnit: string | null, units: Units): number | null {
  const read = numberWithUnit(cell.replace("°", ""));
  if (!read) return null;
  const unit = read.unit ?? columnUnit ?? (units === "imperial" ? "f" : "c");
  if (unit.startsWith("c")) return read.value;
  // No thermometer reads closer than a hundredth.
  return unit.startsWith("f") ? Math.round(celsius(read.value) * 100) / 100 : null;
}
