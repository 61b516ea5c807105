import { materials, type Material } from "@/core/shelter";
import { table } from "./table";
import type { LocalWording } from "./voice";

const say = table({ uncovered: "uncovered" });

/**
 * A stack of covers in words.
 *
 * @example coverWords(["greenhouse-single", "row-cover-light"]) // "greenhouse + light cover"
 */
export function coverWords(covers: readonly string[]): string {
  if (covers.length === 0) return say.uncovered;
  return covers.map((id) => materials.get(id)?.shortName ?? id).join(" + ");
}

/** A cover by its name, with its weight where it is sold by it: "Row cover, light (17–19 g/m²)". */
export function materialWords({ name, weightGPerM2 }: Material, wording: LocalWording): string {
  return weightGPerM2 ? `${name} (${wording.clothWeight(weightGPerM2)})` : name;
}

/**
 * Where a crop under a stack of covers stands, for sentences.
 *
 * @example whereWords(["greenhouse-single", "row-cover-light"]) // "in the greenhouse under light row cover"
 */
export function whereWords(covers: readonly string[]): string {
  if (covers.length === 0) return say.uncovered;
  return covers.map((id) => materials.get(id)?.whereWords ?? id).join(" ");
}
