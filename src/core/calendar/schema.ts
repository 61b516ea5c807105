import * as z from "zod";
import { ISO_DATE, MONTH_DAY, isIsoDate } from "./isoDate";

export const IsoDateSchema = z
  .string()
  .regex(ISO_DATE, "Write the date as year-month-day, for example 2026-09-24.")
  .refine(isIsoDate, "This date does not exist, or lies outside 1800 to 2200.");

export const MonthDaySchema = z
  .string()
  .regex(MONTH_DAY, "Write the day as month-day, for example 10-05.")
  .refine((text) => isIsoDate(`2024-${text}`), "This day of the year does not exist.");
