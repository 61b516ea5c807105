import { isoDate } from "@/core/calendar";
import { BY_THE_BOOK } from "@/core/gardenFile";
import type { Garden, Planting } from "@/core/garden";
import { exactM, fitsInto } from "@/core/layout";
import { exposureKey, type Site } from "@/core/growth";
import {
  bookSpacing,
  exposureOver,
  fittedTo,
  lengthForHowMuch,
  standOf,
  type HowMuch,
} from "@/core/plantings";
import { roomIn, roomiestBed, type Room } from "@/core/bedSpace";
import type { Way } from "@/core/schedule";

/** Less room than this in a bed is none. */
export const LEAST_ROOM_M = 0.1;

/**
 * Where an accepted way would stand: in the chosen bed when its covers and skyline are the way's, otherwise in
 * the roomiest bed under the same covers and skyline. Null when the garden has none.
 */
export function wayRoom(site: Site, garden: Garden, way: Way, chosenBedId: string): Room | null {
  const { growing, timeline } = way;
  const fromDay = timeline.plantOutDay ?? timeline.sowDay;
  const toDay = timeline.holdsUntilDay ?? fromDay;
  const chosen = garden.beds.get(chosenBedId);
  const same = chosen && exposureKey(exposureOver(garden, chosen)) === exposureKey(growing);
  return same
    ? roomIn(site, garden, chosen, fromDay, toDay)
    : roomiestBed(site, garden, growing, fromDay, toDay);
}

/** What of a way is asked for: how much of it, and where. */
export interface Asked {
  howMuch: HowMuch;
  /** Weeks for which it is to be eaten; null as long as its crop usually is. */
  weeks: number | null;
  /** A bed's id, or empty for any. */
  bedId: string;
}

/** A planting for an accepted way, and whether its bed has as much room for it as was asked for. */
export interface Planned {
  planting: Planting;
  /** Where it would stand; null where no bed has its covers and skyline. */
  room: Room | null;
  isAll: boolean;
}

/**
 * A planting for an accepted way: in the chosen bed, or the roomiest one under the same covers; as much as
 * is asked for, at most what is free there. Where nothing is free it is as long as it would be, and what
 * keeps it tells what stands in its way.
 */
export function plantingFor(
  site: Site,
  garden: Garden,
  way: Way,
  { howMuch, weeks, bedId: chosenBedId }: Asked,
  id: string,
): Planned {
  const { growing, timeline } = way;
  const room = wayRoom(site, garden, way, chosenBedId);
  const bed = room?.bed ?? garden.beds.get(way.spot.bedId);
  const hasRoom = room !== null && room.freeM >= LEAST_ROOM_M;
  const freeM = hasRoom ? exactM(room.freeM) : (bed?.lengthM ?? 1);
  const whole: Planting = {
    id,
    cropId: growing.crop.id,
    varietyId: growing.variety.id,
    bedId: bed?.id ?? way.spot.bedId,
    sowOn: isoDate(timeline.sowDay),
    method: growing.method,
    stage: growing.stage,
    fromM: hasRoom ? exactM(room.fromM) : 0,
    lengthM: freeM,
    ...bookSpacing(growing.crop, growing.stage, garden.settings.units),
    ...BY_THE_BOOK,
    bought: growing.boughtAgeDays ? { ageDays: growing.boughtAgeDays } : null,
  };
  const wantedM = lengthForHowMuch(
    howMuch,
    standOf(whole, bed ?? { widthM: 1 }),
    growing.crop,
    growing,
    weeks ?? undefined,
  );
  const lengthM = Math.min(freeM, Math.max(LEAST_ROOM_M, wantedM));
  const planting = { ...whole, lengthM };
  return {
    planting: bed ? fittedTo(bed, planting) : planting,
    room,
    isAll: howMuch.by === "room" || fitsInto(wantedM, freeM),
  };
}
