import { lengthOfCells, type Part } from "./across";
import { fitsInto } from "./length";

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
