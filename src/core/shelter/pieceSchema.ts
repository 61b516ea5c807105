import * as z from "zod";
import { IdSchema } from "../naming";
import { code } from "../facts";

const SideM = z
  .number({ error: code("shelter.giveALengthInMetres") })
  .min(0.1, code("shelter.atLeast01M"))
  .max(500, code("shelter.atMost500M"));
const Count = z
  .number({ error: code("shelter.sayHowMany") })
  .int(code("shelter.wholePiecesOnly"))
  .min(1, code("shelter.atLeastOne"))
  .max(5000, code("shelter.atMost5000"));

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
    firstYear: z.number().int().min(1950, code("shelter.aYearFrom1950On")).max(2200).nullable(),
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
