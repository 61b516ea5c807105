import type { CalendarFacts } from "@/core/facts";
import type { Sentences } from "../../sentences";

export const calendar: Sentences<CalendarFacts> = {
  "calendar.writeTheDateAsYearMonthDayFor":
    "Write the date as year-month-day, for example 2026-09-24.",
  "calendar.thisDateDoesNotExistOrLiesOutside":
    "This date does not exist, or lies outside 1800 to 2200.",
  "calendar.writeTheDayAsMonthDayForExample10": "Write the day as month-day, for example 10-05.",
  "calendar.thisDayOfTheYearDoesNotExist": "This day of the year does not exist.",
};
