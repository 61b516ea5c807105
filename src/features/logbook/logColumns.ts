import type { ColumnDef, SortingFn } from "@tanstack/react-table";
import { logbook as say } from "@/words/en/logbook";
import type { LogRow } from "./rows";

/** How wide each column stands; what is left goes to the last. */
export const COLUMN_WIDTHS: Readonly<Record<string, string | Record<string, number>>> = {
  day: { md: 104, lg: 124 },
  kind: { md: 100, lg: 124 },
  subject: "20%",
  place: "12%",
  amount: "13%",
  note: "auto",
};

/** Bed 10 comes after Bed 9, and letters with accents among their own. */
const COLLATOR = new Intl.Collator("en", { numeric: true, sensitivity: "base" });

const byWords: SortingFn<LogRow> = (a, b, column) =>
  COLLATOR.compare(a.getValue<string>(column), b.getValue<string>(column));

/** What the logbook's table can be sorted by and show. */
export const LOG_COLUMNS: readonly ColumnDef<LogRow>[] = [
  {
    id: "day",
    header: say.day,
    accessorFn: (row) => row.day,
    sortDescFirst: true,
    enableHiding: false,
  },
  { id: "kind", header: say.item, accessorFn: (row) => row.kind, sortingFn: byWords },
  { id: "subject", header: say.crop, accessorFn: (row) => row.subject, sortingFn: byWords },
  { id: "place", header: say.where, accessorFn: (row) => row.place, sortingFn: byWords },
  { id: "amount", header: say.howMuch, accessorFn: (row) => row.size, sortDescFirst: true },
  { id: "note", header: say.note, accessorFn: (row) => row.note, sortingFn: byWords },
];
