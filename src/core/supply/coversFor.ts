import { piecesInShed } from "../frostNight";
import type { Bed, Garden } from "../garden";
import { pieceFit, type CoverPiece } from "../shelter";

/**
 * Covers of the shed for a bed that lies in the open and has none: of each kind the smallest piece that
 * covers the whole of it.
 */
export function coversFor(garden: Garden, bed: Bed): CoverPiece[] {
  if (bed.shelterId !== null || bed.covers.length > 0 || bed.container) return [];
  const found = new Map<string, CoverPiece>();
  const shed = piecesInShed(garden).sort((a, b) => a.lengthM * a.widthM - b.lengthM * b.widthM);
  for (const piece of shed) {
    if (found.has(piece.materialId) || pieceFit(piece, bed).fits !== "whole") continue;
    found.set(piece.materialId, piece);
  }
  return [...found.values()];
}
