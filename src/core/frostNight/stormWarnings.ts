import { dayNumber, type DayNumber } from "../calendar";
import type { OutlookDay } from "../climate";

/** Weather to come that can break or bury shelters. */
export interface StormWarning {
  day: DayNumber;
  kind: "wind" | "snow";
  /** m/s of wind, or cm of fresh snow. */
  amount: number;
}

/** Daily mean wind from which edges are looked after, m/s: gusts are about twice that (estimate). */
const WIND_MPS = 8;
/** Water that falls as snow where the day's mean stays under this, °C (usual limit). */
const SNOW_BELOW_MEAN_C = 1;
/** A centimetre of fresh snow from a millimetre of water (usual ratio of ten to one). */
const CM_PER_MM = 1;
const SNOW_CM = 5;

/** Strong wind and heavy snow of the days looked ahead, by the outlook. */
export function stormWarnings(
  outlook: readonly OutlookDay[],
  day: DayNumber,
  daysAhead = 3,
): StormWarning[] {
  return outlook.flatMap((told): StormWarning[] => {
    const at = dayNumber(told.date);
    if (at < day || at > day + daysAhead) return [];
    const warnings: StormWarning[] = [];
    if (told.windMps !== null && told.windMps >= WIND_MPS) {
      warnings.push({ day: at, kind: "wind", amount: told.windMps });
    }
    const isCold = (told.minTempC + told.maxTempC) / 2 < SNOW_BELOW_MEAN_C;
    const snowCm = isCold ? (told.precipitationMm ?? 0) * CM_PER_MM : 0;
    if (snowCm >= SNOW_CM) warnings.push({ day: at, kind: "snow", amount: snowCm });
    return warnings;
  });
}
