import { isoDate, type DayNumber } from "../calendar";
import { varietyOf } from "../crops";
import { BY_THE_BOOK } from "../gardenFile";
import { cropsOf, type Bed, type Garden, type Planting } from "../garden";
import { exactM } from "../layout";
import { amountsFor, bookSpacing, standOf } from "../plantings";
import { roomIn } from "../bedSpace";
import type { Site } from "../growth";
import type { Clause } from "./clause";

/** A sowing that nobody planned is given the ground that is free for so long. */
const FREE_DAYS = 45;
const LEAST_M = 0.1;

/**
 * A planting for a sowing that is told of and that nobody had planned: in the largest free part of its
 * bed, as long as was said, or as many rows.
 *
 * @returns null where the bed has no room
 */
export function unplannedPlanting(
  site: Site,
  garden: Garden,
  bed: Bed,
  { crop: named, rows, lengthM }: Clause,
  day: DayNumber,
  id: string,
): Planting | null {
  const crop = cropsOf(garden).get(named?.cropId ?? "");
  const variety = crop && varietyOf(crop, named?.varietyId ?? undefined);
  if (!crop || !variety) return null;
  const { fromM, freeM } = roomIn(site, garden, bed, day, day + FREE_DAYS);
  const planting: Planting = {
    ...BY_THE_BOOK,
    id,
    cropId: crop.id,
    varietyId: variety.id,
    bedId: bed.id,
    sowOn: isoDate(day),
    method: "direct",
    stage: "full",
    fromM,
    lengthM: freeM,
    ...bookSpacing(crop, "full", garden.settings.units),
  };
  if (freeM < LEAST_M) return null;
  // Rows run along the bed: two of four along all of it are half of it, all four rows wide.
  const allRows = amountsFor(standOf(planting, bed), crop, "direct").rows;
  const byRows = rows === null ? freeM : (bed.lengthM * rows) / Math.max(1, allRows);
  const wanted = Math.min(freeM, lengthM ?? byRows);
  return { ...planting, lengthM: Math.max(LEAST_M, exactM(wanted)) };
}
