import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { IdSchema, NoteSchema } from "../naming";
import { code } from "../facts";

/** A germination test: seed laid on something damp, and what had sprouted when it was counted. */
export const GerminationTestSchema = z
  .strictObject({
    seeds: z
      .number({ error: code("seedBox.enterHowManySeedsWereTested") })
      .int(code("seedBox.wholeSeedsOnly"))
      .min(1, code("seedBox.atLeastOneSeed"))
      .max(1000, code("seedBox.atMost1000Seeds")),
    sprouted: z
      .number({ error: code("seedBox.enterHowManyGerminated") })
      .int(code("seedBox.wholeSeedsOnly"))
      .min(0, code("seedBox.enter0OrMore")),
    testedOn: IsoDateSchema,
  })
  .refine((test) => test.sprouted <= test.seeds, {
    path: ["sprouted"],
    message: code("seedBox.moreGerminatedThanWereTestedCheck"),
  });
export type GerminationTest = z.infer<typeof GerminationTestSchema>;

/** A packet, bag or bulb box in the seed box. */
export const SeedLotSchema = z.strictObject({
  id: IdSchema,
  cropId: z.string(),
  varietyId: z.string(),
  /** The year for which the seed was packed. */
  packedYear: z
    .number({ error: code("seedBox.giveTheYearOnThePacket") })
    .int(code("seedBox.giveTheYearInFourDigits"))
    .min(1950, code("seedBox.giveTheYearInFourDigitsAs2026")),
  /** What is left: counted seeds (or cloves, sets, tubers), or a weight in grams. */
  amount: z.strictObject({
    unit: z.enum(["seeds", "grams"]),
    value: z
      .number({ error: code("seedBox.enterTheAmount") })
      .min(0, code("seedBox.enter0OrMore"))
      .max(1_000_000, code("seedBox.atMostAMillion")),
  }),
  germinationTest: GerminationTestSchema.nullable(),
  /** Coated with a pesticide: to be handled with care and never eaten. */
  treated: z.boolean(),
  note: NoteSchema,
});
export type SeedLot = z.infer<typeof SeedLotSchema>;
