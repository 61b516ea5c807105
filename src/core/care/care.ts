import careJson from "@data/care.json";
import type { Care } from "./careSchema";

/** What standing crops want done. The file is checked against its schema in a test. */
export const care = careJson as Care;

/** Twigs, poles, strings and stakes for a crop; null where it stands by itself. */
export function supportFor(cropId: string): Care["supports"][number] | null {
  return care.supports.find(({ crops }) => crops.includes(cropId)) ?? null;
}

/** Drawing soil up, or firming it; null where nobody does. */
export function earthingUpFor(cropId: string): Care["earthingUp"][number] | null {
  return care.earthingUp.find(({ crops }) => crops.includes(cropId)) ?? null;
}
