"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { Garden } from "@/core/garden";
import { coverPiecesOf, piecesInShed, standingCovers, type PutOn } from "@/core/frostNight";
import { gardenStore } from "@/store/index";
import { tell, tellRefusal } from "@/ui/viewState";
import type { LocalWording } from "@/ui/wording";
import { pieceName } from "../stock/pieceWords";

interface Props {
  garden: Garden;
  put: readonly PutOn[];
  wording: LocalWording;
}

/** Which pieces of the shed go where tonight, and those put on for a night brought in again. */
export function PutCovers({ garden, put, wording }: Props) {
  const lay = async (pieces: { id: string; bedId: string | null }[], words: string) => {
    const done = await gardenStore().dispatch("piece.lay", { pieces });
    if (!done.ok) return tellRefusal(done);
    tell(words, "done", true);
  };
  const besides = [...garden.beds.values()].flatMap((bed) => standingCovers(garden, bed).besides);
  if (coverPiecesOf(garden).length === 0) return null;
  return (
    <Box sx={{ mb: 1 }}>
      {put.length > 0 && (
        <Box
          component="section"
          aria-label="Covers to put on"
          sx={{ border: "2px solid var(--ember)", borderRadius: "4px", px: 1.5, py: 1, mb: 1 }}
        >
          <b>From the shed, where it saves most:</b>
          <Box component="ol" sx={{ m: 0, pl: 3, fontSize: 16, lineHeight: 1.6 }}>
            {put.map(({ piece, bed, fit, savesKg }) => (
              <li key={piece.id}>
                {pieceName(piece, wording)} on <b>{bed.name}</b>
                {fit.fits === "part" && `, over ${wording.lengthM(fit.coversM)} of it`}: saves about{" "}
                {wording.weightG(Math.round(savesKg * 10) * 100)}
                {fit.hoops > 0 && `; ${fit.hoops} hoops`}
                {fit.weights > 0 && `; ${fit.weights} weights`}
              </li>
            ))}
          </Box>
          <Button
            variant="contained"
            sx={{ mt: 1 }}
            onClick={() =>
              void lay(
                put.map(({ piece, bed }) => ({ id: piece.id, bedId: bed.id })),
                put.length === 1 ? "The cover is on." : `${put.length} covers are on.`,
              )
            }
          >
            They are on
          </Button>
        </Box>
      )}
      {besides.length > 0 && (
        <Box sx={{ fontSize: 15, lineHeight: 1.5 }}>
          On for the night:{" "}
          {besides
            .map(
              (piece) =>
                `${pieceName(piece, wording)} on ${garden.beds.get(piece.bedId ?? "")?.name ?? "a bed"}`,
            )
            .join("; ")}
          .{" "}
          <Button
            size="small"
            variant="outlined"
            color="inherit"
            onClick={() =>
              void lay(
                besides.map(({ id }) => ({ id, bedId: null })),
                "They are in the shed again.",
              )
            }
          >
            Bring them in
          </Button>
        </Box>
      )}
      {put.length === 0 && besides.length === 0 && piecesInShed(garden).length > 0 && (
        <Box sx={{ fontSize: 15, color: "var(--ash-text)" }}>
          Nothing of the shed is needed on the beds tonight.
        </Box>
      )}
    </Box>
  );
}
