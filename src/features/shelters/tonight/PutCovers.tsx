"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { Garden } from "@/core/garden";
import { coverPiecesOf, piecesInShed, standingCovers, type PutOn } from "@/core/frostNight";
import { gardenStore } from "@/store/index";
import { tell, tellRefusal } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { pieceName } from "../stock/pieceWords";
import { shelters as say } from "@/words/en/shelters";

interface Props {
  garden: Garden;
  put: readonly PutOn[];
}

/** Which pieces of the shed go where tonight, and those put on for a night brought in again. */
export function PutCovers({ garden, put }: Props) {
  const wording = useWording();
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
          aria-label={say.coversToPutOn}
          sx={{ border: "2px solid var(--ember)", borderRadius: "4px", px: 1.5, py: 1, mb: 1 }}
        >
          <b>{say.fromStorageWhereEachSavesMost}</b>
          <Box component="ol" sx={{ m: 0, pl: 3, fontSize: 16, lineHeight: 1.6 }}>
            {put.map(({ piece, bed, fit, savesKg }) => (
              <li key={piece.id}>
                {say.on2({ pieceName: pieceName(piece, wording) })} <b>{bed.name}</b>
                {fit.fits === "part" && say.overOfIt({ length: wording.lengthM(fit.coversM) })}
                {say.savesAbout({ weight: wording.weightG(Math.round(savesKg * 10) * 100) })}
                {fit.hoops > 0 && say.hoops2({ hoops: fit.hoops })}
                {fit.weights > 0 && say.weights2({ weights: fit.weights })}
              </li>
            ))}
          </Box>
          <Button
            variant="contained"
            sx={{ mt: 1 }}
            onClick={() =>
              void lay(
                put.map(({ piece, bed }) => ({ id: piece.id, bedId: bed.id })),
                put.length === 1 ? say.coverOn : say.on3({ putCount: put.length }),
              )
            }
          >
            {say.markAsOn}
          </Button>
        </Box>
      )}
      {besides.length > 0 && (
        <Box sx={{ fontSize: 15, lineHeight: 1.5 }}>
          {say.onForTheNight({
            map: besides
              .map((piece) =>
                say.on4({
                  pieceName: pieceName(piece, wording),
                  name: garden.beds.get(piece.bedId ?? "")?.name ?? "a bed",
                }),
              )
              .join("; "),
          })}{" "}
          <Button
            size="small"
            variant="outlined"
            color="inherit"
            onClick={() =>
              void lay(
                besides.map(({ id }) => ({ id, bedId: null })),
                say.backInStorage,
              )
            }
          >
            {say.putThemBack}
          </Button>
        </Box>
      )}
      {put.length === 0 && besides.length === 0 && piecesInShed(garden).length > 0 && (
        <Box sx={{ fontSize: 15, color: "var(--ash-text)" }}>
          {say.noStoredCoversAreNeededTonight}
        </Box>
      )}
    </Box>
  );
}
