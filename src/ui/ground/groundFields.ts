import { z } from "zod";
import { exactM, lengthOfCells, type Across, type Cell, type Part } from "@/core/layout";
import { centimetres, inches, type Units } from "@/core/units";
import { ground as say } from "@/words/en/ground";
import { maybeAmount } from "../forms";

/** How something lies across its bed, as a form holds it: to be spread into its schema. */
export const GROUND_FIELDS = {
  across: z.enum(["whole", "strip", "sides", "edge", "cells"]),
  /** In the grower's short units, from the bed's left side. */
  stripFrom: maybeAmount,
  stripWide: maybeAmount,
  inset: maybeAmount,
  square: maybeAmount,
  /** Squares of the bed's grid, from its near end and left side: "3,1". */
  squares: z.array(z.string()),
};
export type GroundFields = z.infer<z.ZodObject<typeof GROUND_FIELDS>>;

/** What each way of lying begins with, m. */
const STARTS = {
  stripWideM: 0.3,
  insetM: 0.1,
  squareM: { metric: 0.3, imperial: 0.3048 },
} as const;

/** Metres as they are typed: centimetres or inches, to the millimetre. */
const shortOf = (m: number, units: Units) =>
  Math.round((units === "imperial" ? inches(m * 100) : m * 100) * 10) / 10;
const metresFrom = (short: number, units: Units) =>
  exactM((units === "imperial" ? centimetres(short) : short) / 100);

export function groundFieldsOf({ fromM, across }: Part, units: Units): GroundFields {
  const short = (m: number) => shortOf(m, units);
  const cellM = across.kind === "cells" ? across.cellM : STARTS.squareM[units];
  return {
    across: across.kind,
    stripFrom: short(across.kind === "strip" ? across.fromM : 0),
    stripWide: short("widthM" in across ? across.widthM : STARTS.stripWideM),
    inset: short(across.kind === "edge" ? across.insetM : STARTS.insetM),
    square: short(cellM),
    squares:
      across.kind === "cells"
        ? across.cells.map((cell) =>
            keyOfSquare(cell.along + Math.round(fromM / cellM), cell.across),
          )
        : [],
  };
}

export function keyOfSquare(along: number, across: number): string {
  return `${along},${across}`;
}

function squaresOf({ squares }: Pick<GroundFields, "squares">): Cell[] {
  return squares.map((key) => {
    const [along = 0, across = 0] = key.split(",").map(Number);
    return { along, across };
  });
}

/**
 * The part of a bed that the fields say: squares also say where along the bed it lies.
 *
 * @param part    what the form's other fields say of it, and what was there before
 * @param before  the part that the fields were made of: what was not touched stays exactly as it was
 */
export function partFrom(
  fields: GroundFields,
  part: Pick<Part, "fromM" | "lengthM">,
  before: Part,
  units: Units,
): Part {
  const shown = groundFieldsOf(before, units);
  const metres = (name: "stripFrom" | "stripWide" | "inset" | "square", keptM: number | null) =>
    keptM !== null && fields[name] === shown[name] ? keptM : metresFrom(fields[name], units);
  const was = before.across;
  const keptWideM = was.kind === "strip" || was.kind === "sides" ? was.widthM : null;
  switch (fields.across) {
    case "whole":
      return { ...part, across: { kind: "whole" } };
    case "strip": {
      const fromM = metres("stripFrom", was.kind === "strip" ? was.fromM : null);
      return { ...part, across: { kind: "strip", fromM, widthM: metres("stripWide", keptWideM) } };
    }
    case "sides":
      return { ...part, across: { kind: "sides", widthM: metres("stripWide", keptWideM) } };
    case "edge": {
      const insetM = metres("inset", was.kind === "edge" ? was.insetM : null);
      return { ...part, across: { kind: "edge", insetM } };
    }
    case "cells": {
      const cellM = metres("square", was.kind === "cells" ? was.cellM : null);
      const squares = squaresOf(fields);
      const first = Math.min(...squares.map(({ along }) => along));
      const cells = squares
        .map(({ along, across }) => ({ along: along - first, across }))
        .sort((a, b) => a.along - b.along || a.across - b.across);
      const across: Across = { kind: "cells", cellM, cells };
      if (cells.length === 0 || !(cellM > 0)) return { ...part, across };
      return { fromM: exactM(first * cellM), lengthM: lengthOfCells(cellM, cells), across };
    }
  }
}

/** What is still missing in the fields, and in which; null where nothing is. */
export function groundWrong(
  fields: GroundFields,
): { name: keyof GroundFields; words: string } | null {
  const isAmount = (value: number) => Number.isFinite(value) && value > 0;
  switch (fields.across) {
    case "whole":
      return null;
    case "strip":
      if (!(Number.isFinite(fields.stripFrom) && fields.stripFrom >= 0))
        return { name: "stripFrom", words: say.enterFromTheLeft };
      return isAmount(fields.stripWide) ? null : { name: "stripWide", words: say.enterWide };
    case "sides":
      return isAmount(fields.stripWide) ? null : { name: "stripWide", words: say.enterWide };
    case "edge":
      return isAmount(fields.inset) ? null : { name: "inset", words: say.enterInset };
    case "cells":
      if (!isAmount(fields.square)) return { name: "square", words: say.enterSquare };
      return fields.squares.length > 0 ? null : { name: "squares", words: say.chooseSquares };
  }
}

/** Refuses what is missing, for a schema that the fields are spread into. */
export function refineGround(fields: GroundFields, context: z.RefinementCtx): void {
  const wrong = groundWrong(fields);
  if (wrong) context.addIssue({ code: "custom", path: [wrong.name], message: wrong.words });
}
