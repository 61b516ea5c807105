"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { useState } from "react";
import type { DayNumber } from "@/core/calendar";
import type { LogEntry } from "@/core/log";
import type { LocalWording } from "@/ui/wording";
import type { LogRow } from "./rows";

interface Props {
  rows: readonly LogRow[];
  wording: LocalWording;
  today: DayNumber;
  onEdit: (entry: LogEntry) => void;
  onRemove: (row: LogRow) => void;
}

const SHOWN_AT_ONCE = 100;
const CELL = { fontSize: 15, py: 0.75, px: 1, borderColor: "var(--line)" } as const;
/** On a phone a row stands as a small block instead of running out of the screen. */
const NARROW = { display: { xs: "block", sm: "table-cell" }, border: { xs: 0, sm: undefined } };

/** The entries, the latest first. */
export function LogTable({ rows, wording, today, onEdit, onRemove }: Props) {
  const [shown, setShown] = useState(SHOWN_AT_ONCE);
  if (rows.length === 0) {
    return <Box sx={{ mt: 2, fontSize: 16 }}>No entry has all of this.</Box>;
  }
  return (
    <>
      <Table
        size="small"
        aria-label="Entries"
        sx={{ mt: 1.5, display: { xs: "block", sm: "table" } }}
      >
        <TableHead sx={{ display: { xs: "none", sm: "table-header-group" } }}>
          <TableRow>
            {["Day", "What", "Crop", "Where", "How much", "Note"].map((title) => (
              <TableCell key={title} sx={{ ...CELL, fontWeight: 700 }}>
                {title}
              </TableCell>
            ))}
            <TableCell component="td" sx={CELL} />
          </TableRow>
        </TableHead>
        <TableBody sx={{ display: { xs: "block", sm: "table-row-group" } }}>
          {rows.slice(0, shown).map((row) => (
            <EntryRow
              key={row.key}
              row={row}
              wording={wording}
              today={today}
              onEdit={onEdit}
              onRemove={onRemove}
            />
          ))}
        </TableBody>
      </Table>
      {rows.length > shown && (
        <Button color="inherit" onClick={() => setShown(shown + SHOWN_AT_ONCE)} sx={{ mt: 1 }}>
          {Math.min(SHOWN_AT_ONCE, rows.length - shown)} more
        </Button>
      )}
    </>
  );
}

function EntryRow({
  row,
  wording,
  today,
  onEdit,
  onRemove,
}: Omit<Props, "rows"> & { row: LogRow }) {
  const { entry } = row;
  const name = `${row.kind} ${row.subject || row.place}, ${wording.shortDate(row.day)}`;
  const days = today - row.day;
  return (
    <TableRow
      sx={{
        display: { xs: "block", sm: "table-row" },
        borderBottom: { xs: "1px solid var(--line)", sm: 0 },
        py: { xs: 0.75, sm: 0 },
      }}
    >
      <TableCell
        component="th"
        scope="row"
        className="tabular"
        sx={{ ...CELL, ...NARROW, whiteSpace: "nowrap" }}
        title={days === 0 ? "today" : `${days} days ago`}
      >
        {wording.narrowDate(row.day)}
      </TableCell>
      <TableCell sx={{ ...CELL, ...NARROW, fontWeight: 600 }}>{row.kind}</TableCell>
      <TableCell sx={{ ...CELL, ...NARROW }}>{row.subject}</TableCell>
      <TableCell sx={{ ...CELL, ...NARROW }}>
        {row.place === row.subject ? "" : row.place}
      </TableCell>
      <TableCell className="tabular" sx={{ ...CELL, ...NARROW }}>
        {row.amount}
      </TableCell>
      <TableCell sx={{ ...CELL, ...NARROW, color: "var(--ash-text)", overflowWrap: "anywhere" }}>
        {row.note}
      </TableCell>
      <TableCell sx={{ ...CELL, ...NARROW, whiteSpace: "nowrap", textAlign: { sm: "right" } }}>
        {entry && (
          <Button
            size="small"
            color="inherit"
            aria-label={`Edit ${name}`}
            onClick={() => onEdit(entry)}
          >
            Edit…
          </Button>
        )}
        <Button
          size="small"
          color="inherit"
          aria-label={`Remove ${name}`}
          onClick={() => onRemove(row)}
        >
          Remove
        </Button>
      </TableCell>
    </TableRow>
  );
}
