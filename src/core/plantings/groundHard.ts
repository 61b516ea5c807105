import { dayOfYear, type DayNumber } from "../calendar";
import type { Site } from "../growth";
import { soilMeansC } from "../shelter";
import type { PlantingState } from "./plantingState";

/** Soil so cold on a usual day is hard on most mornings, °C (estimate). */
const HARD_AT_SOIL_C = 2;
const SPRING_AFTER_DAYS = 75;

/** The day from which ground is usually too hard to lift roots, in the winter after a day; null where it stays open. */
export function groundHardDay(
  site: Site,
  { growing, timeline }: PlantingState,
  readyDay: DayNumber,
): DayNumber | null {
  if (growing.crop.harvestedPart !== "root") return null;
  const soilC = soilMeansC(site.space(growing, timeline.sowDay));
  const { midwinterDay } = site.season(readyDay);
  for (let day = readyDay; day < midwinterDay + SPRING_AFTER_DAYS; day += 1) {
    if ((soilC[dayOfYear(day) - 1] ?? 0) < HARD_AT_SOIL_C) return day;
  }
  return null;
}
