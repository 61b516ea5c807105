import type { Bed, Garden } from "../garden";
import { pieceFit, type CoverPiece, type PieceFit } from "../shelter";
import { assign } from "./assignment";
import { hoopsFree, hoopsInUse, piecesInShed } from "./standingCovers";

/** A piece of the shed, and the bed where it saves most. */
export interface PutOn {
  piece: CoverPiece;
  bed: Bed;
  fit: PieceFit;
  /** Kilograms of harvest that it is expected to save, by their worth. */
  savesKg: number;
}

/** A bed, and what a piece over the whole of it would save. */
export interface BedToCover {
  bed: Bed;
  savesKg: (piece: CoverPiece) => number;
}

/** What saves less is not worth carrying out, kg. */
const WORTH_CARRYING_KG = 0.05;

/**
 * Which pieces of the shed go on which beds, so that fewest losses are left by value: an assignment
 * of each piece to one bed at most and of each bed to one piece. A piece shorter than its bed saves
 * its part; film without enough hoops stays in.
 */
export function coversToPut(
  garden: Pick<Garden, "pieces" | "beds">,
  beds: readonly BedToCover[],
): PutOn[] {
  const pieces = piecesInShed(garden);
  if (pieces.length === 0 || beds.length === 0) return [];
  const inUse = hoopsInUse(garden);
  const stays = new Set<string>();
  const all = pieces.map((piece) =>
    beds.map(({ bed, savesKg }): PutOn => {
      const fit = pieceFit(piece, bed);
      const share = fit.fits === "no" ? 0 : fit.coversM / bed.lengthM;
      return { piece, bed, fit, savesKg: share > 0 ? share * savesKg(piece) : 0 };
    }),
  );
  for (;;) {
    const columns = assign(
      all.map((row) =>
        row.map(({ piece, savesKg }) =>
          stays.has(piece.id) || savesKg < WORTH_CARRYING_KG ? 0 : savesKg,
        ),
      ),
    );
    const put = columns.flatMap((column, row) => all[row]?.[column] ?? []);
    const beyond = beyondHoops(garden, put, inUse);
    if (!beyond) return put.sort((a, b) => b.savesKg - a.savesKg);
    stays.add(beyond.piece.id);
  }
}

/** The film that saves least where all of it wants more hoops than there are; null where there are enough. */
function beyondHoops(
  garden: Pick<Garden, "pieces" | "beds">,
  put: readonly PutOn[],
  inUse: number,
): PutOn | null {
  const films = put.filter(({ fit }) => fit.hoops > 0).sort((a, b) => b.savesKg - a.savesKg);
  let taken = inUse;
  for (const film of films) {
    if (hoopsFree(garden, film.bed.widthM, taken) < film.fit.hoops) return film;
    taken += film.fit.hoops;
  }
  return null;
}
