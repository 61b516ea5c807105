import { coversOver, type Bed, type Garden } from "../garden";
import { pieceFit, type CoverPiece } from "../shelter";

/** The pieces of cover that a garden has, in the order of their ids. */
export function coverPiecesOf(garden: Pick<Garden, "pieces">): CoverPiece[] {
  return [...garden.pieces.values()]
    .filter((piece) => piece.kind === "cover")
    .sort((a, b) => (a.id < b.id ? -1 : 1));
}

/** What lies over a bed tonight: its shelter's covers and its own, and pieces laid on besides. */
export interface StandingCovers {
  covers: string[];
  /** Pieces that the bed's own covers do not count yet, from the outside in. */
  besides: CoverPiece[];
}

/**
 * The covers over a bed as they lie. A piece of a kind that the bed's own covers count is that cover;
 * others lie there besides, such as one put on for a night.
 */
export function standingCovers(
  garden: Pick<Garden, "pieces" | "shelters">,
  bed: Bed,
): StandingCovers {
  const uncounted = [...bed.covers];
  const besides = coverPiecesOf(garden).filter((piece) => {
    if (piece.bedId !== bed.id) return false;
    const at = uncounted.indexOf(piece.materialId);
    if (at < 0) return true;
    uncounted.splice(at, 1);
    return false;
  });
  return {
    covers: [...coversOver(garden, bed), ...besides.map(({ materialId }) => materialId)],
    besides,
  };
}

/** Pieces that are free to be put on: those in the shed. */
export function piecesInShed(garden: Pick<Garden, "pieces">): CoverPiece[] {
  return coverPiecesOf(garden).filter(({ bedId }) => bedId === null);
}

/** Hoops of the garden that no film lies on yet and that span a width. */
export function hoopsFree(garden: Pick<Garden, "pieces">, widthM: number, inUse: number): number {
  let count = 0;
  for (const piece of garden.pieces.values()) {
    if (piece.kind === "hoops" && piece.spanM >= widthM) count += piece.count;
  }
  return count - inUse;
}

/** Hoops under the film that lies on beds. */
export function hoopsInUse(garden: Pick<Garden, "pieces" | "beds">): number {
  return coverPiecesOf(garden).reduce((sum, piece) => {
    const bed = garden.beds.get(piece.bedId ?? "");
    return bed ? sum + pieceFit(piece, bed).hoops : sum;
  }, 0);
}
