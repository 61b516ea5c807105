import { roomIn } from "../bedSpace";
import { isoDate, type DayNumber } from "../calendar";
import { packetEmergenceDays, varietyOf } from "../crops";
import { fact, type Fact } from "../facts";
import { cropsOf, type Garden, type Planting } from "../garden";
import { BY_THE_BOOK } from "../gardenFile";
import type { Site } from "../growth";
import { exactM, fitsInto } from "../layout";
import type { LogEntry } from "../log";
import { bookSpacing } from "../plantings";

/** A patch that came up by itself, as a grower tells of it. */
export interface SelfSown {
  cropId: string;
  varietyId: string;
  bedId: string;
  lengthM: number;
  /** When it was seen to have come up. */
  upDay: DayNumber;
}

/** How long its ground must be free for it. */
const FREE_DAYS = 30;

/**
 * A self-sown patch as a planting that nobody sowed: it is thinned, picked and counted in the rotation like
 * any other, and costs no seed.
 *
 * @param ids for the planting and its two entries
 */
export function selfSownPlanting(
  site: Site,
  garden: Garden,
  { cropId, varietyId, bedId, lengthM, upDay }: SelfSown,
  note: string,
  ids: { planting: string; sown: string; up: string },
): { planting: Planting; entries: LogEntry[] } | { refusal: Fact } {
  const bed = garden.beds.get(bedId);
  const crop = cropsOf(garden).get(cropId);
  const variety = crop && varietyOf(crop, varietyId || undefined);
  if (!crop || !variety) return { refusal: fact("bedSpace.chooseTheCrop") };
  if (!bed) return { refusal: fact("bedSpace.chooseTheBed") };
  const { fromM, freeM } = roomIn(site, garden, bed, upDay, upDay + FREE_DAYS);
  if (!fitsInto(lengthM, freeM)) {
    return { refusal: fact("bedSpace.hasOnlySoMuchFree", { bed: bed.name, freeM }) };
  }
  const sownDay = upDay - Math.ceil(packetEmergenceDays(crop));
  const planting: Planting = {
    ...BY_THE_BOOK,
    id: ids.planting,
    cropId,
    varietyId: variety.id,
    bedId,
    sowOn: isoDate(sownDay),
    method: "direct",
    stage: "full",
    fromM: exactM(fromM),
    lengthM: exactM(lengthM),
    ...bookSpacing(crop, "full", garden.settings.units),
  };
  const of = { plantingId: planting.id };
  return {
    planting,
    entries: [
      {
        id: ids.sown,
        on: isoDate(sownDay),
        taskId: null,
        what: { kind: "sown", ...of, lotId: null, seeds: 0 },
        note,
      },
      {
        id: ids.up,
        on: isoDate(upDay),
        taskId: null,
        what: { kind: "emerged", ...of, up: null, outOf: null },
        note: "",
      },
    ],
  };
}
