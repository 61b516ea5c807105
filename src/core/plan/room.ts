import { dayNumber, type DayNumber } from "../calendar";
import { bedsInOrder, coversOver, horizonOver, type Bed, type Garden } from "../garden";
import { growingOf } from "./gardenPlan";
import { horizonKey, type Exposure, type Site } from "./site";
import { timelineFrom } from "./timeline";

/** A bed and how much of its length nobody else uses in a stretch of time. */
export interface Room {
  bed: Bed;
  freeM: number;
}

/**
 * Length of a bed that is free from one day to another: its length less that of the plantings that
 * stand in it at any time between. Never below 0.
 */
export function roomIn(
  site: Site,
  garden: Garden,
  bed: Bed,
  fromDay: DayNumber,
  toDay: DayNumber,
): Room {
  let freeM = bed.lengthM;
  for (const planting of garden.plantings.values()) {
    if (planting.bedId !== bed.id) continue;
    const growing = growingOf(garden, planting);
    if (!growing) continue;
    const timeline = timelineFrom(site, garden.settings, growing, dayNumber(planting.sowOn));
    const begins = timeline.plantOutDay ?? timeline.sowDay;
    const ends = timeline.holdsUntilDay ?? timeline.coldLossDay ?? Infinity;
    if (begins <= toDay && ends >= fromDay) freeM -= planting.lengthM;
  }
  return { bed, freeM: Math.max(0, freeM) };
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
    .filter(
      (bed) =>
        coversOver(garden, bed).join("+") === exposure.covers.join("+") &&
        horizonKey(horizonOver(garden, bed)) === horizonKey(exposure.horizon),
    )
    .map((bed) => roomIn(site, garden, bed, fromDay, toDay));
  return rooms.sort((a, b) => b.freeM - a.freeM)[0] ?? null;
}
