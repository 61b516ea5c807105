import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { IdSchema } from "../naming";

const TempC = z
  .number({ error: "Give a temperature." })
  .min(-60, "Colder than −60 °C (−76 °F): is it a reading?")
  .max(70, "Warmer than 70 °C (158 °F): is it in Fahrenheit?");

/** What the thermometers under a cover and outside it went down and up to on one day. */
export const ThermometerDaySchema = z
  .strictObject({
    id: IdSchema,
    /** Hangs in a shelter, or over one bed. */
    under: z.strictObject({ kind: z.enum(["shelter", "bed"]), id: IdSchema }),
    /** The day whose morning the night belongs to. */
    on: IsoDateSchema,
    insideMinC: TempC,
    outsideMinC: TempC,
    /** Null where only the night was read. */
    insideMaxC: TempC.nullable(),
    outsideMaxC: TempC.nullable(),
    source: z.enum(["typed", "file", "logger"]),
  })
  .superRefine((day, context) => {
    const pairs = [
      ["insideMaxC", day.insideMinC, day.insideMaxC, "inside"],
      ["outsideMaxC", day.outsideMinC, day.outsideMaxC, "outside"],
    ] as const;
    for (const [path, minC, maxC, where] of pairs) {
      if (maxC === null || maxC >= minC) continue;
      context.addIssue({
        code: "custom",
        path: [path],
        message: `The highest ${where} lies below the lowest: are the two swapped?`,
      });
    }
  });
export type ThermometerDay = z.infer<typeof ThermometerDaySchema>;
