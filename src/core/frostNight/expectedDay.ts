import { dayNumber, type DayNumber } from "../calendar";
import type { OutlookDay } from "../climate";
import type { Site } from "../growth";
import { usualDay, type ShelterDay } from "../shelter";

/** A day as it is expected, or as it usually is where no outlook reaches. */
export function expectedDay(
  site: Site,
  outlook: readonly OutlookDay[],
  day: DayNumber,
): ShelterDay {
  const told = outlook.find(({ date }) => dayNumber(date) === day);
  const usual = usualDay(site.climate, day);
  if (!told) return usual;
  return {
    minTempC: told.minTempC,
    maxTempC: told.maxTempC,
    cloudShare: told.cloudShare ?? usual.cloudShare,
    windMps: told.windMps ?? usual.windMps,
  };
}
