import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { code } from "../facts";
import { IdSchema, NoteSchema } from "../naming";

/** How pollen of others of its kind is kept away. */
export const ISOLATIONS = ["distance", "cage", "oneKind", "none"] as const;
export type Isolation = (typeof ISOLATIONS)[number];

/** Plants of a planting that are left for seed, until the seed lies in the box. */
export const SeedPlanSchema = z.strictObject({
  id: IdSchema,
  plantingId: IdSchema,
  plants: z
    .number({ error: code("garden.giveHowManyPlantsAreLeft") })
    .int(code("garden.wholePlantsOnly"))
    .min(1, code("garden.atLeastOnePlant"))
    .max(2000),
  isolation: z.enum(ISOLATIONS),
  /** How a biennial comes through its winter: where it stands, under a cover, or lifted and set out again. */
  winter: z.enum(["stands", "covered", "lifted"]),
  /** When the seed was cut; null while it ripens. */
  harvestedOn: IsoDateSchema.nullable(),
  /** The lot it became; null until it lies in the seed box. */
  lotId: IdSchema.nullable(),
  note: NoteSchema,
});
export type SeedPlan = z.infer<typeof SeedPlanSchema>;
