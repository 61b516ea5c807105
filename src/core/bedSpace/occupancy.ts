import { dayNumber, type DayNumber } from "../calendar";
import { coverCropLibrary, mulches, type Rest } from "../soil";
import type { Bed, Garden, Planting } from "../garden";
import { SAME_LENGTH_M } from "../layout";
import { plantingName, plantingState } from "../plantings";
import type { Site } from "../growth";
import { bedDays } from "../schedule";

/** Something that takes a part of a bed for a while: a planting, or a rest. */
export interface Occupant {
  kind: "planting" | "rest";
  id: string;
  name: string;
  /** Metres along the bed from its near end. */
  fromM: number;
  toM: number;
  fromDay: DayNumber;
  /** The day it leaves, on which the next may come; Infinity when it is not known. */
  untilDay: DayNumber;
  /** Stands between the plants of another. */
  interplanted: boolean;
}

/** Who takes which part of a bed from when to when, the first comer first. */
export function occupantsOf(site: Site, garden: Garden, bed: Bed): Occupant[] {
  const occupants: Occupant[] = [];
  for (const planting of garden.plantings.values()) {
    if (planting.bedId !== bed.id) continue;
    const occupant = occupantOf(site, garden, planting);
    if (occupant) occupants.push(occupant);
  }
  for (const rest of garden.rests.values()) {
    if (rest.bedId === bed.id) occupants.push(restingIn(rest));
  }
  return occupants.sort((a, b) => a.fromDay - b.fromDay || a.fromM - b.fromM);
}

function occupantOf(site: Site, garden: Garden, planting: Planting): Occupant | null {
  const life = plantingState(garden, site, planting);
  return (
    life && {
      kind: "planting",
      id: planting.id,
      name: plantingName(garden, planting),
      fromM: planting.fromM,
      toM: planting.fromM + planting.lengthM,
      ...bedDays(life.timeline),
      interplanted: planting.interplanted,
    }
  );
}

function restingIn(rest: Rest): Occupant {
  return {
    kind: "rest",
    id: rest.id,
    name: restName(rest),
    fromM: rest.fromM,
    toM: rest.fromM + rest.lengthM,
    fromDay: dayNumber(rest.fromOn),
    untilDay: dayNumber(rest.untilOn),
    interplanted: false,
  };
}

/** What a rest lies under, in words. */
export function restName({ under }: Rest): string {
  return under.kind === "coverCrop"
    ? (coverCropLibrary.get(under.coverCropId)?.name ?? under.coverCropId)
    : `Under ${mulches.get(under.mulchId)?.name ?? under.mulchId}`;
}

/** Two occupants of one bed that want the same ground at the same time. */
export interface Clash {
  bedId: string;
  /** The first comer. */
  earlier: Occupant;
  later: Occupant;
}

/** Whether two would stand on the same ground; one of a pair may stand between the other's plants. */
function standTogether(a: Occupant, b: Occupant): boolean {
  if (a.interplanted !== b.interplanted) return false;
  return (
    a.fromM < b.toM - SAME_LENGTH_M &&
    b.fromM < a.toM - SAME_LENGTH_M &&
    a.fromDay < b.untilDay &&
    b.fromDay < a.untilDay
  );
}

/** Every pair of occupants of a bed that stand on the same ground. */
export function clashesIn(site: Site, garden: Garden, bed: Bed): Clash[] {
  const occupants = occupantsOf(site, garden, bed);
  return occupants.flatMap((earlier, index) =>
    occupants
      .slice(index + 1)
      .filter((later) => standTogether(earlier, later))
      .map((later) => ({ bedId: bed.id, earlier, later })),
  );
}

/** A part of a bed, metres from its near end. */
export interface Stretch {
  fromM: number;
  toM: number;
}

/** Which part of a bed is taken, and when: what of an occupant the ground feels. */
export type Place = Pick<Occupant, "fromM" | "toM" | "fromDay" | "untilDay" | "interplanted">;

/**
 * The parts of a bed that nobody takes at any time between two days, from the near end on. Whoever
 * stands between others takes no ground.
 */
