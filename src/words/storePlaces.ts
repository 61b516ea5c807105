import type { StorePlace } from "@/core/food";
import { storePlaces as say } from "./en/storePlaces";

/** Where something is stored, in a sentence: "in the cellar". */
export function placeWords(place: StorePlace): string {
  return say[place];
}
