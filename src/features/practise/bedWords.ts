import { cropLibrary } from "@/core/crops";
import type { BedOnEvening } from "@/core/practice";
import { practise as say } from "@/words/en/practise";

/** "Bed A", or "Frame C". */
export function bedWords({ name, hasFrame }: Pick<BedOnEvening, "name" | "hasFrame">): string {
  return hasFrame ? say.frameBed({ name }) : say.bed({ name });
}

export function cropWords(cropId: string | null): string {
  return cropId === null ? say.empty : (cropLibrary.get(cropId)?.name ?? cropId);
}
