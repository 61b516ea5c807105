import type { DayNumber } from "../calendar";
import type { Bed } from "../garden";
import {
  exactM,
  fitsInto,
  patchesMeet,
  patchesOf,
  SAME_LENGTH_M,
  type Across,
  type Patch,
} from "../layout";
import type { Place } from "./occupancy";

/** A part of a bed, metres from its near end. */
export interface Stretch {
  fromM: number;
  toM: number;
}

type Ground = Pick<Bed, "lengthM" | "widthM">;

/**
 * The parts of a bed that nobody takes at any time between two days over the whole width, from the
 * near end on. Whoever stands between others takes no ground.
 */
export function freeStretches(
  occupants: readonly Place[],
  bed: Ground,
  fromDay: DayNumber,
  untilDay: DayNumber,
): Stretch[] {
  const taken = patchesTaken(occupants, fromDay, untilDay).sort((a, b) => a.fromM - b.fromM);
  const free: Stretch[] = [];
  let reachedM = 0;
  for (const { fromM, toM } of taken) {
    if (fromM > reachedM + SAME_LENGTH_M) free.push({ fromM: reachedM, toM: fromM });
    reachedM = Math.max(reachedM, toM);
  }
  if (bed.lengthM > reachedM + SAME_LENGTH_M) free.push({ fromM: reachedM, toM: bed.lengthM });
  return free;
}

function patchesTaken(occupants: readonly Place[], fromDay: DayNumber, untilDay: DayNumber) {
  return occupants
    .filter((one) => !one.interplanted && one.fromDay < untilDay && one.untilDay > fromDay)
    .flatMap(({ patches }) => patches);
}

/** What wants a place in a bed: so long, and so across it. */
export interface Wanted {
  lengthM: number;
  across: Across;
}

/** The first place along a bed where a part is free for a time; null when there is none. */
export function placeFor(
  occupants: readonly Place[],
  bed: Ground,
  wanted: Wanted,
  fromDay: DayNumber,
  untilDay: DayNumber,
): number | null {
  return placesFor(occupants, bed, wanted, fromDay, untilDay)[0] ?? null;
}

/**
 * The places along a bed at which a part is free for a time: where it can go no farther to either
 * end, and those wished for; from the near end on.
 */
export function placesFor(
  occupants: readonly Place[],
  bed: Ground,
  { lengthM, across }: Wanted,
  fromDay: DayNumber,
  untilDay: DayNumber,
  wishedM: readonly number[] = [],
): number[] {
  if (!fitsInto(lengthM, bed.lengthM)) return [];
  const taken = patchesTaken(occupants, fromDay, untilDay);
  const lastM = Math.max(0, bed.lengthM - lengthM);
  const ends = taken.flatMap(({ fromM, toM }) => [toM, fromM - lengthM]);
  // Squares stay in their grid.
  const stepM = across.kind === "cells" ? across.cellM : null;
  const onGrid = (m: number) => (stepM === null ? m : Math.round(m / stepM) * stepM);
  const places = [0, lastM, ...ends, ...wishedM]
    .map((m) => exactM(onGrid(m)))
    .filter((m) => m >= 0 && fitsInto(m, lastM))
    .sort((a, b) => a - b);
  return [...new Set(places)].filter((fromM) => {
    const patches = patchesOf({ fromM, lengthM, across }, bed.widthM);
    return !patches.some((patch) => taken.some((other) => patchesMeet(patch, other)));
  });
}

/** A strip moved to where across a bed it is free in its stretch; null where it is nowhere, or is no strip. */
export function stripBeside(
  occupants: readonly Place[],
  bed: Ground,
  { fromM, lengthM, across }: Wanted & { fromM: number },
  fromDay: DayNumber,
  untilDay: DayNumber,
): Across | null {
  if (across.kind !== "strip") return null;
  const taken = patchesTaken(occupants, fromDay, untilDay);
  const { widthM } = across;
  const sides = [
    0,
    bed.widthM - widthM,
    ...taken.flatMap(({ leftM, rightM }) => [rightM, leftM - widthM]),
  ];
  const free = sides
    .map(exactM)
    .filter((leftM) => leftM >= 0 && fitsInto(leftM + widthM, bed.widthM))
    .sort((a, b) => Math.abs(a - across.fromM) - Math.abs(b - across.fromM))
    .find((leftM) => {
      const patch = { fromM, toM: fromM + lengthM, leftM, rightM: leftM + widthM };
      return !taken.some((other) => patchesMeet(patch, other));
    });
  return free === undefined ? null : { kind: "strip", fromM: free, widthM };
}