export function freeStretches(
  occupants: readonly Place[],
  bedLengthM: number,
  fromDay: DayNumber,
  untilDay: DayNumber,
): Stretch[] {
  const taken = occupants
    .filter((one) => !one.interplanted && one.fromDay < untilDay && one.untilDay > fromDay)
    .sort((a, b) => a.fromM - b.fromM);
  const free: Stretch[] = [];
  let reachedM = 0;
  for (const { fromM, toM } of taken) {
    if (fromM > reachedM + SAME_LENGTH_M) free.push({ fromM: reachedM, toM: fromM });
    reachedM = Math.max(reachedM, toM);
  }
  if (bedLengthM > reachedM + SAME_LENGTH_M) free.push({ fromM: reachedM, toM: bedLengthM });
  return free;
}

/** The first place along a bed where a length is free for a time; null when there is none. */
export function placeFor(
  occupants: readonly Occupant[],
  bedLengthM: number,
  lengthM: number,
  fromDay: DayNumber,
  untilDay: DayNumber,
): number | null {
  const fit = freeStretches(occupants, bedLengthM, fromDay, untilDay).find(
    ({ fromM, toM }) => toM - fromM >= lengthM - SAME_LENGTH_M,
  );
  return fit ? fit.fromM : null;
}

/** A part of a bed that is free for a time: as long and for as long as can be. */
export interface Gap extends Stretch {
  fromDay: DayNumber;
  untilDay: DayNumber;
}

/**
 * The gaps of a bed between two days: every free part that is neither longer nor free for longer
 * without running into somebody, the largest (metres × days) first.
 *
 * @param leastM    shorter ones are left out
 * @param leastDays those free for less are left out
 */
export function gapsIn(
  occupants: readonly Occupant[],
  bedLengthM: number,
  fromDay: DayNumber,
  untilDay: DayNumber,
  leastM = 0.2,
  leastDays = 7,
): Gap[] {
  const standing = occupants.filter((one) => !one.interplanted);
  const cuts = [0, bedLengthM, ...standing.flatMap(({ fromM, toM }) => [fromM, toM])]
    .filter((m) => m >= 0 && m <= bedLengthM)
    .sort((a, b) => a - b)
    .filter((m, index, all) => index === 0 || m > (all[index - 1] ?? 0) + SAME_LENGTH_M);
  const found = cuts.flatMap((fromM, index) =>
    cuts
      .slice(index + 1)
      .filter((toM) => toM - fromM >= leastM - SAME_LENGTH_M)
      .flatMap((toM) =>
        freeTimes(standing, { fromM, toM }, fromDay, untilDay)
          .filter((time) => time.untilDay - time.fromDay >= leastDays)
          .map((time): Gap => ({ fromM, toM, ...time })),
      ),
  );
  const holds = (a: Gap, b: Gap) =>
    a !== b &&
    a.fromM <= b.fromM + SAME_LENGTH_M &&
    a.toM >= b.toM - SAME_LENGTH_M &&
    a.fromDay <= b.fromDay &&
    a.untilDay >= b.untilDay;
  const size = (gap: Gap) => (gap.toM - gap.fromM) * (gap.untilDay - gap.fromDay);
  return found
    .filter((gap) => !found.some((other) => holds(other, gap)))
    .sort((a, b) => size(b) - size(a) || a.fromDay - b.fromDay || a.fromM - b.fromM);
}

/** The times between two days in which nobody takes any of a stretch. */
function freeTimes(
  standing: readonly Occupant[],
  { fromM, toM }: Stretch,
  fromDay: DayNumber,
  untilDay: DayNumber,
): { fromDay: DayNumber; untilDay: DayNumber }[] {
  const there = standing
    .filter((one) => one.fromM < toM - SAME_LENGTH_M && one.toM > fromM + SAME_LENGTH_M)
    .sort((a, b) => a.fromDay - b.fromDay);
  const free: { fromDay: DayNumber; untilDay: DayNumber }[] = [];
  let reached = fromDay;
  for (const one of there) {
    if (one.fromDay > reached)
      free.push({ fromDay: reached, untilDay: Math.min(one.fromDay, untilDay) });
    reached = Math.max(reached, one.untilDay);
    if (reached >= untilDay) break;
  }
  if (reached < untilDay) free.push({ fromDay: reached, untilDay });
  return free.filter((time) => time.untilDay > time.fromDay);
}
