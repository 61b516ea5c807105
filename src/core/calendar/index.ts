export { IsoDateSchema, MonthDaySchema } from "./schema";
export {
  addDays,
  civilDate,
  dayNumber,
  dayNumberOf,
  dayOfWeek,
  dayOfYear,
  isIsoDate,
  isoDate,
  monthDayIn,
  type DayNumber,
  type IsoDate,
  type MonthDay,
} from "./isoDate";
export { seasonOf, type Season } from "./season";
export { DAYS_OF_YEAR, DAYS_PER_WEEK, DAYS_PER_YEAR, MS_PER_DAY } from "./units";
