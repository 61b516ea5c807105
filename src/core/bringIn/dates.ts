import type { DayNumber } from "../calendar";
import { fact, type Fact } from "../facts";
import { DateOrderEvidence, dayFrom, readRawDate } from "../weatherFiles";
import type { Table } from "./table";

/** The days of a table's rows; null where a cell holds none. */
export interface Dates {
  days: (DayNumber | null)[];
  notes: Fact[];
}

/** The dates of a column, all read in one order of day and month; or why they cannot be. */
export function datesIn({ rows }: Table, column: number): Dates | { problem: Fact } {
  const evidence = new DateOrderEvidence();
  const raw = rows.map(({ cells }) => readRawDate(cells[column] ?? ""));
  let [dayFirstLine, monthFirstLine] = [0, 0];
  raw.forEach((date, at) => {
    if (!date) return;
    evidence.see(date);
    const line = rows[at]?.line ?? 0;
    if (date.settled) return;
    const [dayFirst, monthFirst] = [dayFrom(date, true), dayFrom(date, false)];
    if (dayFirst !== null && monthFirst === null) dayFirstLine ||= line;
    if (monthFirst !== null && dayFirst === null) monthFirstLine ||= line;
  });
  if (evidence.isMixed()) {
    return { problem: fact("bringIn.mixedDates", { dayFirstLine, monthFirstLine }) };
  }
  const order = evidence.order();
  return {
    days: raw.map((date) => date && dayFrom(date, order !== "monthFirst")),
    notes: order === null ? [fact("bringIn.datesReadDayFirst")] : [],
  };
}
