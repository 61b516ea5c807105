import * as z from "zod";
import materialsJson from "@data/materials/materials.json";

/** A covering and what growers reckon one layer of it gives. */
export const MaterialSchema = z.object({
  id: z.string(),
  name: z.string(),
  shortName: z.string(),
  /** Where a crop under it stands: "in the greenhouse". */
  whereWords: z.string(),
  /** Taken off in mild weather (row covers, low tunnels); a house or frame stays and is vented. */
  removable: z.boolean(),
  lightTransmittance: z.number().gt(0).lte(1),
  /** Degrees a layer adds to a night's minimum at the crop. */
  nightGainC: z.number().min(0).max(10),
  /** Degrees a closed layer adds to a cool day's maximum at the crop. */
  dayGainC: z.number().min(0).max(20),
  sources: z.record(z.string(), z.string()),
});

export type Material = z.infer<typeof MaterialSchema>;

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
  if (covers.length === 0) return "in the open";
  return covers.map((id) => materials.get(id)?.shortName ?? id).join(" + ");
}

/**
 * Where a crop under a stack of covers stands, for sentences.
 *
 * @example whereWords(["greenhouse-single", "row-cover-light"]) // "in the greenhouse under light row cover"
 */
export function whereWords(covers: CoverIds): string {
  if (covers.length === 0) return "in the open";
  return covers.map((id) => materials.get(id)?.whereWords ?? `under ${id}`).join(" ");
}
