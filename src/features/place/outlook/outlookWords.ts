import type { KeptOutlook } from "@/core/garden";
import { dayNumber, type DayNumber } from "@/core/calendar";
import { chanceAtOrBelow, type OutlookDay } from "@/core/climate";

const CLEAR_BELOW = 0.3;
const CLOUDY_ABOVE = 0.7;
const WINDY_FROM_MPS = 6;
/** Days that hardly pass freezing bring snow; its water is what is told (estimate). */
const SNOW_BELOW_C = 1.5;
const MINUTES_PER_HOUR = 60;
const MINUTES_PER_DAY = 1440;

/** How likely a night is to freeze, as growers say it. */
export function frostOddsWords(day: OutlookDay): string {
  const inTen = Math.round(chanceAtOrBelow(day, 0) * 10);
  if (inTen === 0) return "frost unlikely";
  return inTen >= 10 ? "frost" : `frost ${inTen} in 10`;
}

/** Rain, sky and wind of an expected day in a few words. */
export function skyWords(day: OutlookDay): string {
  const parts: string[] = [];
  const { cloudShare, precipitationMm, windMps } = day;
  if (precipitationMm !== null && precipitationMm >= 0.3) {
    const amount = precipitationMm < 10 ? precipitationMm.toFixed(1) : Math.round(precipitationMm);
    parts.push(`${day.maxTempC < SNOW_BELOW_C ? "snow" : "rain"} ${amount} mm`);
  } else if (cloudShare !== null) {
    parts.push(
      cloudShare < CLEAR_BELOW ? "clear" : cloudShare > CLOUDY_ABOVE ? "cloudy" : "some cloud",
    );
  } else if (precipitationMm !== null) parts.push("dry");
  if (windMps !== null && windMps >= WINDY_FROM_MPS) parts.push("windy");
  return parts.join(", ");
}

/** How old an outlook is, by its own date and by when it came in. */
export function freshnessWords(kept: KeptOutlook, today: DayNumber, nowMs: number): string {
  const age = today - dayNumber(kept.outlook.issuedOn);
  const made = age <= 0 ? "made today" : age === 1 ? "made yesterday" : `made ${age} days ago`;
  const minutes = Math.max(0, Math.round((nowMs - Date.parse(kept.receivedAt)) / 60_000));
  const came =
    minutes < 1
      ? "just now"
      : minutes < MINUTES_PER_HOUR
        ? `${minutes} minute${minutes === 1 ? "" : "s"} ago`
        : minutes < MINUTES_PER_DAY
          ? `${Math.round(minutes / MINUTES_PER_HOUR)} hours ago`
          : `${Math.round(minutes / MINUTES_PER_DAY)} days ago`;
  return `${made}, came in ${came}`;
}
