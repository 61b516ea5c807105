import { isoDate, type DayNumber } from "@/core/calendar";
import { chanceAtOrBelow } from "@/core/climate";
import type { KeptOutlook } from "@/core/garden";
import type { LocalWording } from "@/ui/wording";
import { shell as say } from "@/words/en/shell";

/**
 * What the night to come is expected to be: "tonight 3 °C, frost 1 in 10". A day's low comes about
 * its sunrise, so tonight's is tomorrow's.
 *
 * @returns null when no outlook reaches so far
 */
export function tonightWords(
  kept: KeptOutlook | null,
  today: DayNumber,
  wording: LocalWording,
): string | null {
  const tomorrow = isoDate(today + 1);
  const night = kept?.outlook.days.find(({ date }) => date === tomorrow);
  if (!night) return null;
  const inTen = Math.round(chanceAtOrBelow(night, 0) * 10);
  const frost = inTen === 0 ? "" : inTen >= 10 ? say.frostWord : say.frostInTen({ inTen });
  return say.tonight2({ temperature: wording.temperature(night.minTempC), frost });
}
