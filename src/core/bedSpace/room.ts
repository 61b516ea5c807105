import type { DayNumber } from "../calendar";
import { bedsInOrder, type Bed, type Garden } from "../garden";
import { exposureOver } from "../plantings";
import { freeStretches } from "./freeGround";
import { occupantsOf } from "./occupancy";
import { exposureKey, type Exposure, type Site } from "../growth";

/** A bed and its longest part that nobody else uses in a stretch of time. */
export interface Room {
  bed: Bed;
  /** Where the part begins, metres from the bed's near end. */
  fromM: number;
  freeM: number;
}

/** The longest part of a bed that is free from one day to another; of length 0 when there is none. */
export function roomIn(
  site: Site,
  garden: Garden,
  bed: Bed,
  fromDay: DayNumber,
  toDay: DayNumber,
): Room {
  const free = freeStretches(occupantsOf(site, garden, bed), bed, fromDay, toDay);
  const rooms = free.map(({ fromM, toM }) => ({ bed, fromM, freeM: toM - fromM }));
  return rooms.sort((a, b) => b.freeM - a.freeM)[0] ?? { bed, fromM: 0, freeM: 0 };
}

/** The bed with most room among those under the same covers and skyline; null when there is none. */
export function roomiestBed(
  site: Site,
  garden: Garden,
  exposure: Exposure,
  fromDay: DayNumber,
  toDay: DayNumber,
): Room | null {
  const rooms = bedsInOrder(garden)
    .filter((bed) => exposureKey(exposureOver(garden, bed)) === exposureKey(exposure))
    .map((bed) => roomIn(site, garden, bed, fromDay, toDay));
  return rooms.sort((a, b) => b.freeM - a.freeM)[0] ?? null;
}
