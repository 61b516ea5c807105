import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { code } from "../facts";
import { IdSchema, NoteSchema } from "../naming";

export const STORE_PLACES = ["cellar", "shelf", "clamp", "mulch", "freezer", "jars"] as const;
export type StorePlace = (typeof STORE_PLACES)[number];

/** Something put by: how much of what, where, and since when. What is taken stands in the log. */
export const StoreLotSchema = z.strictObject({
  id: IdSchema,
  cropId: z.string(),
  varietyId: z.string().nullable(),
  place: z.enum(STORE_PLACES),
  since: IsoDateSchema,
  grams: z
    .number({ error: code("food.giveAWeight") })
    .gt(0, code("food.moreThanNothing"))
    .max(50_000_000, code("food.atMost50Tonnes")),
  /** The planting that it was lifted from; null where nobody says. */
  plantingId: IdSchema.nullable(),
  note: NoteSchema,
});
export type StoreLot = z.infer<typeof StoreLotSchema>;
