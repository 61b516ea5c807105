import * as z from "zod";
import { MonthDaySchema } from "../calendar";
import { code } from "../facts";

const NormalC = z
  .number({ error: code("climate.giveATemperatureInDegrees") })
  .min(-60, code("climate.colderThanMinus60CIsOutsideWhat"))
  .max(50, code("climate.warmerThan50CIsOutsideWhatPeople"));

const MonthNormalsSchema = z
  .object({
    /** Mean of the month's daily minima. */
    lowC: NormalC,
    /** Mean of the month's daily maxima. */
    highC: NormalC,
  })
  .refine((month) => month.lowC <= month.highC, {
    path: ["lowC"],
    message: code("climate.theAverageLowIsAboveTheAverageHigh"),
  });

const FrostSchema = z.discriminatedUnion("kind", [
  /** Half the autumns have had 0 °C by `medianFirst`; half the springs have none after `medianLast`. */
  z.object({ kind: z.literal("dates"), medianFirst: MonthDaySchema, medianLast: MonthDaySchema }),
  /** Most winters pass without frost (subtropics, mild coasts). */
  z.object({ kind: z.literal("rare") }),
  /** Frost can come in any month (uplands). */
  z.object({ kind: z.literal("everyMonth") }),
]);

/** A climate from the few numbers a grower knows by heart. */
export const ClimateSketchSchema = z
  .object({
    coldestMonth: MonthNormalsSchema,
    warmestMonth: MonthNormalsSchema,
    frost: FrostSchema,
    /** Days with rain or snow in a year; null when nobody has counted. */
    wetDaysPerYear: z
      .number({ error: code("climate.giveANumberOfDaysOrLeaveItEmpty") })
      .int(code("climate.giveWholeDays"))
      .min(0, code("climate.aYearHasAtLeast0WetDays"))
      .max(350, code("climate.atMost350WetDaysFitInAYear"))
      .nullable(),
    /** The coldest night of a usual year, °C; nothing where the grower does not know it. */
    coldestNightC: NormalC.optional(),
  })
  .refine((sketch) => (sketch.coldestNightC ?? -Infinity) <= sketch.coldestMonth.lowC, {
    path: ["coldestNightC"],
    message: code("climate.theColdestNightIsAboveTheColdestMonthsLow"),
  })
  .refine((sketch) => sketch.warmestMonth.lowC >= sketch.coldestMonth.lowC, {
    path: ["warmestMonth", "lowC"],
    message: code("climate.theWarmestMonthsLowIsBelowThe"),
  })
  .refine((sketch) => sketch.warmestMonth.highC >= sketch.coldestMonth.highC, {
    path: ["warmestMonth", "highC"],
    message: code("climate.theWarmestMonthsHighIsBelowThe"),
  });

export type ClimateSketch = z.infer<typeof ClimateSketchSchema>;
