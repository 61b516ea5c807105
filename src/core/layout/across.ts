import type { Across, Cell } from "./acrossSchema";
import { exactM, SAME_LENGTH_M } from "./length";

/** From side to side. */
export const WHOLE_WIDTH: Across = { kind: "whole" };

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
