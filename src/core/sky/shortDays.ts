import type { DayNumber, Season } from "../calendar";
import { dayLengthOnDay } from "./sun";

/** The stretch of a season in which days are shorter than a threshold (both ends included). */
export interface ShortDays {
  fromDay: DayNumber;
  toDay: DayNumber;
}

/**
 * First and last day of a season with a day length below a threshold. Growth nearly stops between.
 *
 * @param thresholdH hours, usually 10
 * @returns null where no day of the season is that short (near the equator)
 */
export function shortDays(latitudeDeg: number, season: Season, thresholdH = 10): ShortDays | null {
  let fromDay: DayNumber | null = null;
  let toDay: DayNumber | null = null;
  for (let day = season.startDay; day <= season.endDay; day += 1) {
    if (dayLengthOnDay(latitudeDeg, day) >= thresholdH) continue;
    fromDay ??= day;
    toDay = day;
  }
  return fromDay === null || toDay === null ? null : { fromDay, toDay };
}
