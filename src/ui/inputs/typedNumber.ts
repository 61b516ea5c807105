import { readLength, readNumber, type LengthUnit } from "@/core/typed";
import { regionOf } from "../region";

/** A number as it was typed in this browser, decimal comma or point; NaN when it is none, or nothing. */
export function readTyped(text: string): number {
  return readNumber(text, regionOf().decimalMark);
}

/** A length as it was typed in this browser, in a field's unit; NaN when it is none, or nothing. */
export function readTypedLength(text: string, unit: LengthUnit): number {
  return readLength(text, unit, regionOf().decimalMark);
}

/** A number as this browser's reader would type it. */
export function shown(value: number): string {
  return String(value).replace(".", regionOf().decimalMark);
}
