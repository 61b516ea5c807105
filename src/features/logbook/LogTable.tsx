"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import type { Row } from "@tanstack/react-table";
import { useVirtualizer } from "@tanstack/react-virtual";
import { useEffect, useLayoutEffect, useRef, useState } from "react";
import { flushSync } from "react-dom";
import type { DayNumber } from "@/core/calendar";
import type { LogEntry } from "@/core/log";
import { useOneTabStop } from "@/ui/oneTabStop";
import { MARK, NARROW, TableTools, TitleCells, useTable } from "@/ui/table";
import { useWording } from "@/ui/wording";
import { COLUMN_WIDTHS, LOG_COLUMNS } from "./logColumns";
import type { LogRow } from "./rows";
import { logbook as say } from "@/words/en/logbook";
import { tables as sayOfTables } from "@/words/en/tables";

interface Props {
  rows: readonly LogRow[];
  today: DayNumber;
  /** What scrolls around the table; null until it is there. */
  scroller: HTMLElement | null;
  onEdit: (entry: LogEntry) => void;
  onRemove: (rows: LogRow[]) => void;
}

/** A row's height before it is measured, and rows drawn beyond the screen. */
const USUAL_ROW_PX = 48;
const OVERSCAN = 12;
/** The titles stay over their columns, at the very top: over the padding of what scrolls. */
const STICKY = { position: "sticky", top: "-14px", zIndex: 1, bgcolor: "var(--paper)" } as const;
const CELL = { fontSize: 15, py: 0.75, px: 1, borderColor: "var(--line)" } as const;
const TITLE = { ...CELL, ...STICKY };
const LATEST_FIRST = [{ id: "day", desc: true }];
const keyOf = (row: LogRow) => row.key;
/** The entries, the latest first; of thousands only those are drawn that are on the screen. */
export function LogTable({ rows: unsorted, today, scroller, onEdit, onRemove }: Props) {
  const model = useTable(unsorted, LOG_COLUMNS, keyOf, LATEST_FIRST);
  const rows = model.getRowModel().rows;
  const body = useOneTabStop("tr");
  const table = useRef<HTMLTableElement>(null);
  const [offsetPx, setOffsetPx] = useState(0);
  // What stands over the table is as high as the words in it.
  useLayoutEffect(() => {
    const own = table.current;
    if (!own || !scroller) return;
    const top = own.getBoundingClientRect().top - scroller.getBoundingClientRect().top;
    setOffsetPx(top + scroller.scrollTop);
  }, [scroller, rows.length]);
  const printing = usePrinting();
  // eslint-disable-next-line react-hooks/incompatible-library -- nothing here is memoised by a compiler
  const virtualizer = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller,
    estimateSize: () => USUAL_ROW_PX,
    getItemKey: (index) => rows[index]?.id ?? index,
    overscan: OVERSCAN,
    scrollMargin: offsetPx,
  });
  if (rows.length === 0) {
    return <Box sx={{ mt: 2, fontSize: 16 }}>{say.noMatchingEntries}</Box>;
  }
  const shownColumns = model
    .getVisibleLeafColumns()
    .map(({ id }) => id)
    .join(" ");
  const drawn = virtualizer.getVirtualItems();
  const shown = printing ? rows.map((row, index) => ({ index, key: row.id })) : drawn;
  const before = (drawn[0]?.start ?? offsetPx) - offsetPx;
  const after = virtualizer.getTotalSize() - ((drawn.at(-1)?.end ?? offsetPx) - offsetPx);
  return (
    <>
      <TableTools table={model} onRemove={onRemove} />
      <Table
        ref={table}
        size="small"
        aria-label={say.entries}
        aria-rowcount={rows.length + 1}
        sx={{
          mt: 1.5,
          ...NARROW.table,
          // Other rows come as one scrolls: the columns stay where they are.
          tableLayout: "fixed",
        }}
      >
        <TableHead sx={NARROW.head}>
          <TableRow aria-rowindex={1}>
            <TitleCells table={model} cell={TITLE} widths={COLUMN_WIDTHS} />
            <TableCell component="td" sx={{ ...CELL, ...STICKY, width: { md: 96, lg: 164 } }} />
          </TableRow>
        </TableHead>
        <TableBody ref={body} sx={NARROW.body}>
          {!printing && <Space heightPx={before} />}
          {shown.map(({ index, key }) => {
            const row = rows[index];
            return (
              row && (
                <EntryRow
                  key={key}
                  {...{ row, index, today, onEdit, onRemove }}
                  isChosen={row.getIsSelected()}
                  columns={shownColumns}
                  measure={virtualizer.measureElement}
                />
              )
            );
          })}
          {!printing && <Space heightPx={after} />}
        </TableBody>
      </Table>
    </>
  );
}

