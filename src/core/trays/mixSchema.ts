import * as z from "zod";
import { IdSchema, NameSchema } from "../naming";
import { code } from "../facts";

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
          .number({ error: code("trays.giveTheParts") })
          .positive(code("trays.moreThan0Parts"))
          .max(1000, code("trays.atMost1000Parts")),
      }),
    )
    .min(1, code("trays.aMixHasAtLeastOneIngredient"))
    .max(12, code("trays.atMostTwelveIngredients")),
});
export type Mix = z.infer<typeof MixSchema>;
