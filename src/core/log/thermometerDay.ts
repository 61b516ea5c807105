import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { IdSchema } from "../naming";
import { code, fact, inMessage } from "../facts";

const TempC = z
  .number({ error: code("log.giveATemperature") })
  .min(-60, code("log.colderThanMinus60CMinus76FIsItA"))
  .max(70, code("log.warmerThan70C158FIsItInFahrenheit"));

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
        message: inMessage(fact("log.theHighestLiesBelowTheLowestAreThe", { where })),
      });
    }
  });
export type ThermometerDay = z.infer<typeof ThermometerDaySchema>;
