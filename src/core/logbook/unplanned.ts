import { isoDate, type DayNumber } from "../calendar";
import { varietyOf } from "../crops";
import { BY_THE_BOOK } from "../gardenFile";
import { cropsOf, type Bed, type Garden, type Planting } from "../garden";
import { exactM } from "../layout";
import { amountsFor, bookSpacing, fittedTo, lengthForPlants, standOf } from "../plantings";
import { roomIn } from "../bedSpace";
import { seedlingDays, usualBoughtAgeDays, type Site } from "../growth";
import type { Clause } from "./clause";

/** A sowing or planting that nobody planned is given the ground that is free for so long. */
const FREE_DAYS = 45;
const LEAST_M = 0.1;

/**
 * A planting for a sowing, or for plants set out, that is told of and that nobody had planned: in the
 * largest free part of its bed, as long as was said, or as many rows or plants.
 *
 * @returns null where the bed has no room
 */
export function unplannedPlanting(
  site: Site,
  garden: Garden,
  bed: Bed,
  { crop: named, rows, lengthM, count, isBought }: Clause,
  { kind, day, id }: { kind: "sown" | "plantedOut"; day: DayNumber; id: string },
): Planting | null {
  const crop = cropsOf(garden).get(named?.cropId ?? "");
  const variety = crop && varietyOf(crop, named?.varietyId ?? undefined);
  if (!crop || !variety) return null;
  const isPlanted = kind === "plantedOut";
  const raisedDays = isBought ? usualBoughtAgeDays(crop) : seedlingDays(crop);
  const ageDays = isPlanted ? raisedDays : 0;
  const { fromM, freeM } = roomIn(site, garden, bed, day, day + FREE_DAYS);
  const planting: Planting = {
    ...BY_THE_BOOK,
    id,
    cropId: crop.id,
    varietyId: variety.id,
    bedId: bed.id,
    sowOn: isoDate(day - ageDays),
    method: isPlanted ? "transplant" : "direct",
    bought: isPlanted && isBought ? { ageDays } : null,
    stage: "full",
    fromM,
    lengthM: freeM,
    ...bookSpacing(crop, "full", garden.settings.units),
  };
  if (freeM < LEAST_M) return null;
  // Rows run along the bed: two of four along all of it are half of it, all four rows wide.
  const all = amountsFor(standOf(planting, bed), crop, planting.method);
  const byRows = rows === null ? freeM : (bed.lengthM * rows) / Math.max(1, all.rows);
  const byCount = isPlanted && count !== null ? lengthForPlants(count, all) : null;
  const wanted = Math.min(freeM, lengthM ?? byCount ?? byRows);
  return fittedTo(bed, { ...planting, lengthM: Math.max(LEAST_M, exactM(wanted)) });
}
