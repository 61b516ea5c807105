import * as z from "zod";
import { ISO_DATE, MONTH_DAY, isIsoDate } from "./isoDate";
import { code } from "../facts";

export const IsoDateSchema = z
  .string()
  .regex(ISO_DATE, code("calendar.writeTheDateAsYearMonthDayFor"))
  .refine(isIsoDate, code("calendar.thisDateDoesNotExistOrLiesOutside"));

export const MonthDaySchema = z
  .string()
  .regex(MONTH_DAY, code("calendar.writeTheDayAsMonthDayForExample10"))
  .refine((text) => isIsoDate(`2024-${text}`), code("calendar.thisDayOfTheYearDoesNotExist"));
