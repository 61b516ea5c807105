import materialsJson from "@data/materials/materials.json";
import type { Material } from "./materialSchema";

/** All coverings, by id. */
export const materials: ReadonlyMap<string, Material> = new Map(
  (materialsJson as Material[]).map((material) => [material.id, material]),
);

/** Coverings over a planting, from the outside in, as material ids. */
export type CoverIds = readonly string[];
