import type { Crop } from "../crops";
import type { Stage } from "../growth";
import { centimetres, inches, type Units } from "../units";
import type { Stand } from "./stand";
import { distances, groundM2, stationsIn } from "./stations";

/** What a stand needs, told in the steps of its sum. */
export interface Amounts {
  /** Distances as they come out, with factor and pots; from centre to centre. */
  rowCm: number;
  stationCm: number;
  rows: number;
  /** Stations in the first row; where every second row is shifted it may hold one fewer. */
  stationsPerRow: number;
  stations: number;
  plants: number;
  /** Of the seeds sown, the share that comes to stand. */
  standingShare: number;
  /** Plants ÷ share that comes to stand × seeds for each, rounded up. */
  seeds: number;
  seedGrams: number;
  /** Cells to sow for them, when they are raised in cells; null when sown direct. */
  cells: number | null;
  /** Bulbs to break up, for what is planted as their parts; null otherwise. */
  bulbs: number | null;
}

/** Sums like 0.8 / 0.2 must not lose a row to the last binary digit. */
const SLACK = 1e-9;
/** Share of sprouted seedlings on a bench that get planted out (estimate). */
const BENCH_SHARE = 0.9;

/**
 * Plants that fit in a stretch of bed, and the seed, cells or pieces for them.
 *
 * @param seedShare share of the seed that sprouts; the crop's own when it is not known better
 *
 * @example amountsFor(standOf(planting, bed), spinach, "direct").plants
 */
export function amountsFor(
  stand: Stand,
  crop: Crop,
  method: "direct" | "transplant",
  seedShare: number = crop.sowing.sproutShare,
): Amounts {
  const { rowCm, stationCm } = distances(stand);
  const { rows, stationsPerRow, stations } = stationsIn(stand, rowCm, stationCm);
  const plants = stations * stand.plantsPerStation;
  // On the bench losses after sprouting are small; in the field they are the crop's own.
  const standingShare = seedShare * (method === "direct" ? crop.sowing.fieldShare : BENCH_SHARE);
  const cells = method === "direct" ? null : cellsFor(plants, stand, crop, seedShare);
  const seeds =
    cells === null
      ? stand.seedsPerHole === null
        ? Math.ceil((plants / standingShare) * crop.sowing.seedsPerStation - SLACK)
        : stations * stand.seedsPerHole
      : cells * seedsPerCell(stand, crop);
  return {
    rowCm,
    stationCm,
    rows,
    stationsPerRow,
    stations,
    plants,
    standingShare,
    seeds,
    seedGrams: seeds / crop.sowing.seedsPerGram,
    cells,
    bulbs: crop.piece && crop.piece.perBulb > 1 ? Math.ceil(seeds / crop.piece.perBulb) : null,
  };
}

/** Seeds for a cell: enough for the cluster, and the crop's usual number for single plants. */
function seedsPerCell(stand: Stand, crop: Crop): number {
  if (stand.seedsPerHole !== null) return stand.seedsPerHole;
  if (stand.plantsPerStation === 1)
    return crop.tray?.clusterPlants ? 1 : (crop.tray?.seedsPerCell ?? 1);
  return Math.max(stand.plantsPerStation, crop.tray?.seedsPerCell ?? stand.plantsPerStation);
}

/** Cells so that, with losses, every station gets its plants. */
function cellsFor(plants: number, stand: Stand, crop: Crop, seedShare: number): number {
  const sown = seedsPerCell(stand, crop);
  if (stand.plantsPerStation > 1) {
    // A cell is a cluster whatever came up in it; cells are lost only where hardly any did.
    const raised = Math.min(stand.plantsPerStation, sown * seedShare) * BENCH_SHARE;
    return Math.ceil(plants / raised - SLACK);
  }
  // A cell fails when none of its seeds comes up; where more do, it is thinned to one.
  const filled = (1 - (1 - seedShare) ** sown) * BENCH_SHARE;
  return Math.ceil(plants / filled - SLACK);
}

const TENTHS_MM_PER_CM = 100;

/** Length of bed that so many plants take, whole stations in as many rows as stand there, m. */
export function lengthForPlants(
  plants: number,
  { rows, stationCm }: Pick<Amounts, "rows" | "stationCm">,
  plantsPerStation = 1,
): number {
  const lengthCm = Math.ceil(plants / plantsPerStation / rows) * stationCm;
  // Kept in tenths of a millimetre, and never the last station short.
  return Math.ceil(lengthCm * TENTHS_MM_PER_CM - SLACK) / TENTHS_MM_PER_CM / 100;
}

/** Young leaves are sown close, in bands (usual practice). */
const YOUNG_LEAVES = { rowCm: 8, inRowCm: 3 } as const;

/**
 * The distances at which a crop usually stands, for a planting of it: in whole inches, or quarters
 * below four, for a grower who measures in them.
 *
 * @example bookSpacing(garlic, "full", "imperial") // { rowCm: 25.4, inRowCm: 15.24 }
 */
export function bookSpacing(
  crop: Crop,
  stage: Stage,
  units: Units,
): { rowCm: number; inRowCm: number } {
  const { rowCm, inRowCm } = stage === "baby" ? YOUNG_LEAVES : crop.spacing;
  if (units === "metric") return { rowCm, inRowCm };
  return { rowCm: inRoundInches(rowCm), inRowCm: inRoundInches(inRowCm) };
}

const WHOLE_INCHES_FROM_CM = 10;

function inRoundInches(distanceCm: number): number {
  const steps = distanceCm < WHOLE_INCHES_FROM_CM ? 4 : 1;
  const rounded = Math.round(inches(distanceCm) * steps) / steps;
  // Shoots stand closer than a quarter of an inch.
  return rounded === 0 ? distanceCm : centimetres(rounded);
}

/** How crowded plants already are at the book's distances, 0 not at all to 1 wholly (estimate). */
const CROWDING_AT_BOOK = 0.75;

/**
 * Kilograms that a stretch of bed usually gives: from its plants, each the heavier the more ground it
 * has, up to what a plant with room to spare weighs.
 *
 * @source Shinozaki & Kira (1956), reciprocal yield law
 */
export function usualYieldKg(
  stand: Stand,
  crop: Crop,
  method: "direct" | "transplant",
  stage: Stage,
): number {
  const areaM2 = groundM2(stand);
  if (areaM2 === 0) return 0;
  const { plants } = amountsFor(stand, crop, method);
  const { rowCm, inRowCm } = bookSpacing(crop, stage, "metric");
  const perM2AtBook = 10_000 / (rowCm * inRowCm);
  const density = plants / areaM2 / perM2AtBook;
  return (crop.harvest.yieldKgPerM2 / perM2AtBook) * plants * plantWeightAt(density);
}

/** Weight of one plant relative to the book's, at a density relative to the book's. */
export function plantWeightAt(density: number): number {
  return 1 / (1 - CROWDING_AT_BOOK + CROWDING_AT_BOOK * density);
}
