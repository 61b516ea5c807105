import type { CalendarFacts } from "@/core/facts";
import { learn } from "../../sentences";

export const calendar = learn<CalendarFacts>({
  "calendar.writeTheDateAsYearMonthDayFor":
    "Write the date as year-month-day, for example 2026-09-24.",
  "calendar.thisDateDoesNotExistOrLiesOutside":
    "This date does not exist, or lies outside 1800 to 2200.",
  "calendar.writeTheDayAsMonthDayForExample10": "Write the day as month-day, for example 10-05.",
  "calendar.thisDayOfTheYearDoesNotExist": "This day of the year does not exist.",
});
