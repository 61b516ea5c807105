"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { civilDate, type DayNumber } from "@/core/calendar";
import { bedsInOrder, type Garden } from "@/core/garden";
import { coverPiecesOf } from "@/core/frostNight";
import { materials, pieceFit, type CoverPiece, type Piece } from "@/core/shelter";
import { lazyPart } from "@/ui/frame/index";
import { useWording } from "@/ui/wording";
import { CONDITION_WORDS, seasonsWords } from "./pieceWords";
import { shelters as say } from "@/words/en/shelters";

const PieceDialog = lazyPart(() => import("./PieceDialog"));

interface Props {
  garden: Garden;
  day: DayNumber;
}

/** The stock: covers, hoops and weights, in what condition, where they lie and which beds they fit. */
export function StockSheet({ garden, day }: Props) {
  const wording = useWording();
  const [open, setOpen] = useState<{ piece: Piece | null } | null>(null);
  const covers = coverPiecesOf(garden);
  const other = [...garden.pieces.values()].filter((piece) => piece.kind !== "cover");
  return (
    <Box component="section" aria-label={say.coversYouOwn}>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 2, alignItems: "center", mb: 1 }}>
        <Box component="h2" sx={{ fontFamily: "var(--font-heading)", fontSize: 21, m: 0 }}>
          {say.coversYouOwn}
        </Box>
        <Button variant="outlined" onClick={() => setOpen({ piece: null })}>
          {say.addACover2}
        </Button>
      </Box>
      {garden.pieces.size === 0 && (
        <Box sx={{ maxWidth: 520, color: "var(--ash-text)", fontSize: 15, lineHeight: 1.5 }}>
          {say.listTheCoversHoopsAndWeightsYouOwn}
        </Box>
      )}
      {covers.length > 0 && (
        <Box sx={{ overflowX: "auto" }}>
          <Box component="table" className="tabular" aria-label={say.covers} sx={TABLE}>
            <thead>
              <tr>
                <th scope="col">{say.cover2}</th>
                <th scope="col">{say.size}</th>
                <th scope="col">{say.condition2}</th>
                <th scope="col">{say.location}</th>
                <th scope="col">{say.fits}</th>
                <td />
              </tr>
            </thead>
            <tbody>
              {covers.map((piece) => (
                <CoverRow
                  key={piece.id}
                  garden={garden}
                  piece={piece}
                  day={day}
                  onOpen={() => setOpen({ piece })}
                />
              ))}
            </tbody>
          </Box>
        </Box>
      )}
      {other.map((piece) => (
        <Box key={piece.id} sx={{ fontSize: 15, display: "flex", alignItems: "center", gap: 1 }}>
          {piece.kind === "hoops"
            ? say.hoopsSpanning({ count: piece.count, length: wording.lengthM(piece.spanM) })
            : piece.kind === "weights" && say.weights({ count: piece.count })}
          <Button
            size="small"
            color="inherit"
            aria-label={say.editThe({ kind: piece.kind })}
            onClick={() => setOpen({ piece })}
          >
            {say.edit2}
          </Button>
        </Box>
      ))}
      {open && (
        <PieceDialog
          key={open.piece?.id ?? "new"}
          garden={garden}
          piece={open.piece}
          onClose={() => setOpen(null)}
        />
      )}
    </Box>
  );
}

interface RowProps {
  garden: Garden;
  piece: CoverPiece;
  day: DayNumber;
  onOpen: () => void;
}

function CoverRow({ garden, piece, day, onOpen }: RowProps) {
  const wording = useWording();
  const material = materials.get(piece.materialId);
  const bed = garden.beds.get(piece.bedId ?? "");
  const seasons = seasonsWords(piece.firstYear, civilDate(day).year);
  return (
    <tr>
      <th scope="row">{material?.name ?? piece.materialId}</th>
      <td>
        {wording.lengthM(piece.lengthM)} × {wording.lengthM(piece.widthM)}
      </td>
      <td>
        {CONDITION_WORDS[piece.condition]}
        {seasons && `, ${seasons}`}
      </td>
      <td>{bed ? bed.name : say.inStorage2}</td>
      <td>{fitWords(garden, piece)}</td>
      <td>
        <Button
          size="small"
          color="inherit"
          aria-label={say.edit3({
            shortName: material?.shortName ?? piece.materialId,
            length: wording.lengthM(piece.lengthM),
            bed: bed?.name ?? say.inStorage2,
          })}
          onClick={onOpen}
        >
          {say.edit2}
        </Button>
      </td>
    </tr>
  );
}

/** On how many beds a piece goes: whole or in part. */
function fitWords(garden: Garden, piece: CoverPiece): string {
  const beds = bedsInOrder(garden);
  const fits = beds.map((bed) => pieceFit(piece, bed).fits);
  const count = (wanted: "whole" | "part") => fits.filter((fit) => fit === wanted).length;
  const [whole, part] = [count("whole"), count("part")];
  if (whole + part === 0) return say.fitsNoBedTooNarrowOrTooWide;
  if (whole === beds.length) return say.everyBed;
  const words = [
    ...(whole > 0 ? [say.whole({ whole })] : []),
    ...(part > 0 ? [say.partOf({ part })] : []),
  ];
  return words.join(", ");
}

const TABLE = {
  borderCollapse: "collapse",
  fontSize: 15,
  mb: 1.5,
  "& th, & td": { textAlign: "left", pr: 2.5, py: 0.4, borderTop: "1px solid var(--line)" },
  "& thead th": { borderTop: 0, color: "var(--ash-text)", fontWeight: 400, fontSize: 14 },
  "& thead td": { borderTop: 0 },
} as const;
