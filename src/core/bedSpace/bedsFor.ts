import { dayNumber, type DayNumber } from "../calendar";
import { bedsInOrder, cropsOf, type Bed, type Garden, type Planting } from "../garden";
import { BY_THE_BOOK } from "../gardenFile";
import type { Site } from "../growth";
import { exactM, WHOLE_WIDTH } from "../layout";
import {
  amountsFor,
  bookSpacing,
  fittedTo,
  growingOf,
  lengthForPlants,
  standOf,
  timelineIfSetOut,
} from "../plantings";
import { bedDays, type Timeline } from "../schedule";
import { seedlingsIn, type TraySowing } from "../trays";
import { placeFor } from "./freeGround";
import { occupantsOf } from "./occupancy";
import { tooSoonFor, type TooSoon } from "./rotation";
import { roomIn } from "./room";

/** A bed that has room for the seedlings of a tray, and what would come of them there. */
export interface BedFor {
  bed: Bed;
  planting: Planting;
  timeline: Timeline;
  /** How many of the seedlings have room. */
  plants: number;
  /** Why its family should not stand there yet; null where it may. */
  tooSoon: TooSoon | null;
}

/** Less ground is no place, m. */
const LEAST_M = 0.1;

/**
 * The beds in which the seedlings of a tray would find room on the day they are ready to be planted
 * out, or today where that is past: those that hold all of them first, where no family follows itself
 * first of those, in the order of the beds.
 *
 * @param plantOutDay the day from which they can stand in the open
 * @param id for the planting that it would make
 */
export function bedsFor(
  site: Site,
  garden: Garden,
  sowing: TraySowing,
  { plantOutDay, plantsPerCell }: { plantOutDay: DayNumber; plantsPerCell: number },
  today: DayNumber,
  id: string,
): BedFor[] {
  const crop = cropsOf(garden).get(sowing.cropId);
  if (!crop) return [];
  const { settings } = garden;
  const seedlings = seedlingsIn(sowing) ?? sowing.cells.length * plantsPerCell;
  const outDay = Math.max(today, plantOutDay);
  const found = bedsInOrder(garden).flatMap((bed): BedFor[] => {
    const spacing = bookSpacing(crop, "full", settings.units);
    const whole: Planting = {
      ...BY_THE_BOOK,
      ...spacing,
      // Plants left together keep as much ground each.
      inRowCm: spacing.inRowCm * plantsPerCell,
      plantsPerStation: plantsPerCell,
      id,
      cropId: sowing.cropId,
      varietyId: sowing.varietyId,
      bedId: bed.id,
      sowOn: sowing.sownOn,
      method: "transplant",
      stage: "full",
      fromM: 0,
      lengthM: bed.lengthM,
      across: WHOLE_WIDTH,
    };
    const growing = growingOf(garden, whole);
    if (!growing) return [];
    const sownDay = dayNumber(sowing.sownOn);
    const timeline = timelineIfSetOut(site, settings, growing, sownDay, outDay);
    const { fromDay, untilDay } = bedDays(timeline);
    const all = amountsFor(standOf(whole, bed), crop, "transplant");
    const lengthM = Math.min(bed.lengthM, lengthForPlants(seedlings, all, plantsPerCell));
    const wanted = fittedTo(bed, { ...whole, lengthM: Math.max(LEAST_M, lengthM) });
    const place = placeFor(occupantsOf(site, garden, bed), bed, wanted, fromDay, untilDay);
    const room = place === null ? roomIn(site, garden, bed, fromDay, untilDay) : null;
    if (room && room.freeM < LEAST_M) return [];
    const planting = room
      ? fittedTo(bed, { ...whole, fromM: exactM(room.fromM), lengthM: exactM(room.freeM) })
      : { ...wanted, fromM: exactM(place ?? 0) };
    const { plants } = amountsFor(standOf(planting, bed), crop, "transplant");
    return [
      {
        bed,
        planting,
        timeline,
        plants: Math.min(seedlings, plants),
        tooSoon: tooSoonFor(garden, bed, crop, fromDay, settings.rotationYears, "full"),
      },
    ];
  });
  return found.sort((a, b) => against(a, seedlings) - against(b, seedlings));
}

/** What stands against a bed; the order of those alike is kept. */
function against({ plants, tooSoon, timeline }: BedFor, seedlings: number): number {
  return (
    (timeline.readyDay === null ? 4 : 0) + (plants < seedlings ? 2 : 0) + (tooSoon === null ? 0 : 1)
  );
}
