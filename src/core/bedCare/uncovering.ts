import type { DayNumber } from "../calendar";
import type { Bed, Garden } from "../garden";
import { materials } from "../shelter";
import { exposureOver, plantsIn, type StandingPlants } from "../plantings";
import { sumBetween, type Exposure, type Site } from "../growth";
import { plantHardiness } from "../schedule";

/** When covers come off for good in spring. */
export interface Uncovering {
  day: DayNumber;
  /** The covers that come off, in words: "row cover and low tunnel". */
  coverNames: string;
  isPlural: boolean;
}

/** Growth is compared over so many days. */
const WEEK_DAYS = 7;
/** The cover is off when the week without it is worth so much of the week with it. */
const AS_GOOD = 0.97;
const DAYS_LOOKED_AT = 200;
/** Cold is looked at so far ahead: until summer. */
const SPRING_DAYS = 90;

/**
 * The first day after midwinter from which what stands in a bed grows as well without its removable
 * covers, and from which killing nights are rarer than the risk taken. Null where nothing is worn, or
 * nothing stands there then.
 */
export function uncovering(
  site: Site,
  garden: Garden,
  bed: Bed,
  day: DayNumber,
): Uncovering | null {
  const exposure = exposureOver(garden, bed);
  const removable = exposure.covers.flatMap((id) => {
    const material = materials.get(id);
    return material?.removable ? [material] : [];
  });
  if (removable.length === 0) return null;
  const season = site.season(day);
  const bare: Exposure = {
    ...exposure,
    covers: exposure.covers.filter((id) => !materials.get(id)?.removable),
    own: exposure.covers.length > removable.length ? exposure.own : null,
  };
  const standing = plantsIn(site, garden, bed, Math.max(day, season.midwinterDay));
  if (standing.length === 0) return null;
  const from = Math.max(day, season.midwinterDay);
  for (let at = from; at < from + DAYS_LOOKED_AT; at += 1) {
    if (standing.every((plants) => goesWithout(site, garden, plants, exposure, bare, at))) {
      return {
        day: at,
        coverNames: removable.map(({ shortName }) => shortName).join(" and "),
        isPlural: removable.length > 1,
      };
    }
  }
  return null;
}

function goesWithout(
  site: Site,
  garden: Garden,
  { growing }: StandingPlants,
  covered: Exposure,
  bare: Exposure,
  day: DayNumber,
): boolean {
  const worth = (exposure: Exposure) =>
    sumBetween(site.growth(growing.crop, exposure, day), day, day + WEEK_DAYS);
  if (worth(bare) < AS_GOOD * worth(covered)) return false;
  const cold = site.cold(plantHardiness(growing), bare, day);
  return sumBetween(cold, day, day + SPRING_DAYS) <= -Math.log(1 - garden.settings.frostRisk);
}
