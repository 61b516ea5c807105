import type { LocalWording } from "@/ui/wording";
import type { KeptOutlook } from "@/core/garden";
import { dayNumber, type DayNumber } from "@/core/calendar";
import { chanceAtOrBelow, type OutlookDay } from "@/core/climate";
import { place as say } from "@/words/en/place";

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
  if (inTen === 0) return say.frostUnlikely;
  return inTen >= 10 ? say.frost2 : say.frostInTen({ inTen });
}

/** Rain, sky and wind of an expected day in a few words. */
export function skyWords(day: OutlookDay, wording: LocalWording): string {
  const parts: string[] = [];
  const { cloudShare, precipitationMm, windMps } = day;
  if (precipitationMm !== null && precipitationMm >= 0.3) {
    const amount = wording.rainMm(precipitationMm);
    parts.push(say.mm({ isMaxTempC: day.maxTempC < SNOW_BELOW_C, amount }));
  } else if (cloudShare !== null) {
    parts.push(
      cloudShare < CLEAR_BELOW ? say.clear : cloudShare > CLOUDY_ABOVE ? say.cloudy : say.someCloud,
    );
  } else if (precipitationMm !== null) parts.push(say.dry);
  if (windMps !== null && windMps >= WINDY_FROM_MPS) parts.push(say.windy);
  return parts.join(", ");
}

/** How old an outlook is, by its own date and by when it came in. */
export function freshnessWords(kept: KeptOutlook, today: DayNumber, nowMs: number): string {
  const age = today - dayNumber(kept.outlook.issuedOn);
  const made =
    age <= 0 ? say.issuedToday : age === 1 ? say.issuedYesterday : say.issuedDaysAgo({ age });
  const minutes = Math.max(0, Math.round((nowMs - Date.parse(kept.receivedAt)) / 60_000));
  const came =
    minutes < 1
      ? say.justNow
      : minutes < MINUTES_PER_HOUR
        ? say.minuteAgo({ minutes })
        : minutes < MINUTES_PER_DAY
          ? say.hoursAgo({ minutes: Math.round(minutes / MINUTES_PER_HOUR) })
          : say.daysAgo({ minutes: Math.round(minutes / MINUTES_PER_DAY) });
  return say.received({ made, came });
}
