import { FROST_THRESHOLDS_C, firstFrostDay, lastFrostDay } from "../climate";
import { DAYS_PER_WEEK, type DayNumber } from "../calendar";
import { usualSowing, WINDOW_WEEKS_FOR_EACH_COVER, type FrostWeeks, type HowGrown } from "../crops";
import { derive } from "../derive";
import type { Site } from "../growth";
import type { Growing } from "./growing";

/** The average frost is the one that half of the years have had. */
const HALF = 0.5;
const ORDER: Record<HowGrown, number> = { widely: 0, often: 1, seldom: 2 };
/** What is not sown at that time comes after everything that is. */
const OUT_OF_SEASON = 3;

/**
 * Whether growers sow it about that day at a place: in weeks from its average frosts, longer by the
 * covers over it.
 *
 * @returns true where nothing is known against it, as at a place without frost
 */
export function isSownThen(
  site: Site,
  { crop, covers }: Pick<Growing, "crop" | "covers">,
  sowDay: DayNumber,
): boolean {
  const { windows } = usualSowing(crop.id);
  const frosts = derive([site, site.season(sowDay).startDay], frostsAround);
  if (windows.length === 0 || frosts.firstFrost.length === 0) return true;
  const longerDays = covers.length * WINDOW_WEEKS_FOR_EACH_COVER * DAYS_PER_WEEK;
  return windows.some(({ from, to }) => {
    const ends = daysOf(to, frosts);
    return daysOf(from, frosts).some((fromDay) => {
      const toDay = ends.find((day) => day >= fromDay);
      return toDay !== undefined && sowDay >= fromDay - longerDays && sowDay <= toDay + longerDays;
    });
  });
}

/** What growers usually sow at that time comes first, and of that what most of them grow. */
export function usualRank(
  site: Site,
  growing: Pick<Growing, "crop" | "covers">,
  sowDay: DayNumber,
): number {
  const { grown } = usualSowing(growing.crop.id);
  return ORDER[grown] + (isSownThen(site, growing, sowDay) ? 0 : OUT_OF_SEASON);
}

type Frosts = Record<FrostWeeks["after"], readonly DayNumber[]>;

function daysOf({ after, weeks }: FrostWeeks, frosts: Frosts): DayNumber[] {
  return frosts[after].map((day) => day + weeks * DAYS_PER_WEEK);
}

/** The average frosts of a season, the one before and the one after; none where there is seldom any. */
function frostsAround(site: Site, startDay: DayNumber): Frosts {
  // A season's days, not its object: the site keeps only the last that was asked for.
  const { endDay } = site.season(startDay);
  const seasons = [startDay - 1, startDay, endDay + 1].map((day) => site.season(day));
  const { climate } = site;
  const threshold = FROST_THRESHOLDS_C.light;
  return {
    firstFrost: seasons.flatMap((one) => firstFrostDay(climate, one, threshold, HALF) ?? []),
    lastFrost: seasons.flatMap((one) => lastFrostDay(climate, one, threshold, HALF) ?? []),
  };
}