/** Whether the page is being printed: paper has room for all of it. */
function usePrinting(): boolean {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    const set = (on: boolean) => () => flushSync(() => setPrinting(on));
    const [onBefore, onAfter] = [set(true), set(false)];
    window.addEventListener("beforeprint", onBefore);
    window.addEventListener("afterprint", onAfter);
    return () => {
      window.removeEventListener("beforeprint", onBefore);
      window.removeEventListener("afterprint", onAfter);
    };
  }, []);
  return printing;
}

/** Stands for the rows that are not drawn. */
function Space({ heightPx }: { heightPx: number }) {
  if (heightPx <= 0) return null;
  return (
    <Box component="tr" aria-hidden sx={{ display: { xs: "block", md: "table-row" } }}>
      <Box
        component="td"
        colSpan={8}
        style={{ height: heightPx }}
        sx={{ p: 0, border: 0, display: { xs: "block", md: "table-cell" } }}
      />
    </Box>
  );
}

interface RowProps extends Omit<Props, "rows" | "scroller"> {
  row: Row<LogRow>;
  isChosen: boolean;
  /** Which columns are shown, by their names: what changes it draws the row anew. */
  columns: string;
  /** Its place among all, from 0. */
  index: number;
  measure: (element: Element | null) => void;
}

function EntryRow({ row: chosen, isChosen, columns, index, today, measure, ...rest }: RowProps) {
  const wording = useWording();
  const { onEdit, onRemove } = rest;
  const { original: row } = chosen;
  const { entry } = row;
  const shows = (column: string) => columns.split(" ").includes(column);
  const name = `${row.kind} ${row.subject || row.place}, ${wording.shortDate(row.day)}`;
  const days = today - row.day;
  return (
    <TableRow ref={measure} data-index={index} aria-rowindex={index + 2} sx={NARROW.row}>
      <TableCell sx={{ ...CELL, ...MARK, ...NARROW.mark }}>
        <Checkbox
          checked={isChosen}
          onChange={chosen.getToggleSelectedHandler()}
          slotProps={{ input: { "aria-label": sayOfTables.choose({ name }) } }}
        />
      </TableCell>
      <TableCell
        component="th"
        scope="row"
        className="tabular"
        sx={{ ...CELL, ...NARROW.cell, whiteSpace: "nowrap" }}
        title={days === 0 ? "today" : say.daysAgo({ days })}
      >
        {wording.narrowDate(row.day)}
      </TableCell>
      {shows("kind") && (
        <TableCell sx={{ ...CELL, ...NARROW.cell, fontWeight: 600 }}>{row.kind}</TableCell>
      )}
      {shows("subject") && <TableCell sx={{ ...CELL, ...NARROW.cell }}>{row.subject}</TableCell>}
      {shows("place") && (
        <TableCell sx={{ ...CELL, ...NARROW.cell }}>
          {row.place === row.subject ? "" : row.place}
        </TableCell>
      )}
      {shows("amount") && (
        <TableCell className="tabular" sx={{ ...CELL, ...NARROW.cell }}>
          {row.amount}
        </TableCell>
      )}
      {shows("note") && (
        <TableCell
          sx={{ ...CELL, ...NARROW.cell, color: "var(--ash-text)", overflowWrap: "anywhere" }}
        >
          {row.note}
          {row.writer !== "" && (
            <Box component="span" sx={{ display: "block", fontSize: 13.5 }}>
              {say.writtenOn({ writer: row.writer })}
            </Box>
          )}
        </TableCell>
      )}
      <TableCell
        sx={{
          ...CELL,
          ...NARROW.cell,
          whiteSpace: { xs: "nowrap", md: "normal", lg: "nowrap" },
          textAlign: { md: "right" },
        }}
      >
        {entry && (
          <Button
            size="small"
            color="inherit"
            aria-label={say.edit2({ name })}
            onClick={() => onEdit(entry)}
          >
            {say.edit}
          </Button>
        )}
        <Button
          size="small"
          color="inherit"
          aria-label={say.remove2({ name })}
          onClick={() => onRemove([row])}
        >
          {say.remove}
        </Button>
      </TableCell>
    </TableRow>
  );
}
