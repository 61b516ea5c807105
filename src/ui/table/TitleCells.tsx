"use client";

import Box from "@mui/material/Box";
import Checkbox from "@mui/material/Checkbox";
import TableCell from "@mui/material/TableCell";
import TableSortLabel from "@mui/material/TableSortLabel";
import type { SxProps } from "@mui/material/styles";
import type { Table } from "@tanstack/react-table";
import { tables as say } from "@/words/en/tables";

/** On paper nothing is marked and nothing sorted. */
export const ON_SCREEN = { "@media print": { display: "none" } } as const;

/** A box to mark a row by, as large as a finger within a narrow column. */
export const MARK = {
  ...ON_SCREEN,
  p: 0,
  "& > .MuiCheckbox-root": { m: "-2px -2px -2px -11px", minWidth: 44, minHeight: 44 },
} as const;

interface Props<Row> {
  table: Table<Row>;
  cell: Readonly<Record<string, unknown>>;
  widths?: Readonly<Record<string, unknown>>;
}

/** The titles over a table's columns: a box that marks all, and each title sorts by its column. */
export function TitleCells<Row>({ table, cell, widths = {} }: Props<Row>) {
  return (
    <>
      <TableCell sx={{ ...cell, ...MARK, width: 40 } as SxProps}>
        <Checkbox
          checked={table.getIsAllRowsSelected()}
          indeterminate={table.getIsSomeRowsSelected()}
          onChange={table.getToggleAllRowsSelectedHandler()}
          slotProps={{ input: { "aria-label": say.chooseAll } }}
        />
      </TableCell>
      {table.getFlatHeaders().map(({ column }) => {
        const way = column.getIsSorted();
        const title = String(column.columnDef.header);
        return (
          <TableCell
            key={column.id}
            sortDirection={way}
            sx={{ ...cell, width: widths[column.id], fontWeight: 700 } as SxProps}
          >
            <Box component="span" sx={{ display: "none", "@media print": { display: "inline" } }}>
              {title}
            </Box>
            <TableSortLabel
              sx={ON_SCREEN}
              active={way !== false}
              direction={way || column.getFirstSortDir()}
              onClick={column.getToggleSortingHandler()}
            >
              {title}
            </TableSortLabel>
          </TableCell>
        );
      })}
    </>
  );
}
