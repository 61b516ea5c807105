import * as z from "zod";
import { code } from "../facts";
import { exactM, fitsInto, SAME_LENGTH_M } from "./length";

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

/** From side to side. */
export const WHOLE_WIDTH: Across = { kind: "whole" };

function cellKey({ along, across }: Cell): string {
  return `${along},${across}`;
}

/** A stretch of a bed and how it lies across. */
export interface Part {
  /** Metres along the bed from its near end. */
  fromM: number;
  lengthM: number;
  across: Across;
}

/** A rectangle of a bed's ground: along it from its near end, and across from its left side, m. */
export interface Patch {
  fromM: number;
  toM: number;
  leftM: number;
  rightM: number;
}

/** The rectangles of ground that a part of a bed takes; they do not overlap each other. */
export function patchesOf({ fromM, lengthM, across }: Part, bedWidthM: number): Patch[] {
  const toM = fromM + lengthM;
  const strip = (leftM: number, rightM: number): Patch => ({ fromM, toM, leftM, rightM });
  switch (across.kind) {
    case "whole":
      return [strip(0, bedWidthM)];
    case "strip":
      return [strip(across.fromM, across.fromM + across.widthM)];
    case "sides":
      return [strip(0, across.widthM), strip(bedWidthM - across.widthM, bedWidthM)];
    case "edge": {
      const ringM = 2 * across.insetM;
      if (2 * ringM >= Math.min(lengthM, bedWidthM)) return [strip(0, bedWidthM)];
      return [
        { fromM, toM: fromM + ringM, leftM: 0, rightM: bedWidthM },
        { fromM: toM - ringM, toM, leftM: 0, rightM: bedWidthM },
        { fromM: fromM + ringM, toM: toM - ringM, leftM: 0, rightM: ringM },
        { fromM: fromM + ringM, toM: toM - ringM, leftM: bedWidthM - ringM, rightM: bedWidthM },
      ];
    }
    case "cells":
      return across.cells.map((cell) => {
        const near = fromM + cell.along * across.cellM;
        const left = cell.across * across.cellM;
        return { fromM: near, toM: near + across.cellM, leftM: left, rightM: left + across.cellM };
      });
  }
}

/** Whether two patches share ground; they may touch. */
export function patchesMeet(a: Patch, b: Patch): boolean {
  return (
    a.fromM < b.toM - SAME_LENGTH_M &&
    b.fromM < a.toM - SAME_LENGTH_M &&
    a.leftM < b.rightM - SAME_LENGTH_M &&
    b.leftM < a.rightM - SAME_LENGTH_M
  );
}

/** Ground of patches that do not overlap, m². */
export function patchesM2(patches: readonly Patch[]): number {
  return patches.reduce(
    (sum, { fromM, toM, leftM, rightM }) => sum + (toM - fromM) * (rightM - leftM),
    0,
  );
}

/** Length of bed that some squares of a grid reach over, from the first row of them on, m. */
export function lengthOfCells(cellM: number, cells: readonly Cell[]): number {
  return exactM((Math.max(0, ...cells.map(({ along }) => along)) + 1) * cellM);
}

/** What keeps a part from lying so across a bed; null where nothing does. */
export type AcrossProblem =
  "stripPastTheSide" | "sidesMeet" | "edgeMeetsItself" | "cellPastTheSide" | "cellPastTheEnd";

export function acrossProblem(part: Part, bedWidthM: number): AcrossProblem | null {
  const { across, lengthM } = part;
  switch (across.kind) {
    case "whole":
      return null;
    case "strip":
      return fitsInto(across.fromM + across.widthM, bedWidthM) ? null : "stripPastTheSide";
    case "sides":
      return fitsInto(2 * across.widthM, bedWidthM) ? null : "sidesMeet";
    case "edge":
      return fitsInto(2 * across.insetM, Math.min(bedWidthM, lengthM)) ? null : "edgeMeetsItself";
    case "cells":
      if (
        !fitsInto(
          (Math.max(...across.cells.map((cell) => cell.across)) + 1) * across.cellM,
          bedWidthM,
        )
      )
        return "cellPastTheSide";
      return fitsInto(lengthOfCells(across.cellM, across.cells), lengthM) ? null : "cellPastTheEnd";
  }
}
