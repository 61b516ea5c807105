import { isoDate, type DayNumber } from "../calendar";
import { varietyOf } from "../crops";
import { fact, type Fact } from "../facts";
import { cropsOf, type Garden, type Planting } from "../garden";
import { BY_THE_BOOK } from "../gardenFile";
import { seedlingDays, type Site } from "../growth";
import { exactM, fitsInto } from "../layout";
import type { LogEntry } from "../log";
import { amountsFor, bookSpacing, fittedTo, lengthForPlants, standOf } from "../plantings";
import { roomIn } from "./room";

/** Something that grows in a bed already, as a grower tells of it. */
export interface Standing {
  cropId: string;
  varietyId: string;
  bedId: string;
  /** Plants, or null where the length was told. */
  count: number | null;
  /** Length of bed, or null where the plants were counted. */
  lengthM: number | null;
  /** About when it came into the bed. */
  aboutDay: DayNumber;
}

/** How long its ground must be free for it. */
const FREE_DAYS = 30;
const LEAST_M = 0.1;

/**
 * The planting of something that grows already, in free ground of its bed, with the entries of the log
 * that say when it came there and that it stands today.
 *
 * @param ids for the planting and its two entries
 * @returns why it cannot be, where it cannot
 */
export function standingPlanting(
  site: Site,
  garden: Garden,
  standing: Standing,
  today: DayNumber,
  ids: { planting: string; begun: string; seen: string },
): { planting: Planting; entries: LogEntry[] } | { refusal: Fact } {
  const { bedId, count, lengthM, aboutDay } = standing;
  const bed = garden.beds.get(bedId);
  const crop = cropsOf(garden).get(standing.cropId);
  const variety = crop && varietyOf(crop, standing.varietyId || undefined);
  if (!crop || !variety) return { refusal: fact("bedSpace.chooseTheCrop") };
  if (!bed) return { refusal: fact("bedSpace.chooseTheBed") };
  if (aboutDay > today) return { refusal: fact("bedSpace.thatIsStillToCome") };
  const method = crop.transplanting.tolerance === "usual" ? "transplant" : "direct";
  const { fromM, freeM } = roomIn(site, garden, bed, today, today + FREE_DAYS);
  const whole: Planting = {
    ...BY_THE_BOOK,
    id: ids.planting,
    cropId: crop.id,
    varietyId: variety.id,
    bedId,
    sowOn: isoDate(method === "transplant" ? aboutDay - seedlingDays(crop) : aboutDay),
    method,
    stage: "full",
    fromM: exactM(fromM),
    lengthM: exactM(freeM),
    ...bookSpacing(crop, "full", garden.settings.units),
  };
  if (freeM < LEAST_M) return { refusal: fact("bedSpace.hasNoFreeGround", { bed: bed.name }) };
  const all = amountsFor(standOf(whole, bed), crop, method);
  const wantedM = Math.max(LEAST_M, lengthM ?? lengthForPlants(count ?? 0, all));
  if (!fitsInto(wantedM, freeM)) {
    return {
      refusal:
        count !== null && all.plants < count
          ? fact("bedSpace.holdsOnlySoMany", { bed: bed.name, plants: all.plants, crop: crop.name })
          : fact("bedSpace.hasOnlySoMuchFree", { bed: bed.name, freeM }),
    };
  }
  const planting = fittedTo(bed, { ...whole, lengthM: Math.min(wantedM, whole.lengthM) });
  const entry = { taskId: null, note: "" };
  return {
    planting,
    entries: [
      {
        ...entry,
        id: ids.begun,
        on: isoDate(aboutDay),
        what:
          method === "transplant"
            ? { kind: "plantedOut", plantingId: planting.id, plants: count }
            : { kind: "sown", plantingId: planting.id, lotId: null, seeds: null },
      },
      {
        ...entry,
        id: ids.seen,
        on: isoDate(today),
        what: { kind: "seen", bedId, plantingId: planting.id, pestId: null },
      },
    ],
  };
}
