import { fact, type Fact } from "../facts";
/**
 * A tray's grid from its cells and how many stand in a row.
 *
 * @returns the rows, or a sentence when the cells do not make whole rows
 *
 * @example trayGrid(72, 6) // { columns: 6, rows: 12 }
 */
export function trayGrid(cells: number, columns: number): { columns: number; rows: number } | Fact {
  if (!Number.isInteger(cells) || cells < 1) return fact("trays.sayHowManyCellsTheTrayHas");
  if (!Number.isInteger(columns) || columns < 1) return fact("trays.sayHowManyCellsStandInARow");
  if (cells % columns === 0) return { columns, rows: cells / columns };
  const fitting = divisors(cells);
  const words =
    fitting.length > 1
      ? fact("trays.cellsCanStandInRowsOfOr", {
          cells,
          slice: fitting.slice(0, -1).join(", "),
          at: fitting.at(-1),
        })
      : fact("trays.cellsMakeOnlyRowsOf1Or", { cells });
  return fact("trays.cellsDoNotMakeWholeRowsOf", { cells, columns, words });
}

const WIDEST_ROW = 30;

function divisors(cells: number): number[] {
  return Array.from({ length: Math.min(WIDEST_ROW, cells) }, (_, index) => index + 1).filter(
    (width) => cells % width === 0 && width > 1 && width < cells,
  );
}
