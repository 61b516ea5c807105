import { materials } from "@/core/shelter";
import { table } from "./table";

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

/**
 * Where a crop under a stack of covers stands, for sentences.
 *
 * @example whereWords(["greenhouse-single", "row-cover-light"]) // "in the greenhouse under light row cover"
 */
export function whereWords(covers: readonly string[]): string {
  if (covers.length === 0) return say.uncovered;
  return covers.map((id) => materials.get(id)?.whereWords ?? id).join(" ");
}
