"use client";

import {
  getCoreRowModel,
  getSortedRowModel,
  useReactTable,
  type ColumnDef,
  type RowSelectionState,
  type SortingFn,
  type SortingState,
  type Table,
  type VisibilityState,
} from "@tanstack/react-table";
import { useState } from "react";

/** How a column is put in order: its words by the alphabet, its numbers by size, its days by date. */
export type Order = "words" | "number" | "day";

/** Bed 10 comes after Bed 9, and letters with accents among their own. */
const COLLATOR = new Intl.Collator("en", { numeric: true, sensitivity: "base" });

interface Column<Row> {
  id: string;
  title: string;
  order: Order;
  value: (row: Row) => string | number;
  /** What a table makes no sense without. */
  alwaysShown?: boolean;
}

/** A column that can be sorted by, and left out. */
export function column<Row>({ id, title, order, value, alwaysShown }: Column<Row>): ColumnDef<Row> {
  const byWords: SortingFn<Row> = (a, b) =>
    COLLATOR.compare(String(value(a.original)), String(value(b.original)));
  return {
    id,
    header: title,
    accessorFn: value,
    enableHiding: alwaysShown !== true,
    meta: { order },
    // The latest and the most are looked for first; words begin with A.
    ...(order === "words" ? { sortingFn: byWords } : { sortDescFirst: true }),
  };
}

export function orderOf<Row>({ meta }: ColumnDef<Row>): Order {
  return (meta as { order?: Order } | undefined)?.order ?? "words";
}

/**
 * A table whose rows are sorted and marked, and whose columns are chosen.
 *
 * @param start what it is sorted by at first
 */
export function useTable<Row>(
  rows: readonly Row[],
  columns: readonly ColumnDef<Row>[],
  rowId: (row: Row) => string,
  start: SortingState,
): Table<Row> {
  const [sorting, setSorting] = useState<SortingState>(start);
  const [columnVisibility, setColumnVisibility] = useState<VisibilityState>({});
  const [rowSelection, setRowSelection] = useState<RowSelectionState>({});
  // eslint-disable-next-line react-hooks/incompatible-library -- nothing here is memoised by a compiler
  return useReactTable({
    data: rows as Row[],
    columns: columns as ColumnDef<Row>[],
    state: { sorting, columnVisibility, rowSelection },
    onSortingChange: setSorting,
    onColumnVisibilityChange: setColumnVisibility,
    onRowSelectionChange: setRowSelection,
    getRowId: rowId,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
}
