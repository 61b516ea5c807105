import * as z from "zod";
import { IdSchema, NameSchema } from "../naming";

/** A potting mix as parts by volume. */
export const MixSchema = z.strictObject({
  id: IdSchema,
  name: NameSchema,
  parts: z
    .array(
      z.strictObject({
        /** An id of `data/mixes.json`'s ingredients, or a name of the grower's own. */
        ingredient: NameSchema,
        parts: z
          .number({ error: "Give the parts." })
          .positive("More than 0 parts.")
          .max(1000, "At most 1,000 parts."),
      }),
    )
    .min(1, "A mix has at least one ingredient.")
    .max(12, "At most twelve ingredients."),
});
export type Mix = z.infer<typeof MixSchema>;
