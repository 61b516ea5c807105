import { table } from "../table";

/** What tables say that can be sorted, and whose rows can be marked. */
export const tables = table({
  sortBy: "Sort by",
  sorted: ({
    column,
    isDown,
    isNumber,
    isDay,
  }: {
    column: string;
    isDown: boolean;
    isNumber: boolean;
    isDay: boolean;
  }) => {
    if (isDay) return `${column}: ${isDown ? "latest first" : "earliest first"}`;
    if (isNumber) return `${column}: ${isDown ? "most first" : "least first"}`;
    return `${column}: ${isDown ? "Z to A" : "A to Z"}`;
  },
  columns: "Columns",
  choose: ({ name }: { name: string }) => `Mark ${name}`,
  chooseAll: "Mark all",
  chosen: ({ count }: { count: number }) => `${count} marked`,
  removeChosen: ({ count }: { count: number }) => `Remove ${count}`,
  chooseNone: "Unmark all",
});
