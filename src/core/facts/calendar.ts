import type { Nothing } from "./told";

/** What the room of calendar has to say, and about what. */
export interface CalendarFacts {
  "calendar.writeTheDateAsYearMonthDayFor": Nothing;
  "calendar.thisDateDoesNotExistOrLiesOutside": Nothing;
  "calendar.writeTheDayAsMonthDayForExample10": Nothing;
  "calendar.thisDayOfTheYearDoesNotExist": Nothing;
}
