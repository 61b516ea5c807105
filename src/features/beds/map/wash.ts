import { dayNumber, isIsoDate, isoDate, type DayNumber } from "@/core/calendar";
import { familyLately, gapsIn, occupantsOf } from "@/core/bedSpace";
import { cropsOf, horizonOver, type Bed, type Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import { patchesOf, WHOLE_WIDTH, type Patch } from "@/core/layout";
import { groundSun } from "@/core/schedule";

/** What the ground of the beds is coloured by: direct sun, where it is free, where a family has not been. */
export type Wash =
  { by: "sun" } | { by: "free"; from: string; to: string } | { by: "family"; family: string };

/** A part of a bed as it is washed: by how much, 0 to 1, or crossed out. */
export interface Washed {
  patch: Patch;
  share: number;
  isOut: boolean;
}

const FULL_SUN_H = 14;
const LEAST_FREE_M = 0.1;
/** How long free ground is looked for at first, days. */
const USUAL_DAYS = 60;

/** Free ground from a day on, for about as long as a crop takes. */
export function usualFree(day: DayNumber): Wash {
  return { by: "free", from: isoDate(day), to: isoDate(day + USUAL_DAYS) };
}

/** How a bed's ground is washed. */
export function washed(
  site: Site | null,
  garden: Garden,
  bed: Bed,
  day: DayNumber,
  wash: Wash,
): Washed[] {
  const all = { fromM: 0, lengthM: bed.lengthM, across: WHOLE_WIDTH };
  const whole = (share: number, isOut = false) =>
    patchesOf(all, bed.widthM).map((patch) => ({ patch, share, isOut }));
  switch (wash.by) {
    case "sun": {
      if (!site) return [];
      const { directSunH } = groundSun(site, horizonOver(garden, bed), day);
      return whole(Math.min(1, directSunH / FULL_SUN_H));
    }
    case "free":
      return site ? freeGround(site, garden, bed, wash).map(asWashed) : [];
    case "family": {
      const lately = familyLately(garden, bed, wash.family, day, garden.settings.rotationYears);
      return whole(1, lately !== null);
    }
  }
}

function asWashed(patch: Patch): Washed {
  return { patch, share: 1, isOut: false };
}

/** The ground of a bed that is free all the time between two days. */
export function freeGround(
  site: Site,
  garden: Garden,
  bed: Bed,
  { from, to }: { from: string; to: string },
): Patch[] {
  if (!isIsoDate(from) || !isIsoDate(to) || to <= from) return [];
  const [fromDay, toDay] = [dayNumber(from), dayNumber(to)];
  const occupants = occupantsOf(site, garden, bed);
  return gapsIn(occupants, bed, fromDay, toDay, LEAST_FREE_M, toDay - fromDay);
}

/** The families of the crops that there are, each with a few of its crops. */
export function familiesWithCrops(garden: Garden): { family: string; crops: string[] }[] {
  const families = new Map<string, string[]>();
  for (const { family, name } of cropsOf(garden).values()) {
    families.set(family, [...(families.get(family) ?? []), name]);
  }
  return [...families]
    .map(([family, crops]) => ({ family, crops }))
    .sort((a, b) => b.crops.length - a.crops.length || (a.family < b.family ? -1 : 1));
}
