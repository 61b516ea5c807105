import * as z from "zod";
import { code } from "../facts";

const Hour = z
  .number({ error: code("shelter.giveAnHour") })
  .min(0, "From 0:00.")
  .max(24, "Until 24.");
/** Below this an opener lets frost in, °C. */
const OPENS_AT_LEAST_C = 1;

/** How the vents of a shelter are worked. */
export const VentSchema = z
  .discriminatedUnion("kind", [
    z.strictObject({ kind: z.literal("shut") }),
    /** An opener, or somebody who looks in: from one temperature on, wide open at the other. */
    z.strictObject({
      kind: z.literal("automatic"),
      opensAtC: z
        .number({ error: code("shelter.enterTheTemperatureAtWhichItStarts") })
        .min(OPENS_AT_LEAST_C, code("shelter.aVentThatOpensAtFreezingOrBelow"))
        .max(40, code("shelter.atMost40C")),
      wideAtC: z
        .number({ error: code("shelter.enterTheTemperatureAtWhichItIs") })
        .min(2, code("shelter.atLeast2C"))
        .max(50, code("shelter.atMost50C")),
    }),
    /** By hand or by a timer, between two hours of the day. */
    z.strictObject({
      kind: z.literal("manual"),
      fromHour: Hour,
      toHour: Hour,
      share: z
        .number()
        .gt(0, code("shelter.moreThanClosed"))
        .max(1, code("shelter.atMostWideOpen")),
    }),
  ])
  .superRefine((vent, context) => {
    if (vent.kind === "automatic" && vent.wideAtC <= vent.opensAtC) {
      context.addIssue({
        code: "custom",
        path: ["wideAtC"],
        message: code("shelter.fullyOpenMustBeAHigherTemperature"),
      });
    }
    if (vent.kind === "manual" && vent.toHour <= vent.fromHour) {
      context.addIssue({
        code: "custom",
        path: ["toHour"],
        message: code("shelter.itClosesLaterThanItOpensEnterA"),
      });
    }
  });
export type Vent = z.infer<typeof VentSchema>;
