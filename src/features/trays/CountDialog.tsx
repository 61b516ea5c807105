"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { isoDate } from "@/core/calendar";
import type { SowingState } from "@/core/propagation";
import { cellName, mostInCell, rowName, rowsOf, spreadByRow, type Tray } from "@/core/trays";
import { gardenStore } from "@/store/index";
import { FormDialog, NumberInput } from "@/ui/inputs/index";
import { tell } from "@/ui/viewState";
import type { SectionProps } from "@/ui/section";
import { trays as say } from "@/words/en/trays";
import { told } from "@/ui/wording";

interface Props extends SectionProps {
  tray: Tray;
  state: SowingState;
  onClose: () => void;
}

/** Counts seedlings: a tap on a cell is one more, or a number for a whole row. */
export default function CountDialog({ tray, state, today, onClose }: Props) {
  const { sowing, crop } = state;
  const most = Math.min(MOST_POTTED, mostInCell(sowing));
  const [counts, setCounts] = useState<number[]>(
    () => sowing.seedlings ?? sowing.cells.map(() => 0),
  );
  const [refusal, setRefusal] = useState("");
  const rows = rowsOf(tray, sowing);
  const total = counts.reduce((sum, count) => sum + count, 0);
  const setRow = (at: number, typed: number) => {
    const sums = rows.map(({ cells }) =>
      cells.reduce((sum, cell) => sum + (counts[sowing.cells.indexOf(cell)] ?? 0), 0),
    );
    sums[at] = Math.max(0, typed || 0);
    setCounts(spreadByRow(tray, sowing, sums));
  };
  const bump = (place: number) =>
    setCounts(counts.map((count, at) => (at === place ? (count + 1) % (most + 1) : count)));
  const keep = async () => {
    const done = await gardenStore().dispatch("tray.count", {
      trayId: tray.id,
      sowingId: sowing.id,
      on: isoDate(today),
      seedlings: counts,
    });
    if (!done.ok) return setRefusal(told(done.refusal));
    onClose();
    tell(say.seedlingsCounted({ crop: crop.name, total }), "done", true);
  };
  return (
    <FormDialog
      title={say.countThe({ crop: crop.name.toLowerCase() })}
      refusal={refusal}
      width="md"
      more={
        <>
          <Button color="inherit" onClick={() => setCounts(sowing.cells.map(() => 1))}>
            {say.oneInEach}
          </Button>
          <Button color="inherit" onClick={() => setCounts(sowing.cells.map(() => 0))}>
            {say.none}
          </Button>
        </>
      }
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <Box sx={{ fontSize: 15 }} aria-live="polite">
        <b>{total}</b>{" "}
        {say.inOfCellsTapACellToAddOneOrTypeA({
          total,
          length: counts.filter((count) => count > 0).length,
          countsCount: counts.length,
          value: most > 1 ? say.upTo({ most }) : "",
        })}
      </Box>
      {rows.map(({ row, cells }, at) => (
        <Box key={row} sx={{ display: "flex", gap: 1, alignItems: "center" }}>
          <Box sx={{ width: 22, fontWeight: 700 }}>{rowName(row)}</Box>
          <Box sx={{ flex: 1, display: "flex", flexWrap: "wrap", gap: 0.5 }}>
            {cells.map((cell) => {
              const place = sowing.cells.indexOf(cell);
              const count = counts[place] ?? 0;
              return (
                <Box
                  key={cell}
                  component="button"
                  type="button"
                  onClick={() => bump(place)}
                  aria-label={say.cell({ cellName: cellName(tray, cell), count })}
                  sx={{
                    font: "inherit",
                    fontWeight: 700,
                    width: 44,
                    height: 44,
                    borderRadius: 1,
                    cursor: "pointer",
                    border: "1px solid var(--ash-text)",
                    bgcolor: count > 0 ? "var(--moss-text)" : "transparent",
                    color: count > 0 ? "var(--paper)" : "var(--text)",
                    "&:focus-visible": { outline: "3px solid var(--ember)", outlineOffset: 1 },
                  }}
                >
                  {count}
                </Box>
              );
            })}
          </Box>
          <NumberInput
            label={say.row({ rowName: rowName(row) })}
            size="small"
            value={cells.reduce((sum, cell) => sum + (counts[sowing.cells.indexOf(cell)] ?? 0), 0)}
            onNumber={(value) => setRow(at, Math.round(value))}
            sx={{ width: 84 }}
          />
        </Box>
      ))}
    </FormDialog>
  );
}

/** Seedlings that were potted on together; more in a pot are not counted one by one. */
const MOST_POTTED = 9;
