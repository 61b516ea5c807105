import { isoDate } from "../calendar";
import {
  bedsInOrder,
  withChanges,
  type Bed,
  type Change,
  type Garden,
  type Planting,
} from "../garden";
import { bedDays } from "../schedule";
import {
  clashesIn,
  freeStretches,
  isWholeWidth,
  occupantsOf,
  placeFor,
  stripBeside,
  type Clash,
  type Occupant,
} from "../bedSpace";
import { plantingState, siteFor } from "../plantings";
import type { Site } from "../growth";
import { acrossProblem, exactM } from "../layout";
import { change, refuse, type Run, type WayOut } from "./command";
import { fact, type Fact } from "../facts";

/** A shorter planting than this is no way out, m. */
const LEAST_LENGTH_M = 0.3;

/**
 * The changes, unless they would put two on the same ground of a bed at the same time: then a refusal
 * with the two ways out, another place or another time. Who clashed before may go on clashing, so
 * that a garden whose climate was changed can still be worked in.
 */
export function occupying(garden: Garden, ...changes: Change[]): Run {
  const after = withChanges(garden, changes);
  const site = siteFor(after);
  if (!site) return change(...changes);
  for (const bedId of bedsTouched(changes)) {
    const bed = after.beds.get(bedId);
    if (!bed) continue;
    const clash = newClash(site, garden, after, bed);
    if (clash) return refusalOf(site, after, bed, clash, changes);
  }
  return change(...changes);
}

/** The beds in which something changed that takes ground, or that changed themselves. */
function bedsTouched(changes: readonly Change[]): Set<string> {
  const touched = new Set<string>();
  for (const { kind, after } of changes) {
    if (after === null) continue;
    if (kind === "bed") touched.add(after.id);
    else if (kind === "planting" || kind === "rest")
      touched.add((after as { bedId: string }).bedId);
  }
  return touched;
}

function newClash(site: Site, garden: Garden, after: Garden, bed: Bed): Clash | undefined {
  const clashes = clashesIn(site, after, bed);
  if (clashes.length === 0) return undefined;
  const before = garden.beds.get(bed.id);
  const siteBefore = siteFor(garden);
  const key = ({ earlier, later }: Clash) => [earlier.id, later.id].sort().join(" ");
  const known = new Set(before && siteBefore ? clashesIn(siteBefore, garden, before).map(key) : []);
  return clashes.find((clash) => !known.has(key(clash)));
}

function refusalOf(
  site: Site,
  after: Garden,
  bed: Bed,
  { earlier, later, at }: Clash,
  changes: readonly Change[],
): Run {
  const isChanged = (one: Occupant) => changes.some(({ id }) => id === one.id);
  const mover = isChanged(later) || !isChanged(earlier) ? later : earlier;
  const other = mover === later ? earlier : later;
  const ways =
    mover.kind === "planting"
      ? [elsewhere(site, after, bed, mover, changes), otherTime(after, earlier, later, changes)]
      : [];
  const ground = groundWords(bed, earlier, later, at);
  const time =
    other.untilDay === Infinity ? "" : fact("commands.until", { untilDay: other.untilDay });
  return refuse(
    fact("commands.isInFromInTheSameSpaceChoose", {
      other: other.name,
      bed: bed.name,
      fromDay: other.fromDay,
      time,
      ground,
    }),
    "planting.fromM",
    ways.filter((way) => way !== null),
  );
}

/** Where two meet: along the bed, across it where one leaves room there, or the square they both want. */
function groundWords(bed: Bed, earlier: Occupant, later: Occupant, at: Clash["at"]): Fact {
  const [one, other] = [earlier.across, later.across];
  if (one.kind === "cells" && other.kind === "cells" && one.cellM === other.cellM) {
    const square = (m: number) => Math.round(m / one.cellM) + 1;
    return fact("commands.square", { along: square(at.fromM), across: square(at.leftM) });
  }
  const { fromM, toM, leftM, rightM } = at;
  return isWholeWidth(at, bed)
    ? fact("commands.to", { fromM, toM })
    : fact("commands.toAndAcross", { fromM, toM, leftM, rightM });
}

