import materialsJson from "@data/materials/materials.json";
import type { Material } from "./materialSchema";

/** All coverings, by id. */
export const materials: ReadonlyMap<string, Material> = new Map(
  (materialsJson as Material[]).map((material) => [material.id, material]),
);

/** Coverings over a planting, from the outside in, as material ids. */
export type CoverIds = readonly string[];

/**
 * A stack of covers in words.
 *
 * @example coverWords(["greenhouse-single", "row-cover-light"]) // "greenhouse + light cover"
 */
export function coverWords(covers: CoverIds): string {
  if (covers.length === 0) return "uncovered";
  return covers.map((id) => materials.get(id)?.shortName ?? id).join(" + ");
}

/**
 * Where a crop under a stack of covers stands, for sentences.
 *
 * @example whereWords(["greenhouse-single", "row-cover-light"]) // "in the greenhouse under light row cover"
 */
export function whereWords(covers: CoverIds): string {
  if (covers.length === 0) return "uncovered";
  return covers.map((id) => materials.get(id)?.whereWords ?? id).join(" ");
}
