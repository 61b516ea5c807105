import { dayNumber, type DayNumber } from "../calendar";
import type { OutlookDay } from "../climate";
import { lt50At } from "../crops";
import type { Garden } from "../garden";
import { exposureOver, plantsIn } from "../plantings";
import { feltHardening, type Site } from "../growth";
import { handlingOver, nightDegrees, nightOf, shelterDays } from "./shelterDays";
import { rangeOf, readingsOver, USUAL_SPREAD_C, type NightForPlanting } from "./tonight";

/** One night to come at a planting: how cold, how sure, and what it then stands. */
export interface NightAhead {
  /** The day before the night. */
  day: DayNumber;
  cropMinC: number;
  spreadC: number;
  lt50C: number;
  /** Whether an outlook tells it, or only what is usual. */
  isTold: boolean;
}

/** The nights to come at a planting as it is covered now, hardening or softening as they go. */
export function nightsAhead(
  site: Site,
  garden: Garden,
  outlook: readonly OutlookDay[],
  { bed, plants, covers }: Pick<NightForPlanting, "bed" | "plants" | "covers">,
  day: DayNumber,
  nights = 7,
): NightAhead[] {
  const exposure = { ...exposureOver(garden, bed), covers };
  const handling = handlingOver(garden, bed, plantsIn(site, garden, bed, day));
  const run = shelterDays(site, covers, outlook, day, handling, {
    daysShown: nights,
    stepsPerDay: 24,
  });
  const hardened = feltHardening(site, exposure, readingsOver(garden, bed), outlook, day, nights);
  const range = rangeOf(plants);
  return Array.from({ length: nights }, (_, index) => {
    const told = outlook.find(({ date }) => dayNumber(date) === day + index + 1);
    return {
      day: day + index,
      cropMinC: nightDegrees(site, exposure, nightOf(run, index)).cropMinC,
      spreadC: told?.spreadC ?? USUAL_SPREAD_C,
      lt50C: lt50At(range, hardened[index] ?? 0),
      isTold: told !== undefined,
    };
  });
}
