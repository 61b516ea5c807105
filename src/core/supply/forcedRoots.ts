import { dayNumber } from "../calendar";
import type { Crop } from "../crops";
import { takenGrams } from "../food";
import { cropsOf, type Garden } from "../garden";
import { plantingAmounts } from "../plantings";

/**
 * What of each lot in the store goes into pots to be forced, g: the roots of all plantings that are
 * forced from its crop after it was stored, out of the oldest lot first.
 */
export function forcedFromStore(garden: Garden): ReadonlyMap<string, number> {
  const crops = cropsOf(garden);
  const used = new Map<string, number>();
  const lots = [...garden.storeLots.values()].sort((a, b) => (a.since < b.since ? -1 : 1));
  const plantings = [...garden.plantings.values()]
    .filter(({ cropId }) => crops.get(cropId)?.forcedFrom !== undefined)
    .sort((a, b) => (a.sowOn < b.sowOn ? -1 : 1));
  for (const planting of plantings) {
    const crop = crops.get(planting.cropId);
    let wantedG = rootsOf(garden, planting.id) * (crop?.piece?.grams ?? 0);
    for (const lot of lots) {
      if (wantedG <= 0) break;
      if (lot.cropId !== crop?.forcedFrom || lot.since > planting.sowOn) continue;
      const before = used.get(lot.id) ?? 0;
      const takenG = Math.min(wantedG, Math.max(0, inLot(garden, lot) - before));
      used.set(lot.id, before + takenG);
      wantedG -= takenG;
    }
  }
  return used;
}

const inLot = (garden: Garden, lot: { id: string; grams: number }) =>
  lot.grams - takenGrams(garden.logEntries, lot.id);

function rootsOf(garden: Garden, plantingId: string): number {
  const planting = garden.plantings.get(plantingId);
  return (planting && plantingAmounts(garden, planting)?.plants) ?? 0;
}

/** Roots in the store that may still be forced as a crop from a day on. */
export function rootsToForce(garden: Garden, crop: Crop, fromDay: number): number {
  const { forcedFrom, piece } = crop;
  if (forcedFrom === undefined || !piece) return 0;
  const used = forcedFromStore(garden);
  let grams = 0;
  for (const lot of garden.storeLots.values()) {
    if (lot.cropId !== forcedFrom || dayNumber(lot.since) > fromDay) continue;
    grams += Math.max(0, inLot(garden, lot) - (used.get(lot.id) ?? 0));
  }
  return Math.floor(grams / piece.grams);
}
