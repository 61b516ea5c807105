import type { DayNumber } from "../calendar";
import { coversOver, cropsOf, horizonOver, type Bed, type Garden } from "../garden";
import { isSpent, seedsIn } from "../seedlings";
import type { Wording } from "../wording";
import { sunShortfall, type SunShortfall } from "./bedSun";
import { roomIn } from "./room";
import { tooSoonFor, type TooSoon } from "./rotation";
import type { Site } from "./site";
import { sowableToday, type SowNow } from "./sowToday";

/** A crop that would do in a bed from a day on, with what stands for and against it. */
export interface Fit {
  sowing: SowNow;
  /** The longest part of the bed that nobody else uses while it stands there. */
  fromM: number;
  freeM: number;
  /** Chance that cold leaves it alone until it is ready. */
  odds: number;
  tooSoon: TooSoon | null;
  shortfall: SunShortfall | null;
  /** Seeds of any variety of it in the box that are still good. */
  seedsInBox: number;
}

/** Less room than this is none. */
const LEAST_FREE_M = 0.2;

/**
 * What can be sown for a bed on a day: crops that get ready there or stand the winter, and for which
 * there is room as long as they stand; those that the rotation allows and that get sun first, then
 * the soonest ready.
 */
export function whatFits(
  site: Site,
  garden: Garden,
  bed: Bed,
  day: DayNumber,
  wording: Wording,
): Fit[] {
  const { settings } = garden;
  const spot = {
    bedId: bed.id,
    bedName: bed.name,
    covers: coversOver(garden, bed),
    horizon: horizonOver(garden, bed),
  };
  const { now } = sowableToday(site, settings, day, [spot], cropsOf(garden).values(), wording);
  return now
    .map((sowing): Fit => {
      const { growing, timeline } = sowing;
      const fromDay = timeline.plantOutDay ?? timeline.sowDay;
      const toDay = timeline.holdsUntilDay ?? fromDay;
      const { fromM, freeM } = roomIn(site, garden, bed, fromDay, toDay);
      return {
        sowing,
        fromM,
        freeM,
        odds: 1 - (timeline.lossBeforeReady ?? 1),
        tooSoon: tooSoonFor(
          garden,
          bed,
          growing.crop,
          fromDay,
          settings.rotationYears,
          growing.stage,
        ),
        shortfall: sunShortfall(site, growing, timeline),
        seedsInBox: seedsOf(garden, sowing, day),
      };
    })
    .filter(({ freeM }) => freeM >= LEAST_FREE_M)
    .sort((a, b) => against(a) - against(b));
}

/** How much stands against a crop; the order of those alike is kept. */
function against({ tooSoon, shortfall, sowing }: Fit): number {
  return (tooSoon ? 4 : 0) + (shortfall ? 2 : 0) + (sowing.verdict.kind === "spring" ? 1 : 0);
}

function seedsOf(garden: Garden, { growing }: SowNow, day: DayNumber): number {
  return [...garden.seedLots.values()]
    .filter((lot) => lot.cropId === growing.crop.id && !isSpent(growing.crop, lot, day))
    .reduce((sum, lot) => sum + seedsIn(growing.crop, lot), 0);
}
