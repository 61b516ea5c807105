import * as z from "zod";
import { code } from "../facts";

const FromSideM = z
  .number({ error: code("layout.giveHowFarFromTheSide") })
  .min(0, code("layout.atLeast0M"))
  .max(500);
const StripM = z
  .number({ error: code("layout.giveAWidth") })
  .min(0.02, code("layout.atLeast2CmWide"))
  .max(500);

/** A square of a grid, counted from the planting's near end and from the bed's left side. */
const CellSchema = z.strictObject({
  along: z.number().int().min(0).max(2000),
  across: z.number().int().min(0).max(2000),
});
export type Cell = z.infer<typeof CellSchema>;

/** How a planting lies across its bed, along the stretch that it has. */
export const AcrossSchema = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("whole") }),
  /** A strip or a line along the bed, from the left side as one looks from the near end. */
  z.strictObject({ kind: z.literal("strip"), fromM: FromSideM, widthM: StripM }),
  /** A strip on either side; what lies between stays free. */
  z.strictObject({ kind: z.literal("sides"), widthM: StripM }),
  /** One line around the edge, so far in from it; in a pot around its rim. */
  z.strictObject({
    kind: z.literal("edge"),
    insetM: z
      .number({ error: code("layout.giveHowFarFromTheEdge") })
      .min(0.01, code("layout.atLeast1CmFromTheEdge"))
      .max(5),
  }),
  z.strictObject({
    kind: z.literal("cells"),
    cellM: z
      .number({ error: code("layout.giveTheSideOfASquare") })
      .min(0.05, code("layout.squaresAreAtLeast5Cm"))
      .max(5),
    cells: z
      .array(CellSchema)
      .min(1, code("layout.chooseAtLeastOneSquare"))
      .max(2000)
      .refine((cells) => new Set(cells.map(cellKey)).size === cells.length, {
        error: code("layout.eachSquareOnce"),
      }),
  }),
]);
export type Across = z.infer<typeof AcrossSchema>;

function cellKey({ along, across }: Cell): string {
  return `${along},${across}`;
}
