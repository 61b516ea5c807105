import { dayNumber, type DayNumber } from "../calendar";
import { coverCropLibrary, mulches, type Rest } from "../soil";
import type { Bed, Garden, Planting } from "../garden";
import { patchesMeet, patchesOf, WHOLE_WIDTH, type Across, type Patch } from "../layout";
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
  across: Across;
  /** The ground that it takes. */
  patches: readonly Patch[];
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
    const occupant = occupantOf(site, garden, bed, planting);
    if (occupant) occupants.push(occupant);
  }
  for (const rest of garden.rests.values()) {
    if (rest.bedId === bed.id) occupants.push(restingIn(bed, rest));
  }
  // Of two that come together the same one is first in whatever order they are listed.
  return occupants.sort(
    (a, b) => a.fromDay - b.fromDay || a.fromM - b.fromM || (a.id < b.id ? -1 : 1),
  );
}

function occupantOf(site: Site, garden: Garden, bed: Bed, planting: Planting): Occupant | null {
  const life = plantingState(garden, site, planting);
  const { id, fromM, lengthM, across, interplanted } = planting;
  return (
    life && {
      kind: "planting",
      id,
      name: plantingName(garden, planting),
      fromM,
      toM: fromM + lengthM,
      across,
      patches: patchesOf(planting, bed.widthM),
      ...bedDays(life.timeline),
      interplanted,
    }
  );
}

function restingIn(bed: Bed, rest: Rest): Occupant {
  return {
    kind: "rest",
    id: rest.id,
    name: restName(rest),
    fromM: rest.fromM,
    toM: rest.fromM + rest.lengthM,
    across: WHOLE_WIDTH,
    patches: patchesOf({ ...rest, across: WHOLE_WIDTH }, bed.widthM),
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
  /** The first patch of ground that both want. */
  at: Patch;
}

/** Ground that two would both stand on; one of a pair may stand between the other's plants. */
function sharedGround(a: Occupant, b: Occupant): Patch | null {
  if (a.interplanted !== b.interplanted) return null;
  if (a.fromDay >= b.untilDay || b.fromDay >= a.untilDay) return null;
  for (const one of a.patches) {
    const other = b.patches.find((patch) => patchesMeet(one, patch));
    if (!other) continue;
    return {
      fromM: Math.max(one.fromM, other.fromM),
      toM: Math.min(one.toM, other.toM),
      leftM: Math.max(one.leftM, other.leftM),
      rightM: Math.min(one.rightM, other.rightM),
    };
  }
  return null;
}

/** Every pair of occupants of a bed that stand on the same ground. */
export function clashesIn(site: Site, garden: Garden, bed: Bed): Clash[] {
  const occupants = occupantsOf(site, garden, bed);
  return occupants.flatMap((earlier, index) =>
    occupants.slice(index + 1).flatMap((later) => {
      const at = sharedGround(earlier, later);
      return at ? [{ bedId: bed.id, earlier, later, at }] : [];
    }),
  );
}

/** Which part of a bed is taken, and when: what of an occupant the ground feels. */
export type Place = Pick<Occupant, "patches" | "fromDay" | "untilDay" | "interplanted">;

/** Who else stands in a bed while a planting would: those that it must keep clear of first. */
export function neighboursOf(site: Site, garden: Garden, bed: Bed, planting: Planting): Occupant[] {
  const life = plantingState(garden, site, planting);
  if (!life) return [];
  const { fromDay, untilDay } = bedDays(life.timeline);
  return occupantsOf(site, garden, bed).filter(
    (one) =>
      one.id !== planting.id &&
      one.interplanted === planting.interplanted &&
      one.fromDay < untilDay &&
      one.untilDay > fromDay,
  );
}
