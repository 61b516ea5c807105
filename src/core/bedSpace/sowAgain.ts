import { isoDate, type DayNumber } from "../calendar";
import { bedsInOrder, type Bed, type Garden, type Planting } from "../garden";
import { exposureKey, type Site } from "../growth";
import { exactM, WHOLE_WIDTH } from "../layout";
import { exposureOver, fittedTo, plantingState, stateIfSown } from "../plantings";
import { bedDays, type Timeline } from "../schedule";
import { placeFor } from "./freeGround";
import { occupantsOf } from "./occupancy";
import { roomIn } from "./room";

/** A planting once more, later: with its dates, and where there is room for it then. */
export interface SownAgain {
  /** Null where no bed under the same covers has room. */
  planting: Planting | null;
  timeline: Timeline;
  bed: Bed | null;
}

/**
 * The same sowing once more on a later day: in its own bed where that is free then, otherwise in
 * another under the same covers; as much of it as has room.
 *
 * @returns null when its crop or its bed is not there
 */
export function sowAgain(
  site: Site,
  garden: Garden,
  planting: Planting,
  sowDay: DayNumber,
  id: string,
): SownAgain | null {
  const state = stateIfSown(garden, site, planting, sowDay);
  if (!state) return null;
  const own = { ...planting, id, sowOn: isoDate(sowDay), successionId: null, clearOn: null };
  const covers = exposureKey(exposureOver(garden, state.bed));
  const beds = [
    state.bed,
    ...bedsInOrder(garden).filter(({ id: bedId }) => bedId !== state.bed.id),
  ];
  let part: { planting: Planting; timeline: Timeline; bed: Bed } | null = null;
  for (const bed of beds) {
    if (exposureKey(exposureOver(garden, bed)) !== covers) continue;
    const there = { ...own, bedId: bed.id, interplanted: false };
    const life = plantingState(garden, site, there);
    if (!life) continue;
    const { timeline } = life;
    const { fromDay, untilDay } = bedDays(timeline);
    const fromM = placeFor(occupantsOf(site, garden, bed), bed, there, fromDay, untilDay);
    if (fromM !== null) return { planting: { ...there, fromM }, timeline, bed };
    // Less of it is better than none.
    const room = roomIn(site, garden, bed, fromDay, untilDay);
    if (room.freeM < Math.max(LEAST_M, part?.planting.lengthM ?? 0)) continue;
    const shorter = { ...there, fromM: exactM(room.fromM), lengthM: exactM(room.freeM) };
    part = { planting: fittedTo(bed, { ...shorter, across: WHOLE_WIDTH }), timeline, bed };
  }
  return part ?? { planting: null, timeline: state.timeline, bed: null };
}

/** Shorter is no planting, m. */
const LEAST_M = 0.3;
