import type { Crop } from "../crops";

/** A stretch of bed and the distances at which a crop stands in it. */
export interface Stand {
  lengthM: number;
  widthM: number;
  rowCm: number;
  inRowCm: number;
}

/** What a stand needs, told in the steps of its sum. */
export interface Amounts {
  rows: number;
  plantsPerRow: number;
  plants: number;
  /** Plants ÷ (sprouting share × field share) × seeds per station, rounded up. */
  seeds: number;
  seedGrams: number;
}

/** Sums like 0.8 / 0.2 must not lose a row to the last binary digit. */
const SLACK = 1e-9;

/**
 * Plants that fit in rows along a bed, and the seed for them.
 *
 * @example amountsFor({ lengthM: 8, widthM: 0.8, rowCm: 20, inRowCm: 7 }, spinach).plants // 456
 */
export function amountsFor(stand: Stand, crop: Crop, method: "direct" | "transplant"): Amounts {
  const rows = Math.max(1, Math.floor((stand.widthM * 100) / stand.rowCm + SLACK));
  const plantsPerRow = Math.max(1, Math.floor((stand.lengthM * 100) / stand.inRowCm + SLACK));
  const plants = rows * plantsPerRow;
  // On the bench losses after sprouting are small; in the field they are the crop's own.
  const standing =
    crop.sowing.sproutShare * (method === "direct" ? crop.sowing.fieldShare : BENCH_SHARE);
  const seeds = Math.ceil((plants / standing) * crop.sowing.seedsPerStation - SLACK);
  return { rows, plantsPerRow, plants, seeds, seedGrams: seeds / crop.sowing.seedsPerGram };
}

/** Share of sprouted seedlings on a bench that get planted out (estimate). */
const BENCH_SHARE = 0.9;
