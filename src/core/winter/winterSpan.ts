import winterJson from "@data/winter.json";
import { seasonOf, type DayNumber } from "../calendar";
import type { Climate } from "../climate";
import { usualDeepC, usualGroundOf, type GroundStart } from "../shelter";

/** The stretch of days of a rehearsal, and what of the place is the same in every winter. */
export interface WinterSpan {
  /** The first day on which something may be done, grown or lost. */
  fromDay: DayNumber;
  /** The first day that is looked at no more. */
  untilDay: DayNumber;
  /** The weather begins here, so that the soil has come to what the covers make of it. */
  firstDay: DayNumber;
  days: number;
  /** A winter's weather is made from here on, whatever day is begun with: winter 17 stays winter 17. */
  madeFromDay: DayNumber;
  /** The first day of its season. */
  seasonDay: DayNumber;
  /** The soil of the first day, and below what is reckoned on every day, °C. */
  ground: GroundStart;
  deepC: Float64Array;
}

const { daysBefore: DAYS_BEFORE, daysAfterSeason: DAYS_AFTER_SEASON } = winterJson.span;

/**
 * The stretch from a day until some weeks past the end of its season, when what was sown for the winter has
 * been eaten.
 */
export function winterSpan(climate: Climate, fromDay: DayNumber): WinterSpan {
  const season = seasonOf(climate.latitudeDeg, fromDay);
  const firstDay = fromDay - DAYS_BEFORE;
  const untilDay = season.endDay + 1 + DAYS_AFTER_SEASON;
  const days = untilDay - firstDay;
  return {
    fromDay,
    untilDay,
    firstDay,
    days,
    madeFromDay: season.startDay - DAYS_BEFORE,
    seasonDay: season.startDay,
    ground: usualGroundOf(climate, firstDay),
    deepC: Float64Array.from({ length: days }, (_, index) => usualDeepC(climate, firstDay + index)),
  };
}
