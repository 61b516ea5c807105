import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { IdSchema, NoteSchema } from "../naming";

/** A germination test: seed laid on something damp, and what had sprouted when it was counted. */
export const GerminationTestSchema = z
  .strictObject({
    seeds: z
      .number({ error: "Enter how many seeds were tested." })
      .int("Whole seeds only.")
      .min(1, "At least one seed.")
      .max(1000, "At most 1,000 seeds."),
    sprouted: z
      .number({ error: "Enter how many germinated." })
      .int("Whole seeds only.")
      .min(0, "Enter 0 or more."),
    testedOn: IsoDateSchema,
  })
  .refine((test) => test.sprouted <= test.seeds, {
    path: ["sprouted"],
    message: "More germinated than were tested: check the two numbers.",
  });
export type GerminationTest = z.infer<typeof GerminationTestSchema>;

/** A packet, bag or bulb box in the seed box. */
export const SeedLotSchema = z.strictObject({
  id: IdSchema,
  cropId: z.string(),
  varietyId: z.string(),
  /** The year for which the seed was packed. */
  packedYear: z
    .number({ error: "Give the year on the packet." })
    .int("Give the year in four digits.")
    .min(1950, "Give the year in four digits, as 2026."),
  /** What is left: counted seeds (or cloves, sets, tubers), or a weight in grams. */
  amount: z.strictObject({
    unit: z.enum(["seeds", "grams"]),
    value: z
      .number({ error: "Enter the amount." })
      .min(0, "Enter 0 or more.")
      .max(1_000_000, "At most a million."),
  }),
  germinationTest: GerminationTestSchema.nullable(),
  /** Coated with a pesticide: to be handled with care and never eaten. */
  treated: z.boolean(),
  note: NoteSchema,
});
export type SeedLot = z.infer<typeof SeedLotSchema>;
