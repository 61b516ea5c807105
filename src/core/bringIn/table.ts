import Papa from "papaparse";
import { fact, type Fact } from "../facts";

/** A table as it was read: its head, and its rows with the lines they stand on. */
export interface Table {
  headings: string[];
  rows: { line: number; cells: string[] }[];
}

/** More rows than these are no grower's table. */
const MOST_ROWS = 5000;

/** A cell without the apostrophe that kept a spreadsheet from reckoning it. */
function plainCell(cell: string): string {
  return cell.trim().replace(/^'(?=[-=+@])/, "");
}

/** Reads a table with a head; whatever stands between its cells. */
export function readTable(text: string): Table | { problem: Fact } {
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, ""), { skipEmptyLines: false });
  // What follows a quotation mark that is never closed is one cell, to the end of the file.
  const open = parsed.errors.find(({ code }) => code === "MissingQuotes");
  if (open) return { problem: fact("bringIn.openQuote", { line: (open.row ?? 0) + 1 }) };
  const lines = parsed.data
    .map((cells, at) => ({ line: at + 1, cells: cells.map(plainCell) }))
    .filter(({ cells }) => cells.some((cell) => cell !== ""));
  const [head, ...rows] = lines;
  if (!head || rows.length === 0) return { problem: fact("bringIn.noTable") };
  if (head.cells.length < 2) return { problem: fact("bringIn.oneColumn") };
  if (rows.length > MOST_ROWS) return { problem: fact("bringIn.tooManyRows", { most: MOST_ROWS }) };
  return { headings: head.cells, rows };
}
