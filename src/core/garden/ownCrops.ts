import { cropLibrary, type Crop } from "../crops";
import { derive } from "../derive";
import type { Garden } from "./garden";
import { withOwnNumbers } from "./ownNumbers";
import type { OwnCrop, OwnVariety } from "./schema";

/** What a garden adds to the library. */
type Additions = Pick<Garden, "ownCrops" | "ownVarieties" | "ownNumbers">;

/**
 * The crops that a garden can grow: the library's with the grower's own varieties, and the grower's
 * own crops, by id and in the order of their names, with the numbers that were learned of them where the
 * garden goes by these. Made once for each state of the three.
 */
export function cropsOf({ ownCrops, ownVarieties, ownNumbers }: Additions) {
  const crops = cropsByTheBook({ ownCrops, ownVarieties });
  return ownNumbers.size === 0 ? crops : derive([crops, ownNumbers], withOwnNumbers);
}

/** The same by the library and the grower's own crops alone, whatever was learned. */
export function cropsByTheBook({
  ownCrops,
  ownVarieties,
}: Omit<Additions, "ownNumbers">): ReadonlyMap<string, Crop> {
  if (ownCrops.size === 0 && ownVarieties.size === 0) return cropLibrary;
  return derive([ownCrops, ownVarieties], merged);
}

function merged(
  ownCrops: ReadonlyMap<string, OwnCrop>,
  ownVarieties: ReadonlyMap<string, OwnVariety>,
): ReadonlyMap<string, Crop> {
  const byCrop = new Map<string, OwnVariety[]>();
  for (const own of ownVarieties.values()) {
    byCrop.set(own.cropId, [...(byCrop.get(own.cropId) ?? []), own]);
  }
  const crops = [...cropLibrary.values(), ...[...ownCrops.values()].map(({ crop }) => crop)];
  return new Map(
    crops
      .sort((a, b) => (a.name < b.name ? -1 : 1))
      .map((crop) => {
        const more = byCrop.get(crop.id);
        const varieties = [...crop.varieties, ...(more ?? []).map(({ variety }) => variety)];
        return [crop.id, more ? { ...crop, varieties } : crop];
      }),
  );
}

/** What of a garden grows a crop, or one variety of it: what stands in the way of taking it out. */
export function usesOf(garden: Garden, cropId: string, varietyId?: string) {
  const uses = (one: { cropId: string; varietyId: string }) =>
    one.cropId === cropId && (varietyId === undefined || one.varietyId === varietyId);
  return {
    plantings: [...garden.plantings.values()].filter(uses),
    seedLots: [...garden.seedLots.values()].filter(uses),
    storeLots: [...garden.storeLots.values()].filter(
      (lot) => lot.cropId === cropId && (varietyId === undefined || lot.varietyId === varietyId),
    ),
    trays: [...garden.trays.values()].filter((tray) => tray.sowings.some(uses)),
  };
}
