import hardeningJson from "@data/hardening.json";
import { dayNumber, type DayNumber } from "../calendar";
import type { OutlookDay } from "../climate";
import type { Crop } from "../crops";
import { fact, type Fact } from "../facts";

/** A day of growing exposure. */
export interface HardeningDay {
  day: DayNumber;
  /** Hours outdoors; 24 when they stay out overnight. */
  hours: number;
  /** What holds it up, when the day is not one for going out; null otherwise. */
  heldUpBy: Fact | null;
}

/** The days of hardening off and the day to plant out. */
export interface HardeningPlan {
  days: HardeningDay[];
  /** The first day of the plan. */
  beginDay: DayNumber;
  plantOutDay: DayNumber;
  /** Why it is that day, and what to mind. */
  words: Fact;
  /** Days that the outlook has made them stay in, and planting out wait. */
  movedDays: number;
}

const STEPS_HOURS = hardeningJson.hoursOutdoors;
const LIMITS = hardeningJson.limits;
/** The outlook may put planting out off by at most so many days: longer waiting roots them in. */
const MOST_MOVED_DAYS = 7;

/**
 * Plans hardening off so that it ends on the day planned for planting out. Days on which the outlook
 * is too cold, too windy or too hot for soft seedlings are skipped, and the rest moves on; of the
 * days after the last step the coolest and cloudiest within reach is suggested.
 *
 * @param plannedDay the day the plan has for planting out
 * @param outlook    expected days; those beyond it are taken as they usually are
 * @param today      nothing is suggested before it, however late the seedlings are
 */
export function hardeningPlan(
  crop: Pick<Crop, "hardiness">,
  plannedDay: DayNumber,
  outlook: readonly OutlookDay[],
  today: DayNumber = plannedDay,
): HardeningPlan {
  const expected = new Map(outlook.map((day) => [dayNumber(day.date), day]));
  const beginDay = plannedDay - STEPS_HOURS.length;
  const days: HardeningDay[] = [];
  let [step, held] = [0, 0];
  for (let day = beginDay; step < STEPS_HOURS.length; day += 1) {
    const hours = STEPS_HOURS[step] ?? 0;
    const heldUpBy = held < MOST_MOVED_DAYS ? hindrance(crop, expected.get(day), hours) : null;
    days.push({ day, hours: heldUpBy === null ? hours : 0, heldUpBy });
    if (heldUpBy === null) step += 1;
    else held += 1;
  }
  const earliest = Math.max(today, (days.at(-1)?.day ?? plannedDay - 1) + 1);
  const { day: plantOutDay, words } = bestPlantingDay(crop, earliest, expected);
  return { days, beginDay, plantOutDay, words, movedDays: held };
}

/** What keeps seedlings in on a day, in a few words; null when nothing does. */
function hindrance(
  crop: Pick<Crop, "hardiness">,
  expected: OutlookDay | undefined,
  hours: number,
): Fact | null {
  if (!expected) return null;
  const coldC =
    hours >= 24
      ? Math.max(LIMITS.nightC, crop.hardiness.unhardenedLt50C + LIMITS.aboveLethalC)
      : LIMITS.dayC;
  const coldestOutC = hours >= 24 ? expected.minTempC : expected.maxTempC;
  if (coldestOutC < coldC) return hours >= 24 ? fact("trays.aColdNight") : fact("trays.aColdDay");
  if ((expected.windMps ?? 0) > LIMITS.windMps) return fact("trays.wind");
  if (expected.maxTempC > LIMITS.hotC) return fact("trays.heat");
  return null;
}

/** Days looked at for a cool, cloudy one. */
const DAYS_CHOSEN_FROM = 3;

function bestPlantingDay(
  crop: Pick<Crop, "hardiness">,
  earliest: DayNumber,
  expected: ReadonlyMap<DayNumber, OutlookDay>,
): { day: DayNumber; words: Fact } {
  const known = Array.from({ length: DAYS_CHOSEN_FROM }, (_, index) => earliest + index).flatMap(
    (day) => {
      const outlook = expected.get(day);
      return outlook && hindrance(crop, outlook, 24) === null ? [{ day, outlook }] : [];
    },
  );
  const best = known.sort((a, b) => glare(a.outlook) - glare(b.outlook) || a.day - b.day)[0];
  if (!best) return { day: earliest, words: fact("trays.plantOutInTheEveningOrWhenItIs") };
  const cloudy = (best.outlook.cloudShare ?? 0.5) >= CLOUDY_SHARE;
  const rain = (best.outlook.precipitationMm ?? 0) >= 1;
  const sky = rain
    ? fact("trays.rainIsExpected")
    : cloudy
      ? fact("trays.cloudsAreExpected")
      : fact("trays.sunIsExpected");
  const hour =
    rain || cloudy ? fact("trays.plantOutAtAnyHour") : fact("trays.plantOutInTheEveningAndShade");
  return { day: best.day, words: fact("trays.skyAndHour", { sky, hour }) };
}

const CLOUDY_SHARE = 0.6;

/** How hard a day is on a fresh transplant: heat and sun together. */
function glare(day: OutlookDay): number {
  return day.maxTempC * (1.3 - (day.cloudShare ?? 0.5));
}