/** The changed plantings with some of them otherwise, as one command. */
function wayOut(words: Fact, changes: readonly Change[], instead: readonly Planting[]): WayOut {
  const plantings = new Map<string, Planting>();
  for (const one of changes) {
    if (one.kind === "planting" && one.after) plantings.set(one.id, one.after);
  }
  for (const planting of instead) plantings.set(planting.id, planting);
  return {
    words,
    command: { name: "planting.setMany", input: { plantings: [...plantings.values()] } },
  };
}

/** Somewhere else: in the same bed, shorter in the same bed, or in another bed under the same covers. */
function elsewhere(
  site: Site,
  after: Garden,
  bed: Bed,
  mover: Occupant,
  changes: readonly Change[],
): WayOut | null {
  const planting = after.plantings.get(mover.id);
  if (!planting) return null;
  const others = occupantsOf(site, after, bed).filter(({ id }) => id !== mover.id);
  const free = freeStretches(others, bed, mover.fromDay, mover.untilDay);
  const longest = [...free].sort((a, b) => b.toM - b.fromM - (a.toM - a.fromM))[0];
  const sameBedM = placeFor(others, bed, planting, mover.fromDay, mover.untilDay);
  if (sameBedM !== null) {
    return wayOut(fact("commands.putItAt", { sameBedM }), changes, [
      { ...planting, fromM: exactM(sameBedM) },
    ]);
  }
  const beside = stripBeside(others, bed, planting, mover.fromDay, mover.untilDay);
  if (beside?.kind === "strip") {
    return wayOut(fact("commands.putItBeside", { leftM: beside.fromM }), changes, [
      { ...planting, across: beside },
    ]);
  }
  for (const neighbour of othersLikeFirst(after, bed)) {
    // Under other covers it grows otherwise, so it is timed anew there.
    const moved = { ...planting, bedId: neighbour.id };
    const life = plantingState(after, site, moved);
    if (!life) continue;
    const { fromDay, untilDay } = bedDays(life.timeline);
    if (acrossProblem(moved, neighbour.widthM) !== null) continue;
    const there = occupantsOf(site, after, neighbour);
    const fromM = placeFor(there, neighbour, planting, fromDay, untilDay);
    if (fromM === null) continue;
    return wayOut(fact("commands.putItIn", { neighbour: neighbour.name }), changes, [
      { ...moved, fromM: exactM(fromM) },
    ]);
  }
  if (!longest || longest.toM - longest.fromM < LEAST_LENGTH_M) return null;
  if (planting.across.kind === "cells") return null;
  const lengthM = exactM(longest.toM - longest.fromM);
  return wayOut(fact("commands.onlyOfIt", { lengthM }), changes, [
    { ...planting, fromM: exactM(longest.fromM), lengthM },
  ]);
}

/** The other beds, those under the same covers first. */
function othersLikeFirst(garden: Garden, bed: Bed): Bed[] {
  const isLike = (one: Bed) =>
    one.shelterId === bed.shelterId && one.covers.join() === bed.covers.join() ? 0 : 1;
  return bedsInOrder(garden)
    .filter(({ id }) => id !== bed.id)
    .sort((a, b) => isLike(a) - isLike(b));
}

/** The first comer is pulled when the second comes. */
function otherTime(
  after: Garden,
  earlier: Occupant,
  later: Occupant,
  changes: readonly Change[],
): WayOut | null {
  const planting = after.plantings.get(earlier.id);
  if (!planting || later.fromDay <= earlier.fromDay) return null;
  return wayOut(
    fact("commands.pullOn", { shortName: shortName(earlier), fromDay: later.fromDay }),
    changes,
    [{ ...planting, clearOn: isoDate(later.fromDay) }],
  );
}

function shortName({ name }: Occupant): string {
  return (name.split(",")[0] ?? name).toLowerCase();
}
