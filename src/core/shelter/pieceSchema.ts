import * as z from "zod";
import { IdSchema } from "../naming";

const SideM = z
  .number({ error: "Give a length in metres." })
  .min(0.1, "At least 0.1 m.")
  .max(500, "At most 500 m.");
const Count = z
  .number({ error: "Say how many." })
  .int("Whole pieces only.")
  .min(1, "At least one.")
  .max(5000, "At most 5,000.");

/** Something of the shed that makes or holds a cover. */
export const PieceSchema = z.discriminatedUnion("kind", [
  /** One piece of cloth, film, or one light. */
  z.strictObject({
    id: IdSchema,
    kind: z.literal("cover"),
    /** One of `data/materials`. */
    materialId: z.string(),
    lengthM: SideM,
    widthM: SideM,
    condition: z.enum(["good", "worn", "torn"]),
    /** The year it was first used; null when nobody knows. */
    firstYear: z.number().int().min(1950, "A year from 1950 on.").max(2200).nullable(),
    /** The bed it lies on; null in the shed. */
    bedId: IdSchema.nullable(),
  }),
  z.strictObject({
    id: IdSchema,
    kind: z.literal("hoops"),
    count: Count,
    /** Width of ground that one spans. */
    spanM: SideM,
  }),
  z.strictObject({ id: IdSchema, kind: z.literal("weights"), count: Count }),
]);
export type Piece = z.infer<typeof PieceSchema>;
export type CoverPiece = Extract<Piece, { kind: "cover" }>;
