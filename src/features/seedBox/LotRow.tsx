"use client";

import WarningIcon from "@mui/icons-material/WarningAmberOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import TableCell from "@mui/material/TableCell";
import TableRow from "@mui/material/TableRow";
import type { Row } from "@tanstack/react-table";
import { seedFact } from "@/core/plantings";
import { isSpent, lotSprouting, seedsIn } from "@/core/seedBox";
import { MARK, NARROW } from "@/ui/table";
import { told, useWording, type LocalWording } from "@/ui/wording";
import { seedBox as say } from "@/words/en/seedBox";
import { tables as sayOfTables } from "@/words/en/tables";
import "@/words/en/facts/plantings";
import { CELL, varietyName, type HeldLot } from "./lotColumns";

interface Props {
  row: Row<HeldLot>;
  today: number;
  onEdit: () => void;
}

const LINE = { ...CELL, ...NARROW.cell, py: { xs: 0.25, md: CELL.py } };

/** One packet of the seed box. */
export function LotRow({ row, today, onEdit }: Props) {
  const wording = useWording();
  const { lot, crop } = row.original;
  const shown = new Set(row.getVisibleCells().map(({ column }) => column.id));
  const { share, interval, sowThicker } = lotSprouting(crop, lot, today);
  const spent = isSpent(crop, lot, today);
  const name = `${crop.name}, ${varietyName({ lot, crop })}`;
  return (
    <TableRow sx={NARROW.row}>
      <TableCell sx={{ ...CELL, ...MARK, ...NARROW.mark }}>
        <Checkbox
          checked={row.getIsSelected()}
          onChange={row.getToggleSelectedHandler()}
          slotProps={{
            input: { "aria-label": sayOfTables.choose({ name: `${name}, ${lot.packedYear}` }) },
          }}
        />
      </TableCell>
      <TableCell component="th" scope="row" sx={LINE}>
        <b>{crop.name}</b>, {varietyName({ lot, crop })}
        {lot.treated && (
          <Box
            component="span"
            sx={{
              display: "flex",
              alignItems: "center",
              gap: 0.5,
              color: "var(--ember-text)",
              fontSize: 14,
            }}
          >
            <WarningIcon fontSize="inherit" aria-hidden /> {say.treatedWearGlovesNeverUseForShoots}
          </Box>
        )}
        {lot.note && (
          <Box component="span" sx={{ display: "block", fontSize: 13.5, color: "var(--ash-text)" }}>
            {lot.note}
          </Box>
        )}
      </TableCell>
      {shown.has("packedYear") && (
        <TableCell data-title={say.packedFor} sx={LINE}>
          {lot.packedYear}
        </TableCell>
      )}
      {shown.has("seeds") && (
        <TableCell data-title={say.amount} sx={LINE}>
          {lot.amount.unit === "grams"
            ? `${wording.weightG(lot.amount.value)}, ${told(seedFact(crop, seedsIn(crop, lot)))}`
            : told(seedFact(crop, seedsIn(crop, lot)))}
        </TableCell>
      )}
      {shown.has("share") && (
        <TableCell data-title={say.germination} sx={LINE}>
          {say.about({ share: Math.round(share * 100) })}
          {interval && lot.germinationTest && (
            <Box
              component="span"
              sx={{ display: "block", fontSize: 13.5, color: "var(--ash-text)" }}
            >
              {say.ofTestedBetweenAnd({
                sprouted: lot.germinationTest.sprouted,
                seeds: lot.germinationTest.seeds,
                low: Math.round(interval.low * 100),
                high: Math.round(interval.high * 100),
              })}
            </Box>
          )}
        </TableCell>
      )}
      {shown.has("thicker") && (
        <TableCell data-title={say.sow} sx={LINE}>
          {thickWords(spent, sowThicker, wording)}
        </TableCell>
      )}
      <TableCell sx={{ ...LINE, textAlign: { md: "right" } }}>
        <Button
          size="small"
          color="inherit"
          onClick={onEdit}
          aria-label={say.edit2({ name, packedYear: lot.packedYear })}
        >
          {say.edit}
        </Button>
      </TableCell>
    </TableRow>
  );
}

function thickWords(spent: boolean, times: number, wording: LocalWording): string {
  if (spent) return say.tooOldTestItOrOrderNew;
  if (times < 1.08) return say.asUsual;
  return say.asThickly({ number: wording.number(times, 1) });
}
