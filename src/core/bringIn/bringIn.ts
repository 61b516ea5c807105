import type { DayNumber } from "../calendar";
import { fact, type Fact } from "../facts";
import type { TableKind } from "./columns";
import { datesIn } from "./dates";
import { readHarvest, readLogged, readSowing, readTemperature } from "./logRows";
import { readPlanting } from "./plantingRows";
import { Row, type Brought, type Context, type NotBrought } from "./row";
import { rowIds } from "./rowIds";
import { readSeed } from "./seedRows";

/**
 * Reads the rows of a table as what they are: harvests, sowings and temperatures for the log, seed for the
 * box, plantings for the plan. Every line is either ready or left with a reason; nothing is guessed.
 * A row that was brought in before is there already, whatever file it comes in.
 */
export function broughtIn(kind: TableKind, context: Context): Brought | NotBrought {
  const { table, columns } = context;
  const ids = rowIds(table);
  const found: Brought = { entries: [], plantings: [], seedLots: [], left: [], notes: [] };
  let days: (DayNumber | null)[] = table.rows.map(() => null);
  if (columns.date !== undefined) {
    const dates = datesIn(table, columns.date);
    if ("problem" in dates) return dates;
    days = dates.days;
    found.notes.push(...dates.notes);
  }
  table.rows.forEach(({ line, cells }, at) => {
    const row = new Row(context, ids.get(line) ?? "", cells, days[at] ?? null);
    const problem = row.isFromHere() ? fact("bringIn.thereAlready") : READERS[kind](row, found);
    if (problem) found.left.push({ line, reason: problem });
  });
  return found;
}

type Reader = (row: Row, found: Brought) => Fact | null;

const READERS: Record<TableKind, Reader> = {
  harvests: readHarvest,
  sowings: readSowing,
  temperatures: readTemperature,
  seeds: readSeed,
  plantings: readPlanting,
  log: readLogged,
};
