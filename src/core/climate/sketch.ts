import * as z from "zod";
import { MonthDaySchema } from "../calendar";

const NormalC = z
  .number({ error: "Give a temperature in degrees." })
  .min(-60, "Colder than −60 °C is outside what people garden in.")
  .max(50, "Warmer than 50 °C is outside what people garden in.");

const MonthNormalsSchema = z
  .object({
    /** Mean of the month's daily minima. */
    lowC: NormalC,
    /** Mean of the month's daily maxima. */
    highC: NormalC,
  })
  .refine((month) => month.lowC <= month.highC, {
    path: ["lowC"],
    message: "The average low is above the average high: are they swapped?",
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
      .number({ error: "Give a number of days, or leave it empty." })
      .int("Give whole days.")
      .min(0, "A year has at least 0 wet days.")
      .max(350, "At most 350 wet days fit in a year.")
      .nullable(),
  })
  .refine((sketch) => sketch.warmestMonth.lowC >= sketch.coldestMonth.lowC, {
    path: ["warmestMonth", "lowC"],
    message:
      "The warmest month's low is below the coldest month's low: are the two months swapped?",
  })
  .refine((sketch) => sketch.warmestMonth.highC >= sketch.coldestMonth.highC, {
    path: ["warmestMonth", "highC"],
    message:
      "The warmest month's high is below the coldest month's high: are the two months swapped?",
  });

export type ClimateSketch = z.infer<typeof ClimateSketchSchema>;
