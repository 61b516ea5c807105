import { readNumber } from "@/core/typed";
import { regionOf } from "../region";

/** A number as it was typed in this browser, decimal comma or point; NaN when it is none, or nothing. */
export function readTyped(text: string): number {
  return readNumber(text, regionOf().decimalMark);
}

/** A number as this browser's reader would type it. */
export function shown(value: number): string {
  return String(value).replace(".", regionOf().decimalMark);
}
