import * as z from "zod";
import { pieceProblems } from "../../gardenFile";
import type { Change, Garden } from "../../garden";
import { materials, pieceFit, PieceSchema, type CoverPiece, type Piece } from "../../shelter";
import { change, command, refuse } from "../command";
import { code, fact, type Fact } from "../../facts";

const GONE = fact("commands.thisCoverIsNoLongerInTheGarden");

export const setPiece = command({
  name: "piece.set",
  label: (piece) => fact("commands.changeTo", { piece: pieceWords(piece) }),
  input: PieceSchema,
  run(garden, piece) {
    const [problem] = pieceProblems("piece", piece, garden);
    if (problem) return refuse(problem.message, problem.path);
    const wrong = layProblem(garden, piece);
    if (wrong) return refuse(wrong, "bedId");
    const before = garden.pieces.get(piece.id) ?? null;
    return change({ kind: "piece", id: piece.id, before, after: piece });
  },
});

export const removePiece = command({
  name: "piece.remove",
  label: () => fact("commands.removingACover"),
  input: z.object({ id: z.string() }),
  run(garden, { id }) {
    const before = garden.pieces.get(id);
    if (!before) return refuse(GONE);
    return change({ kind: "piece", id, before, after: null });
  },
});

/** Pieces of cover put on beds, or brought back into the shed. */
export const layPieces = command({
  name: "piece.lay",
  label: ({ pieces }) =>
    pieces.every(({ bedId }) => bedId === null)
      ? fact("commands.puttingCoversAway")
      : fact("commands.puttingCoversOn"),
  input: z.object({
    pieces: z
      .array(z.object({ id: z.string(), bedId: z.string().nullable() }))
      .min(1, code("commands.sayWhichPieces"))
      .max(500),
  }),
  run(garden, { pieces }) {
    const changes: Change[] = [];
    for (const { id, bedId } of pieces) {
      const before = garden.pieces.get(id);
      if (before?.kind !== "cover") return refuse(GONE);
      const after = { ...before, bedId };
      const [problem] = pieceProblems("piece", after, garden);
      if (problem) return refuse(problem.message, problem.path);
      const wrong = layProblem(garden, after);
      if (wrong) return refuse(wrong, "bedId");
      changes.push({ kind: "piece", id, before, after });
    }
    return change(...changes);
  },
});

/** Why a piece cannot lie where it should, in a sentence; null when it can. */
function layProblem(garden: Garden, piece: Piece): Fact | null {
  if (piece.kind !== "cover" || piece.bedId === null) return null;
  const bed = garden.beds.get(piece.bedId);
  if (!bed) return null;
  const fit = pieceFit(piece, bed);
  if (fit.fits !== "no") return null;
  return fit.problem === "tooWide"
    ? fact("commands.thisIsWideAndARigidCoverWiderThan", {
        piece: pieceWords(piece),
        widthM: piece.widthM,
        bed: bed.name,
        widthM2: bed.widthM,
        neededWidthM: fit.neededWidthM,
      })
    : fact("commands.thisIsWideNeedsAtLeastWithEdgesTo", {
        piece: pieceWords(piece),
        widthM: piece.widthM,
        bed: bed.name,
        neededWidthM: fit.neededWidthM,
      });
}

function pieceWords(piece: Piece): string {
  return piece.kind === "cover" ? coverName(piece) : piece.kind;
}

function coverName({ materialId }: CoverPiece): string {
  return materials.get(materialId)?.shortName ?? materialId;
}
