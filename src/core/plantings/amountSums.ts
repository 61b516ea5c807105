import type { Crop } from "../crops";
import { fact, type Fact } from "../facts";
import { plantWeightAt, type Amounts } from "./spacing";
import type { Stand } from "./stand";

/** Sums like 0.8 / 0.2 must not lose a row to the last binary digit. */
const SLACK = 1e-9;

/**
 * How much smaller than its least block a wind-pollinated crop would stand; null when it is large
 * enough, or needs none.
 */
export function blockShortfall(
  stand: Stand,
  crop: Crop,
  amounts: Amounts,
): { rows: number; lengthM: number } | null {
  const { leastBlockRows, leastBlockLengthM } = crop.spacing;
  if (leastBlockRows === undefined || leastBlockLengthM === undefined) return null;
  const tooSmall = amounts.rows < leastBlockRows || stand.lengthM < leastBlockLengthM - SLACK;
  return tooSmall ? { rows: leastBlockRows, lengthM: leastBlockLengthM } : null;
}

/** What a factor on the book's distances does. */
export interface SpacingEffect {
  /** Plants for the area, relative to the book's. */
  plants: number;
  /** Weight of one plant, relative. */
  plantWeight: number;
  /** Yield of the area, relative. */
  yield: number;
  /** Ground, and with it light, for one plant, relative. */
  lightPerPlant: number;
}

/**
 * What wider or closer spacing does to yield and light: a plant's weight falls with the reciprocal of
 * a straight line in the density, so the yield of the area rises toward a limit.
 *
 * @source Shinozaki & Kira (1956), reciprocal yield law
 *
 * @example spacingEffect(1.25).plants // 0.64
 */
export function spacingEffect(factor: number): SpacingEffect {
  const density = 1 / (factor * factor);
  const plantWeight = plantWeightAt(density);
  return {
    plants: density,
    plantWeight,
    yield: density * plantWeight,
    lightPerPlant: factor * factor,
  };
}

/** The effect of a spacing factor; null at the book's distances. */
export function spacingEffectFact(factor: number): Fact | null {
  if (Math.abs(factor - 1) < 0.005) return null;
  const { plants, plantWeight, lightPerPlant, yield: yieldShare } = spacingEffect(factor);
  return fact("plantings.spacingEffect", { plants, plantWeight, lightPerPlant, yieldShare });
}

/** The sums behind the amounts, one a line, each to be checked by hand. */
export function amountSums(stand: Stand, crop: Crop, amounts: Amounts): Fact[] {
  const { plantsPerStation } = stand;
  const isStaggered = stand.arrangement !== "rows";
  const station = plantsPerStation > 1 ? "cluster" : isStaggered ? "place" : "plant";
  const { rows, stations, stationsPerRow, plants, seeds, cells } = amounts;
  const { startedFrom } = crop;
  const { shape } = stand;
  const pieces = shape?.pieces.length ?? 1;
  const inRows = !shape || (shape.kind === "filled" && shape.outline === "rectangle");
  const sums: Fact[] = inRows
    ? [
        fact("plantings.rowsSum", { widthCm: stand.widthM * 100, rowCm: amounts.rowCm, rows }),
        fact("plantings.inARowSum", {
          station,
          lengthCm: stand.lengthM * 100,
          stationCm: amounts.stationCm,
          stationsPerRow,
        }),
      ]
    : [
        fact("plantings.eachSum", {
          isEdge: shape.kind === "edge",
          stationCm: amounts.stationCm,
          stations: stations / pieces,
          station,
        }),
      ];
  sums.push(
    pieces > 1 || !inRows
      ? fact("plantings.piecesSum", {
          pieces,
          stations: stations / pieces,
          plantsPerStation,
          plants,
        })
      : isStaggered
        ? fact("plantings.staggeredSum", { rows, stations, station, plantsPerStation, plants })
        : fact("plantings.plantsSum", { rows, stationsPerRow, plantsPerStation, plants }),
  );
  if (cells === null) {
    sums.push(
      fact("plantings.seedSum", { plants, share: amounts.standingShare, seeds, startedFrom }),
    );
  } else {
    const seedsPerCell = cells === 0 ? 0 : seeds / cells;
    sums.push(
      fact("plantings.cellsSum", { plants, cells }),
      fact("plantings.cellSeedSum", { cells, seedsPerCell, seeds, startedFrom }),
    );
  }
  sums.push(
    crop.piece
      ? fact("plantings.piecesWeightSum", {
          seeds,
          startedFrom,
          pieceGrams: crop.piece.grams,
          grams: amounts.seedGrams,
          bulbs: amounts.bulbs,
          perBulb: crop.piece.perBulb ?? null,
        })
      : fact("plantings.seedWeightSum", {
          seeds,
          startedFrom,
          perGram: crop.sowing.seedsPerGram,
          grams: amounts.seedGrams,
        }),
  );
  return sums;
}

/** So many seeds, cloves, sets: whatever a crop is started from. */
export function seedFact({ startedFrom }: Crop, seeds: number): Fact {
  return fact("plantings.seed", { seeds, startedFrom });
}
