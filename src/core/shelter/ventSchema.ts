import * as z from "zod";

const Hour = z.number({ error: "Give an hour." }).min(0, "From 0:00.").max(24, "Until 24.");
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
        .number({ error: "Enter the temperature at which it starts to open." })
        .min(
          OPENS_AT_LEAST_C,
          "A vent that opens at freezing or below lets the frost in: give at least 1 °C (34 °F).",
        )
        .max(40, "At most 40 °C."),
      wideAtC: z
        .number({ error: "Enter the temperature at which it is fully open." })
        .min(2, "At least 2 °C.")
        .max(50, "At most 50 °C."),
    }),
    /** By hand or by a timer, between two hours of the day. */
    z.strictObject({
      kind: z.literal("manual"),
      fromHour: Hour,
      toHour: Hour,
      share: z.number().gt(0, "More than closed.").max(1, "At most wide open."),
    }),
  ])
  .superRefine((vent, context) => {
    if (vent.kind === "automatic" && vent.wideAtC <= vent.opensAtC) {
      context.addIssue({
        code: "custom",
        path: ["wideAtC"],
        message: "Fully open must be a higher temperature than starting to open.",
      });
    }
    if (vent.kind === "manual" && vent.toHour <= vent.fromHour) {
      context.addIssue({
        code: "custom",
        path: ["toHour"],
        message: "It closes later than it opens: enter a later hour.",
      });
    }
  });
export type Vent = z.infer<typeof VentSchema>;