/** A part of a bed that is free for a time: as long and as wide and for as long as can be. */
export interface Gap extends Patch {
  fromDay: DayNumber;
  untilDay: DayNumber;
}

/** Narrower ground than this is no place for anything, m. */
const LEAST_WIDE_M = 0.1;

/**
 * The gaps of a bed between two days: every free rectangle that is neither longer nor wider nor free
 * for longer without running into somebody, the largest (m² × days) first.
 *
 * @param leastM    shorter ones are left out
 * @param leastDays those free for less are left out
 */
export function gapsIn(
  occupants: readonly Place[],
  bed: Ground,
  fromDay: DayNumber,
  untilDay: DayNumber,
  leastM = 0.2,
  leastDays = 7,
): Gap[] {
  const standing = occupants.filter((one) => !one.interplanted);
  const patches = standing.flatMap((one) => one.patches);
  const along = spans(
    bed.lengthM,
    patches.flatMap(({ fromM, toM }) => [fromM, toM]),
    leastM,
  );
  const across = spans(
    bed.widthM,
    patches.flatMap(({ leftM, rightM }) => [leftM, rightM]),
    Math.min(LEAST_WIDE_M, bed.widthM),
  );
  const found = along.flatMap(([fromM, toM]) =>
    across.flatMap(([leftM, rightM]) => {
      const patch = { fromM, toM, leftM, rightM };
      return freeTimes(standing, patch, fromDay, untilDay)
        .filter((time) => time.untilDay - time.fromDay >= leastDays)
        .map((time): Gap => ({ ...patch, ...time }));
    }),
  );
  const size = (gap: Gap) =>
    (gap.toM - gap.fromM) * (gap.rightM - gap.leftM) * (gap.untilDay - gap.fromDay);
  return found
    .filter((gap) => !found.some((other) => holds(other, gap)))
    .sort((a, b) => size(b) - size(a) || a.fromDay - b.fromDay || a.fromM - b.fromM);
}

/** Whether a gap is as wide as its bed. */
export function isWholeWidth({ leftM, rightM }: Pick<Patch, "leftM" | "rightM">, bed: Ground) {
  return leftM <= SAME_LENGTH_M && fitsInto(bed.widthM, rightM);
}

/** How something lies across a bed that takes a gap from side to side. */
export function acrossOf({ leftM, rightM }: Pick<Patch, "leftM" | "rightM">, bed: Ground): Across {
  return isWholeWidth({ leftM, rightM }, bed)
    ? { kind: "whole" }
    : { kind: "strip", fromM: exactM(leftM), widthM: exactM(rightM - leftM) };
}

/** Every pair of cuts of a side that lie so far apart. */
function spans(sideM: number, cutsM: readonly number[], leastM: number): [number, number][] {
  const cuts = [0, sideM, ...cutsM]
    .filter((m) => m >= 0 && m <= sideM)
    .sort((a, b) => a - b)
    .filter((m, index, all) => index === 0 || m > (all[index - 1] ?? 0) + SAME_LENGTH_M);
  return cuts.flatMap((from, index) =>
    cuts
      .slice(index + 1)
      .filter((to) => to - from >= leastM - SAME_LENGTH_M)
      .map((to): [number, number] => [from, to]),
  );
}

function holds(a: Gap, b: Gap): boolean {
  return (
    a !== b &&
    a.fromM <= b.fromM + SAME_LENGTH_M &&
    a.toM >= b.toM - SAME_LENGTH_M &&
    a.leftM <= b.leftM + SAME_LENGTH_M &&
    a.rightM >= b.rightM - SAME_LENGTH_M &&
    a.fromDay <= b.fromDay &&
    a.untilDay >= b.untilDay
  );
}

/** The times between two days in which nobody takes any of a patch. */
function freeTimes(
  standing: readonly Place[],
  patch: Patch,
  fromDay: DayNumber,
  untilDay: DayNumber,
): { fromDay: DayNumber; untilDay: DayNumber }[] {
  const there = standing
    .filter((one) => one.patches.some((other) => patchesMeet(other, patch)))
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
